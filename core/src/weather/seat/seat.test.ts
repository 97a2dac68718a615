import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Vector } from '../../surface/mesh/vector';
import { unit } from '../../surface/mesh/vector';
import type { Seat } from './seat';
import { boxInProp, fromProp, offsetOnTop, pinsFromOthers, toProp } from './seat';

const AS_IN_FILE: Seat = { up: [0, 0, 1], turnDegrees: 0, offset: [0, 0, 0] };
const number = fc.double({ min: -300, max: 300, noNaN: true });
const vector = fc.tuple(number, number, number);
const seat: fc.Arbitrary<Seat> = fc.record({
  up: vector.filter((up) => Math.hypot(...up) > 1),
  turnDegrees: number,
  offset: vector,
});

function expectNear(one: Vector, other: Vector): void {
  for (const axis of [0, 1, 2]) expect(one[axis]).toBeCloseTo(other[axis] ?? Number.NaN, 6);
}

describe('where a part sits in its prop', () => {
  it('is as in its file where nothing else is said', () => {
    expectNear(toProp(AS_IN_FILE, [1, 2, 3]), [1, 2, 3]);
  });

  it('stands it up, turns it clockwise as seen from above, and moves it, in that order', () => {
    expectNear(toProp({ ...AS_IN_FILE, turnDegrees: 90 }, [1, 0, 0]), [0, -1, 0]);
    expectNear(toProp({ ...AS_IN_FILE, up: [0, 0, -1] }, [1, 2, 3]), [1, -2, -3]);
    expectNear(toProp({ ...AS_IN_FILE, up: [0, 5, 0] }, [0, 7, 0]), [0, 0, 7]);
    expectNear(toProp({ up: [1, 0, 0], turnDegrees: 180, offset: [10, 20, 30] }, [4, 0, 0]), [10, 20, 34]);
  });

  it('is a movement without stretching or mirroring, and leads back', () => {
    fc.assert(
      fc.property(seat, vector, vector, (given, a, b) => {
        expectNear(fromProp(given, toProp(given, a)), a);
        const [pa, pb] = [toProp(given, a), toProp(given, b)];
        expect(Math.hypot(pa[0] - pb[0], pa[1] - pb[1], pa[2] - pb[2])).toBeCloseTo(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]), 6);
        const [o, x, y, z] = (
          [
            [0, 0, 0],
            [1, 0, 0],
            [0, 1, 0],
            [0, 0, 1],
          ] as const
        ).map((place) => toProp(given, place));
        const row = (to: Vector | undefined): Vector => [0, 1, 2].map((axis) => (to?.[axis] ?? 0) - (o?.[axis] ?? 0)) as unknown as Vector;
        const [p, q, r] = [row(x), row(y), row(z)];
        const volume = p[0] * (q[1] * r[2] - q[2] * r[1]) - p[1] * (q[0] * r[2] - q[2] * r[0]) + p[2] * (q[0] * r[1] - q[1] * r[0]);
        expect(volume).toBeCloseTo(1, 6);
        // What was the part's way up is the prop's.
        const [ux, uy, uz] = unit(given.up);
        const top = toProp(given, [ux * 10, uy * 10, uz * 10]);
        expectNear(top, [given.offset[0], given.offset[1], given.offset[2] + 10]);
      }),
    );
  });
});

describe('a part on top of another', () => {
  it('stands in its middle, its foot on the other’s head, whichever way it was printed', () => {
    const below = boxInProp({ ...AS_IN_FILE, turnDegrees: 90, offset: [100, 0, 0] }, { min: [-10, -30, 0], max: [10, 30, 50] });
    expectNear(below.min, [70, -10, 0]);
    expectNear(below.max, [130, 10, 50]);
    const cap = { min: [0, 0, 0], max: [20, 20, 8] } as const;
    for (const up of [
      [0, 0, 1],
      [0, 0, -1],
      [0, 1, 0],
    ] as const) {
      const laid: Seat = { up, turnDegrees: 0, offset: offsetOnTop({ up, turnDegrees: 0 }, cap, below) };
      const box = boxInProp(laid, cap);
      expect(box.min[2]).toBeCloseTo(50, 9);
      expect(box.max[2]).toBeCloseTo(up[1] === 1 ? 70 : 58, 9);
      expect(box.min[0] + box.max[0]).toBeCloseTo(200, 9);
      expect(box.min[1] + box.max[1]).toBeCloseTo(0, 9);
    }
  });
});

describe('pins that other parts lend', () => {
  const cap = {
    seat: { ...AS_IN_FILE, up: [0, 0, -1] as const, offset: [0, 0, 100] as const },
    held: [[5, 0, 20]] as const,
    runs: [[0, 5, 30]] as const,
  };

  it('come into the axes of the part that takes them', () => {
    const lent = pinsFromOthers({ ...AS_IN_FILE, offset: [0, 0, 50] }, [cap]);
    expectNear(lent.held[0] ?? [0, 0, 0], [5, 0, 30]);
    expectNear(lent.runs[0] ?? [0, 0, 0], [0, -5, 20]);
  });

  it('are none where either part is not known to sit anywhere', () => {
    expect(pinsFromOthers(null, [cap])).toEqual({ held: [], runs: [] });
    expect(pinsFromOthers(AS_IN_FILE, [{ ...cap, seat: null }])).toEqual({ held: [], runs: [] });
  });
});
