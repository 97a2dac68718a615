import { transfer } from 'comlink';
import { exposeApi } from '../exposeApi';
import type { MeshWorkerApi } from './meshClient';
import type { Painted } from './meshApi';
import { createMeshApi } from './meshApi';

const desk = createMeshApi();

const api: MeshWorkerApi = {
  ...desk,
  open: async (ask, file) => {
    const outcome = desk.open(ask, new Uint8Array(await file.arrayBuffer()));
    if (outcome.kind !== 'opened') return outcome;
    return transfer(outcome, [outcome.drawing.corners.buffer, outcome.drawing.lines.buffer, outcome.colours.buffer]);
  },
  recess: (...given) => handOver(desk.recess(...given)),
  walls: (...given) => handOver(desk.walls(...given)),
};

function handOver<Cast>(painted: Painted<Cast> | null): Painted<Cast> | null {
  return painted && transfer(painted, [painted.colours.buffer]);
}

exposeApi(api);
