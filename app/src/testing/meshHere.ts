import { createMeshDesk } from '../engine/meshDesk';
import type { MeshAsk } from '../engine/meshDesk';

const desk = createMeshDesk();
const open = async (ask: MeshAsk, file: Blob) => desk.open(ask, new Uint8Array(await file.arrayBuffer()));

/** The mesh desk without its worker. Stands in for `meshClient` where there are no workers. */
export const getMeshDesk = () =>
  Object.fromEntries(
    Object.entries({ ...desk, open }).map(([name, call]) => [
      name,
      (...args: never[]) => Promise.resolve((call as (...given: never[]) => unknown)(...args)),
    ]),
  );
export const stopMeshDesk = (): void => undefined;
export const tellFromWorker = (tell: (share: number) => void): ((share: number) => void) => tell;
