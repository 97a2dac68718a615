import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shapeMesh } from '../../weather/places/shapeMesh';
import type { Mesh } from '../mesh/mesh';
import { drawMeshPicture } from './meshPicture';
import { SHAPES } from '../measure/shapes';

const UP = [0, 0, 1] as const;
/** Pixels that show something. */
const inked = (light: Uint8Array): number => light.reduce((sum, value) => sum + (value > 0 ? 1 : 0), 0);
const facet = (z: number, side: number): Mesh => ({
  positions: Float32Array.of(-side, 0, z, side, 0, z, 0, side, z),
  indices: Uint32Array.of(0, 1, 2),
});

describe('a mesh drawn small', () => {
  it('a ball is a disc: its share of the square is that of a circle, its lit side up and to the left', () => {
    const { light, pixels } = drawMeshPicture(shapeMesh('ball', [40, 40, 40]), UP, 200);
    // π ÷ 4 of a square of 0.88 of the side; half a pixel more all round, since slivers at the rim are drawn by their sides.
    const disc = (across: number): number => (Math.PI / 4) * across ** 2;
    expect(inked(light)).toBeGreaterThan(disc(0.88 * pixels) - 200);
    expect(inked(light)).toBeLessThan(disc(0.88 * pixels + 1) + 200);
    const at = (x: number, y: number): number => light[Math.round(y * pixels) * pixels + Math.round(x * pixels)] ?? 0;
    expect(at(0.35, 0.3)).toBeGreaterThan(at(0.65, 0.7) + 60);
    expect(at(0.02, 0.02)).toBe(0);
  });
  it('what stands nearer hides what stands behind it, in whatever order they come', () => {
    const both = (first: Mesh, second: Mesh): Mesh => ({
      positions: Float32Array.of(...first.positions, ...second.positions),
      indices: Uint32Array.of(0, 1, 2, 3, 4, 5),
    });
    const [near, far] = [facet(10, 20), facet(-10, 20)];
    expect(drawMeshPicture(both(near, far), UP, 64).light).toEqual(drawMeshPicture(both(far, near), UP, 64).light);
  });
  it('every shape fills the frame and stays within it, whatever its size and way up (property)', () => {
    const side = fc.double({ min: 0.5, max: 400, noNaN: true });
    const axis = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...SHAPES.map(({ id }) => id)), side, side, side, axis, axis, axis, (shape, x, y, z, ux, uy, uz) => {
        fc.pre(Math.hypot(ux, uy, uz) > 0.1);
        const { light, pixels } = drawMeshPicture(shapeMesh(shape, [x, y, z]), [ux, uy, uz], 48);
        expect(inked(light)).toBeGreaterThan(0);
        for (let at = 0; at < pixels; at += 1)
          expect([light[at], light[(pixels - 1) * pixels + at], light[at * pixels], light[at * pixels + pixels - 1]]).toEqual([0, 0, 0, 0]);
      }),
      { seed: 11, numRuns: 60 },
    );
  });
  it('nothing, a point, or numbers that are none give an empty picture; a side out of range is refused', () => {
    const empty = { positions: new Float32Array(0), indices: new Uint32Array(0) };
    expect(inked(drawMeshPicture(empty, UP, 32).light)).toBe(0);
    expect(inked(drawMeshPicture({ positions: new Float32Array(9), indices: Uint32Array.of(0, 1, 2) }, UP, 32).light)).toBe(0);
    expect(inked(drawMeshPicture({ ...facet(0, 5), positions: new Float32Array(9).fill(NaN) }, UP, 32).light)).toBe(0);
    expect(() => drawMeshPicture(empty, UP, 4)).toThrow(RangeError);
  });
});
