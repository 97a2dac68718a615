import fc from 'fast-check';
import { BoxGeometry, Matrix4, SphereGeometry, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { closeCracks } from '../measure/closeCracks';
import { measureFacets } from './facetGeometry';
import { drawMesh } from '../drawing/meshDrawing';
import { meshOf } from '../testing/threeMesh';
import type { Affine } from './affine';
import { applyAffine, combineAffine, IDENTITY, isMirroring, readAffine } from './affine';
import { keepFinite, requireFacets } from './keepFinite';
import { MeshFaultError } from './mesh';
import type { Vector } from './vector';
import { cross, dot, squareTo, unit } from './vector';
import { weldVertices } from './weldVertices';

const number = fc.double({ min: -50, max: 50, noNaN: true });
const affine = fc.array(number, { minLength: 12, maxLength: 12 });
const point = fc.tuple(number, number, number);

/** The same map as three has it, as an outside check: columns where 3MF has rows. */
function toMatrix(map: Affine): Matrix4 {
  const at = (place: number): number => map[place] ?? 0;
  return new Matrix4().set(at(0), at(3), at(6), at(9), at(1), at(4), at(7), at(10), at(2), at(5), at(8), at(11), 0, 0, 0, 1);
}

describe('affine maps', () => {
  it("move points as three's matrices do, one after the other as their product (property)", () => {
    fc.assert(
      fc.property(affine, affine, point, (inner, outer, [x, y, z]) => {
        const theirs = new Vector3(x, y, z).applyMatrix4(toMatrix(inner)).applyMatrix4(toMatrix(outer));
        const [a, b, c] = applyAffine(outer, ...applyAffine(inner, x, y, z));
        const once = applyAffine(combineAffine(inner, outer), x, y, z);
        for (const [own, wanted] of [
          [a, theirs.x],
          [b, theirs.y],
          [c, theirs.z],
          [once[0], theirs.x],
          [once[1], theirs.y],
          [once[2], theirs.z],
        ] as const)
          expect(Math.abs(own - wanted)).toBeLessThan(1e-6 * Math.max(1, Math.abs(wanted)));
      }),
    );
  });
  it('tell mirrors by the sign of the determinant (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 12, maxLength: 12 }), (map) => {
        const determinant = toMatrix(map).determinant();
        fc.pre(Math.abs(determinant) > 1e-3);
        expect(isMirroring(map)).toBe(determinant < 0);
      }),
    );
  });
  it('are read from twelve numbers, and from nothing else', () => {
    expect(readAffine(undefined)).toBe(IDENTITY);
    expect(readAffine(' 1 0 0  0 1 0 0 0 1 5 6 7 ')).toEqual([1, 0, 0, 0, 1, 0, 0, 0, 1, 5, 6, 7]);
    for (const text of ['', '1 2 3', '1 0 0 0 1 0 0 0 1 5 6 x', '1 0 0 0 1 0 0 0 1 5 6 Infinity']) expect(readAffine(text)).toBeNull();
  });
});

describe('vectors', () => {
  it("agree with three's, and what is square to a direction is square (property)", () => {
    fc.assert(
      fc.property(point, point, (a, b) => {
        fc.pre(Math.hypot(...a) > 0.1);
        const [va, vb] = [new Vector3(...a), new Vector3(...b)];
        expect(dot(a, b)).toBeCloseTo(va.dot(vb), 6);
        const product = va.clone().cross(vb);
        cross(a, b).forEach((value, axis) => expect(value).toBeCloseTo(product.getComponent(axis), 6));
        const direction = unit(a);
        expect(Math.hypot(...direction)).toBeCloseTo(1, 9);
        const [first, second] = squareTo(direction);
        for (const value of [dot(first, direction), dot(second, direction), dot(first, second)]) expect(Math.abs(value)).toBeLessThan(1e-9);
      }),
    );
  });
  it('of no length have no direction', () => {
    for (const none of [
      [0, 0, 0],
      [NaN, 0, 1],
    ] as Vector[])
      expect(() => unit(none)).toThrow(RangeError);
  });
});

