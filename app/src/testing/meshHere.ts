import { createMeshApi } from '../workers/mesh/meshApi';
import type { MeshAsk } from '../workers/mesh/meshApi';

const desk = createMeshApi();
const open = async (ask: MeshAsk, file: Blob) => desk.open(ask, new Uint8Array(await file.arrayBuffer()));

/** The mesh desk without its worker. Stands in for `meshClient` where there are no workers. */
export const getMeshApi = () =>
  Object.fromEntries(
    Object.entries({ ...desk, open }).map(([name, call]) => [
      name,
      (...args: never[]) => Promise.resolve((call as (...given: never[]) => unknown)(...args)),
    ]),
  );
export const stopMeshWorker = (): void => undefined;
export const tellFromWorker = (tell: (share: number) => void): ((share: number) => void) => tell;
