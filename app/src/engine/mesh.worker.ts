import { transfer } from 'comlink';
import { exposeApi } from './exposeApi';
import type { MeshDeskApi } from './meshClient';
import type { Painted } from './meshDesk';
import { createMeshDesk } from './meshDesk';

const desk = createMeshDesk();

const engine: MeshDeskApi = {
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

exposeApi(engine);
