import { describe, expect, it } from 'vitest';
import type { Mesh } from '../surface/mesh/mesh';
import { measureFacets } from '../surface/mesh/facetGeometry';
import { boxBuck, buckBeforeShrink, formSheet, meshBuck } from './formSheet';

/** A solid of revolution about z, with or without the disc it stands on: rings of radius and height. */
function turned(profile: readonly (readonly [radius: number, z: number])[], around = 96): Mesh {
  const positions: number[] = [];
  const indices: number[] = [];
  for (const [radius, z] of profile)
    for (let at = 0; at < around; at += 1)
      positions.push(radius * Math.cos((2 * Math.PI * at) / around), radius * Math.sin((2 * Math.PI * at) / around), z);
  for (let ring = 0; ring + 1 < profile.length; ring += 1)
    for (let at = 0; at < around; at += 1) {
      const [a, b] = [ring * around + at, ring * around + ((at + 1) % around)];
      const [c, d] = [a + around, b + around];
      indices.push(a, b, d, a, d, c);
    }
  return { positions: Float32Array.from(positions), indices: Uint32Array.from(indices) };
}
const DOME = Array.from({ length: 49 }, (_, nth): readonly [number, number] => {
  const angle = (nth / 48) * (Math.PI / 2);
  return [40 * Math.cos(angle), 40 * Math.sin(angle)];
});

describe('a sheet over a buck', () => {
  it('comes out at its size when it has shrunk from the buck it was drawn over', () => {
    const made = buckBeforeShrink(boxBuck(120, 90, 45), 0.5);
    expect(made.map((side) => side * (1 - 0.005))).toEqual([expect.closeTo(120, 9), expect.closeTo(90, 9), expect.closeTo(45, 9)]);
    expect(buckBeforeShrink(boxBuck(10, 20, 30), 0)).toEqual([10, 20, 30]);
  });
  it('is stretched to twice its area over a hemisphere (closed form), and left half as thick', () => {
    const formed = formSheet(meshBuck(measureFacets(turned(DOME))), 2);
    expect(formed.areaRatio).toBeCloseTo(2, 2);
    expect(formed.thinnest).toBeCloseTo(1, 2);
  });
  it('the disc a buck stands on is not drawn over', () => {
    const closed: readonly (readonly [number, number])[] = [[0, 0], ...DOME];
    expect(formSheet(meshBuck(measureFacets(turned(closed))), 2).areaRatio).toBeCloseTo(2, 2);
  });
  it('over a cylinder is stretched by 1 + 2h ÷ r (closed form)', () => {
    const cylinder = turned([[30, 0], [30, 45], [0, 45]]); // prettier-ignore
    expect(formSheet(meshBuck(measureFacets(cylinder)), 1).areaRatio).toBeCloseTo(1 + (2 * 45) / 30, 2);
  });
  it('over a box by its walls, with a sheet that leaves room for frame and draw', () => {
    const formed = formSheet(boxBuck(120, 90, 45), 2);
    expect(formed.areaRatio).toBeCloseTo((120 * 90 + 2 * 45 * 210) / (120 * 90), 12);
    expect(formed.thinnest).toBeCloseTo(2 / 2.75, 12);
    expect(formed.sheet).toEqual([215, 185]);
    expect(formed.corners).toBeLessThan(formed.thinnest);
  });
  it('keeps its volume', () => {
    const buck = boxBuck(50, 60, 70);
    const { thinnest } = formSheet(buck, 1.5);
    expect(thinnest * buck.drawnSquareMillimetres).toBeCloseTo(1.5 * buck.outlineSquareMillimetres, 6);
  });
  it('over nothing, or without a thickness, is refused', () => {
    expect(() => formSheet(boxBuck(0, 90, 45), 2)).toThrow(RangeError);
    expect(() => formSheet(boxBuck(10, 90, 45), 0)).toThrow(RangeError);
  });
});
