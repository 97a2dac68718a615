import { SphereGeometry } from 'three';
import { describe, expect, it } from 'vitest';
import { measureFacets } from '../../surface/mesh/facetGeometry';
import { findEdges } from '../../surface/mesh/meshEdges';
import { meshOf } from '../../surface/testing/threeMesh';
import { SHAPES } from '../../surface/measure/shapes';
import { gatherFields, USUAL_SETUP, zoneShares } from '../field/weatherFields';
import { shapeMesh } from '../places/shapeMesh';
import { crate } from '../testing/solids';
import { drawSurface, halveLongEdges } from './drawnSurface';

describe('the drawn surface', () => {
  const solid = crate();
  const fields = gatherFields(solid, { ...USUAL_SETUP, points: 20_000 });
  const drawn = drawSurface(fields.mesh, fields);
  it('halves long edges without opening cracks, and keeps the area', () => {
    const fine = halveLongEdges(solid, 4, 200_000);
    expect(findEdges(fine).openEdges).toBe(0);
    expect(measureFacets(fine).areaSquareMillimetres).toBeCloseTo(measureFacets(solid).areaSquareMillimetres, 0);
    expect(halveLongEdges(solid, 0.01, 5000).indices.length / 3).toBeLessThan(20_000);
  });
  it('carries the fields to every corner, near what the points say', () => {
    expect(drawn.facets).toBeGreaterThan(5000);
    expect(drawn.positions.length).toBe(drawn.facets * 9);
    const mean = (from: ArrayLike<number>, step: number, offset: number, scale: number): number => {
      let [sum, area] = [0, 0];
      for (let facet = 0; facet < drawn.facets; facet += 1) {
        const p = (at: number): number => drawn.positions[facet * 9 + at] ?? 0;
        const [ux, uy, uz, vx, vy, vz] = [p(3) - p(0), p(4) - p(1), p(5) - p(2), p(6) - p(0), p(7) - p(1), p(8) - p(2)];
        const own = Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx) / 2;
        for (let corner = 0; corner < 3; corner += 1) sum += ((own / 3) * (from[(facet * 3 + corner) * step + offset] ?? 0)) / scale;
        area += own;
      }
      return sum / area;
    };
    const ofPoints = (list: Float32Array): number => list.reduce((sum, value) => sum + value, 0) / list.length;
    expect(Math.abs(mean(drawn.fields, 4, 0, 255) - ofPoints(fields.covered))).toBeLessThan(0.02);
    expect(Math.abs(mean(drawn.fields, 4, 2, 255) - ofPoints(fields.rain))).toBeLessThan(0.02);
  });
  it('smooths what is curved, and keeps edges sharp', () => {
    const ball = gatherFields(meshOf(new SphereGeometry(20, 48, 32)), { ...USUAL_SETUP, points: 5000 });
    const round = drawSurface(ball.mesh, ball);
    let worst = 0;
    for (let corner = 0; corner < round.facets * 3; corner += 1) {
      const place = [0, 1, 2].map((axis) => (round.positions[corner * 3 + axis] ?? 0) / 20);
      const normal = [0, 1, 2].map((axis) => (round.normals[corner * 3 + axis] ?? 0) / 127);
      worst = Math.max(
        worst,
        Math.acos(
          Math.min(
            1,
            place.reduce((sum, value, axis) => sum + value * (normal[axis] ?? 0), 0),
          ),
        ),
      );
    }
    expect((worst * 180) / Math.PI).toBeLessThan(12);
    const sharp = new Set(
      Array.from({ length: drawn.facets * 3 }, (_, corner) => drawn.normals.subarray(corner * 3, corner * 3 + 3).join()),
    );
    expect(sharp.size).toBe(6);
  });
});

describe('a part without a mesh', () => {
  it.each(SHAPES.map(({ id }) => id))('stands in as a closed %s of its size', (id) => {
    const mesh = shapeMesh(id, [60, 40, 20]);
    expect(findEdges(mesh).openEdges).toBe(0);
    const { boundingBox, isInsideOut } = measureFacets(mesh);
    expect(isInsideOut).toBe(false);
    [60, 40, 20].forEach((side, axis) => expect((boundingBox.max[axis] ?? 0) - (boundingBox.min[axis] ?? 0)).toBeCloseTo(side, 3));
    expect(zoneShares(gatherFields(mesh, { ...USUAL_SETUP, points: 3000 })).top).toBeGreaterThan(0.05);
  });
  it('of no size is told', () => expect(() => shapeMesh('box', [0, 1, 1])).toThrow(RangeError));
});
