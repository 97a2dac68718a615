import { expose, transfer } from 'comlink';
import type { MeshAsk } from './meshDesk';
import { createMeshDesk } from './meshDesk';

const desk = createMeshDesk();

const engine = {
  ...desk,
  open: (ask: MeshAsk, bytes: Uint8Array) => {
    const outcome = desk.open(ask, bytes);
    return outcome.kind === 'opened' ? transfer(outcome, [outcome.drawing.corners.buffer, outcome.drawing.lines.buffer]) : outcome;
  },
};

expose(engine);