describe('corners', () => {
  it('that are many keep one vertex each, whatever the table has to grow to', () => {
    const ball = new SphereGeometry(20, 300, 150).toNonIndexed();
    const corners = Float32Array.from(ball.getAttribute('position').array);
    const { positions, indices } = weldVertices(corners);
    const keys = new Set<string>();
    for (let at = 0; at < corners.length; at += 3)
      keys.add([corners[at], corners[at + 1], corners[at + 2]].map((value) => (value ?? 0) + 0).join());
    expect(positions.length / 3).toBe(keys.size);
    for (let corner = 0; corner < indices.length; corner += 997)
      expect([...positions.slice((indices[corner] ?? 0) * 3, (indices[corner] ?? 0) * 3 + 3)].map((value) => value + 0)).toEqual(
        [...corners.slice(corner * 3, corner * 3 + 3)].map((value) => value + 0),
      );
  });
  it('that are no numbers take their facet with them, not its neighbours', () => {
    const facets = Float32Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0, NaN, 0, 0, 1, 0, 0, 0, 1, 0, 5, 5, 5, 6, 5, 5, 5, 6, 5]);
    const kept = keepFinite(facets);
    expect([...kept.corners]).toEqual([...facets.slice(0, 9), ...facets.slice(18)]);
    expect(kept.notices).toMatchObject([{ code: 'dropped' }]);
    expect(keepFinite(facets.slice(0, 9)).corners).toHaveLength(9);
    expect(() => keepFinite(Float32Array.from([NaN, 0, 0, 1, 0, 0, 0, 1, 0]))).toThrow(MeshFaultError);
  });
  it('are bounded: none are no mesh, too many are refused before they are read', () => {
    expect(() => requireFacets(0)).toThrow(/no facet/u);
    expect(() => requireFacets(9_000_000)).toThrow(/8000000/u);
    expect(() => requireFacets(1)).not.toThrow();
  });
});

describe('cracks', () => {
  /** Two squares that share an edge, the second's corners on it off by so much. */
  const halves = (off: number) =>
    weldVertices(
      Float32Array.from(
        [0, 0, 0, 10, 0, 0, 10, 10, 0, 0, 0, 0, 10, 10, 0, 0, 10, 0].concat([
          10 + off,
          0,
          0,
          20,
          0,
          0,
          20,
          10,
          0,
          10 + off,
          0,
          0,
          20,
          10,
          0,
          10 + off,
          10,
          0,
        ]),
      ),
    );
  it('below a micrometre are closed, wider ones are real', () => {
    const closed = closeCracks(halves(0.0004));
    expect(closed.cracks).toBe(2);
    expect(closed.edges).toMatchObject({ openEdges: 6, shells: 1 });
    const real = closeCracks(halves(0.01));
    expect(real).toMatchObject({ cracks: 0, edges: { openEdges: 8, shells: 2 } });
  });
  it('are not looked for in a closed mesh', () => {
    const box = meshOf(new BoxGeometry(1, 2, 3));
    expect(closeCracks(box).mesh).toBe(box);
  });
});

describe('a mesh laid out for drawing', () => {
  const drawn = (given: ReturnType<typeof meshOf>) => {
    const { mesh, edges } = closeCracks(given);
    return drawMesh(mesh, measureFacets(mesh), edges);
  };
  it('has three corners a facet in their order, and a line for each edge of a box', () => {
    const box = meshOf(new BoxGeometry(1, 2, 3));
    const { corners, lines } = drawn(box);
    expect(corners).toHaveLength(12 * 9);
    expect(lines).toHaveLength(12 * 6);
    box.indices.forEach((vertex, corner) =>
      expect([...corners.slice(corner * 3, corner * 3 + 3)]).toEqual([...box.positions.slice(vertex * 3, vertex * 3 + 3)]),
    );
  });
  it('has no lines on a curve, and one along each open edge', () => {
    expect(drawn(meshOf(new SphereGeometry(10, 64, 32))).lines).toHaveLength(0);
    const sheet = weldVertices(Float32Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0]));
    expect(drawn(sheet).lines).toHaveLength(3 * 6);
  });
});
