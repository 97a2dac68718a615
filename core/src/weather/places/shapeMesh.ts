import type { Mesh } from '../../surface/mesh/mesh';
import type { PartSize, ShapeId } from '../../surface/measure/shapes';
import { lathe } from './lathe';

const ROUND = 96;
const ARCS = 48;

/**
 * A stand-in for a part that has no mesh: its shape, as large as it was printed, standing on z. It has no grooves and no fittings, so what gathers in
 * recesses is underrated on it.
 *
 * @throws RangeError for a side that is not above 0
 */
export function shapeMesh(shape: ShapeId, [length, breadth, height]: PartSize): Mesh {
  const sides = [length, breadth, height];
  if (!sides.every((side) => side > 0 && Number.isFinite(side))) throw new RangeError('sides must be above 0');
  const { positions, indices } = unitShape(shape);
  return { positions: positions.map((value, at) => value * (sides[at % 3] as number)), indices };
}

/** Each in a box of side 1 that stands on the ground. */
function unitShape(shape: ShapeId): Mesh {
  switch (shape) {
    case 'box':
    case 'plate':
      return BOX;
    case 'cylinder':
      return lathe(
        [
          [0, 0],
          [0.5, 0],
          [0.5, 1],
          [0, 1],
        ],
        ROUND,
      );
    case 'ball':
    case 'organic':
      return lathe(arc(-0.5 * Math.PI, ARCS, 0.5, 0.5), ROUND);
    case 'dome':
      return lathe([[0, 0], ...arc(0, ARCS / 2, 1, 0)], ROUND);
  }
}

/** An arc of a circle of radius 0.5 from an angle up to the top, stretched and lifted along z; its end lies on the axis. */
function arc(from: number, steps: number, stretch: number, lift: number): (readonly [number, number])[] {
  return Array.from({ length: steps + 1 }, (_, step) => {
    const angle = from + ((Math.PI / 2 - from) * step) / steps;
    const isOnAxis = step === steps || (step === 0 && from < 0);
    return [isOnAxis ? 0 : Math.cos(angle) / 2, lift + Math.sin(angle) * stretch] as const;
  });
}

const BOX: Mesh = {
  positions: Float32Array.of(
    -0.5,
    -0.5,
    0,
    0.5,
    -0.5,
    0,
    0.5,
    0.5,
    0,
    -0.5,
    0.5,
    0,
    -0.5,
    -0.5,
    1,
    0.5,
    -0.5,
    1,
    0.5,
    0.5,
    1,
    -0.5,
    0.5,
    1,
  ),
  indices: Uint32Array.of(0, 2, 1, 0, 3, 2, 4, 5, 6, 4, 6, 7, 0, 1, 5, 0, 5, 4, 1, 2, 6, 1, 6, 5, 2, 3, 7, 2, 7, 6, 3, 0, 4, 3, 4, 7),
};
