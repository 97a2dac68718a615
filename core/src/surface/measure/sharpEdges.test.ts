import { BoxGeometry, CylinderGeometry, ExtrudeGeometry, IcosahedronGeometry, Shape, TetrahedronGeometry, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { closeCracks } from './closeCracks';
import { measureFacets } from '../mesh/facetGeometry';
import { findSharpEdges } from '../mesh/meshEdges';
import { meshOf } from '../testing/threeMesh';

function sharpOf(geometry: Parameters<typeof meshOf>[0], degrees?: number) {
  const { mesh, edges } = closeCracks(meshOf(geometry));
  return findSharpEdges(mesh, measureFacets(mesh), edges, degrees);
}

const shape = (points: readonly (readonly [number, number])[]): Shape => new Shape(points.map(([x, y]) => new Vector3(x, y, 0)) as never);

describe('sharp edges', () => {
  it('of a box are its twelve edges, all standing out, not the diagonals of its faces', () => {
    const { convexMillimetres, concaveMillimetres } = sharpOf(new BoxGeometry(3, 4, 5, 2, 2, 2));
    expect(convexMillimetres).toBeCloseTo(4 * 12, 4);
    expect(concaveMillimetres).toBe(0);
  });
  it('of an L have one in its corner', () => {
    const l = new ExtrudeGeometry(
      shape([
        [0, 0],
        [20, 0],
        [20, 5],
        [5, 5],
        [5, 20],
        [0, 20],
      ]),
      { depth: 10, bevelEnabled: false },
    );
    const { convexMillimetres, concaveMillimetres } = sharpOf(l);
    expect(concaveMillimetres).toBeCloseTo(10, 4);
    // Both outlines of 80 mm and the five other corners of 10 mm.
    expect(convexMillimetres).toBeCloseTo(2 * 80 + 5 * 10, 3);
  });
  it.each([
    [16, 30, 0],
    [8, 30, 8],
    [8, 50, 0],
  ])('of a cylinder of %i sides at %i° count %i of its upright ones', (sides, degrees, counted) => {
    const { convexMillimetres } = sharpOf(new CylinderGeometry(10, 10, 25, sides), degrees);
    const rims = 2 * sides * 2 * 10 * Math.sin(Math.PI / sides);
    expect(convexMillimetres).toBeCloseTo(rims + counted * 25, 2);
  });
  it('of bodies with equal edges are all of them: a tetrahedron’s six, an icosahedron’s thirty', () => {
    // Edge of a tetrahedron round a ball of radius r: r · √(8/3); of an icosahedron: r / sin(2π/5).
    expect(sharpOf(new TetrahedronGeometry(6)).convexMillimetres).toBeCloseTo(6 * 6 * Math.sqrt(8 / 3), 3);
    expect(sharpOf(new IcosahedronGeometry(6)).convexMillimetres).toBeCloseTo((30 * 6) / Math.sin((2 * Math.PI) / 5), 3);
  });
});
