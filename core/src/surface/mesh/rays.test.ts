import fc from 'fast-check';
import {
  BoxGeometry,
  BufferAttribute,
  BufferGeometry,
  CylinderGeometry,
  DoubleSide,
  ExtrudeGeometry,
  Path,
  Ray,
  Shape,
  SphereGeometry,
  TorusKnotGeometry,
  Vector3,
} from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { describe, expect, it } from 'vitest';
import type { Mesh } from './mesh';
import { weldVertices } from './weldVertices';
import { measureFacets } from './facetGeometry';
import { findGrooves } from '../measure/grooves';
import { findEdges } from './meshEdges';
import { scoreDirection, searchPrintDirection } from '../measure/printDirection';
import { buildRayTree } from './rayTree';
import { findRecess } from '../measure/recess';
import { meshOf } from '../testing/threeMesh';
import { findWallThickness } from '../measure/wallThickness';

const SETUP = { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 } as const;

/** A plate with a straight channel across it, pulled from its section. */
function channelled(width: number, depth: number): Mesh {
  const [half, top] = [20, 10];
  const section = new Shape(
    [
      [-half, 0],
      [half, 0],
      [half, top],
      [width / 2, top],
      [width / 2, top - depth],
      [-width / 2, top - depth],
      [-width / 2, top],
      [-half, top],
    ].map(([x = 0, y = 0]) => new Vector3(x, y, 0)) as never,
  );
  return meshOf(new ExtrudeGeometry(section, { depth: 50, bevelEnabled: false }));
}

describe('rays', () => {
  it("meet what three-mesh-bvh's own call meets, at the same distance (property)", () => {
    const geometry = new TorusKnotGeometry(20, 6, 120, 12);
    const mesh = meshOf(geometry);
    const own = buildRayTree(mesh);
    const other = new BufferGeometry();
    other.setAttribute('position', new BufferAttribute(mesh.positions.slice(), 3));
    other.setIndex(new BufferAttribute(mesh.indices.slice(), 1));
    const theirs = new MeshBVH(other, { indirect: true });
    const place = fc.double({ min: -30, max: 30, noNaN: true });
    const part = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(place, place, place, part, part, part, fc.constantFrom(5, 40, 200), (x, y, z, dx, dy, dz, far) => {
        const length = Math.hypot(dx, dy, dz);
        fc.pre(length > 0.01);
        const direction = new Vector3(dx / length, dy / length, dz / length);
        const hit = theirs.raycastFirst(new Ray(new Vector3(x, y, z), direction), DoubleSide, 0, far);
        const distance = own.cast(x, y, z, direction.x, direction.y, direction.z, far);
        const wanted = hit?.distance ?? Infinity;
        if (wanted === Infinity || distance === Infinity) expect(distance).toBe(wanted);
        else expect(Math.abs(distance - wanted)).toBeLessThan(1e-3);
        expect(own.isMet(x, y, z, direction.x, direction.y, direction.z, far)).toBe(distance < Infinity);
      }),
      { numRuns: 500 },
    );
  });
  it('along an axis, in the plane of a box, do not slip through it', () => {
    const tree = buildRayTree(meshOf(new BoxGeometry(2, 2, 2, 4, 4, 4)));
    expect(tree.cast(0.1, 0.2, 9, 0, 0, -1, 50)).toBeCloseTo(8, 6);
    expect(tree.cast(0.1, 1, 9, 0, 0, -1, 50)).toBeLessThanOrEqual(10);
    expect(tree.cast(5, 5, 9, 0, 0, -1, 50)).toBe(Infinity);
    expect(tree.lastFacet()).toBe(-1);
  });
});

describe('recess', () => {
  const recessOf = (mesh: Mesh, reach: number) => findRecess(mesh, measureFacets(mesh), buildRayTree(mesh), reach);
  it('is none on a body without hollows', () => {
    expect(Math.max(...recessOf(meshOf(new SphereGeometry(20, 40, 20)), 100).covered)).toBe(0);
  });
  it('is whole inside a closed hollow', () => {
    const inside = meshOf(new SphereGeometry(20, 40, 20).scale(-1, 1, 1));
    const { positions, indices } = inside;
    const cavity = findRecess(
      inside,
      { ...measureFacets({ positions, indices }), normals: measureFacets(inside).normals.map((value) => -value) },
      buildRayTree(inside),
      100,
    );
    expect(Math.min(...cavity.covered)).toBe(1);
    expect(cavity.deepShare).toBe(1);
  });
  it('at the floor of a long channel is the closed form: the sky that is left is sin of half the opening angle', () => {
    const [width, depth] = [6, 4];
    const mesh = channelled(width, depth);
    const geometry = measureFacets(mesh);
    // Finer floor than three makes it: its middle line alone is in closed form, so points are asked along it.
    const tree = buildRayTree(mesh);
    const strip = Array.from({ length: 40 }, (_, at) => at * 0.05 + 24);
    const corners = strip.flatMap((z) => [-0.02, 6.001, z, 0.02, 6.001, z, 0, 6.001, z + 0.02]);
    const floor = weldVertices(Float32Array.from(corners));
    const upwards = { ...measureFacets(floor), normals: Float32Array.from(strip.flatMap(() => [0, 1, 0])) };
    const { covered } = findRecess(floor, upwards, tree, 1000);
    const mean = covered.reduce((sum, value) => sum + value, 0) / covered.length;
    const open = Math.sin(Math.atan(width / 2 / depth));
    expect(geometry.areaSquareMillimetres).toBeGreaterThan(0);
    expect(Math.abs(mean - (1 - open))).toBeLessThan(0.03);
  });
  it('tells its progress up to the end and is the same twice', () => {
    const mesh = meshOf(new TorusKnotGeometry(20, 6, 200, 24));
    const told: number[] = [];
    const first = findRecess(mesh, measureFacets(mesh), buildRayTree(mesh), 8, (share) => told.push(share));
    expect(told.at(-1)).toBe(1);
    expect([...told]).toEqual(told.toSorted((a, b) => a - b));
    expect(recessOf(mesh, 8).covered).toEqual(first.covered);
  });
});

describe('walls', () => {
  it('of a tube are as thick as it is', () => {
    const ring = new Shape();
    ring.absarc(0, 0, 20, 0, 2 * Math.PI, false);
    const hole = new Path();
    hole.absarc(0, 0, 18.5, 0, 2 * Math.PI, true);
    ring.holes.push(hole);
    const tube = meshOf(new ExtrudeGeometry(ring, { depth: 60, bevelEnabled: false, curveSegments: 64 }));
    const walls = findWallThickness(tube, measureFacets(tube), buildRayTree(tube), 2);
    expect(Math.abs(walls.thinnestMillimetres - 1.5)).toBeLessThan(0.05);
    // Both faces of the wall are thin; the ends are 60 mm long.
    const round = 2 * Math.PI * (20 + 18.5) * 60;
    expect(walls.thinSquareMillimetres / round).toBeCloseTo(1, 2);
  });
  it('of an open sheet are not known', () => {
    const sheet = meshOf(new CylinderGeometry(10, 10, 20, 32, 1, true));
    const walls = findWallThickness(sheet, measureFacets(sheet), buildRayTree(sheet));
    // Straight in it meets the far side, which looks the other way: that is the tube's width, no wall of an open sheet is thinner.
    expect(walls.thinnestMillimetres).toBeGreaterThan(19);
  });
});

describe('grooves', () => {
  const groovesOf = (mesh: Mesh) => findGrooves(mesh, measureFacets(mesh), findEdges(mesh), buildRayTree(mesh));
  it.each([
    [0.6, 0.4],
    [1.2, 0.6],
    [1.0, 2.0],
    [3.0, 3.0],
  ])('%f mm wide and %f mm deep are found with their length', (width, depth) => {
    const [groove, ...more] = groovesOf(channelled(width, depth));
    expect(more).toEqual([]);
    expect(groove?.widthMillimetres).toBeCloseTo(width, 2);
    expect(Math.abs((groove?.depthMillimetres ?? 0) - depth)).toBeLessThan(0.05 * Math.max(width, depth) + 0.02);
    expect(Math.abs((groove?.lengthMillimetres ?? 0) - 50)).toBeLessThan(4);
  });
  it('wider than paint could ever close are none, nor are slots without a floor', () => {
    expect(groovesOf(channelled(8, 3))).toEqual([]);
    const slit = new Shape(
      [
        [-10, -10],
        [10, -10],
        [10, 10],
        [-10, 10],
      ].map(([x = 0, y = 0]) => new Vector3(x, y, 0)) as never,
    );
    slit.holes.push(
      new Path(
        [
          [-5, -0.5],
          [-5, 0.5],
          [5, 0.5],
          [5, -0.5],
        ].map(([x = 0, y = 0]) => new Vector3(x, y, 0)) as never,
      ),
    );
    expect(groovesOf(meshOf(new ExtrudeGeometry(slit, { depth: 5, bevelEnabled: false })))).toEqual([]);
  });
  it('round a turned body are found too', () => {
    const profile: [number, number][] = [
      [0, 0],
      [20, 0],
      [20, 10],
      [19.2, 10],
      [19.2, 11],
      [20, 11],
      [20, 21],
      [0, 21],
    ];
    const corners: number[] = [];
    const at = ([r, z]: [number, number], step: number): number[] => [
      r * Math.cos((2 * Math.PI * step) / 96),
      r * Math.sin((2 * Math.PI * step) / 96),
      z,
    ];
    profile.slice(1).forEach((high, ring) => {
      const low = profile[ring] ?? [0, 0];
      for (let step = 0; step < 96; step += 1) {
        const next = (step + 1) % 96;
        corners.push(...at(low, step), ...at(low, next), ...at(high, next), ...at(low, step), ...at(high, next), ...at(high, step));
      }
    });
    const [groove] = groovesOf(weldVertices(Float32Array.from(corners)));
    expect(groove?.widthMillimetres).toBeCloseTo(1, 2);
    expect(Math.abs((groove?.depthMillimetres ?? 0) - 0.8)).toBeLessThan(0.1);
  });
});

describe('the print direction', () => {
  it('of a tilted box is found again: level on its bed nothing but beads is left', () => {
    const box = meshOf(new BoxGeometry(30, 20, 60).rotateX(0.5).rotateY(0.3));
    const { present, better } = searchPrintDirection(box, measureFacets(box), SETUP);
    expect(present.seenMicrometres).toBeGreaterThan(50);
    expect(better[0]?.seenMicrometres).toBeLessThan(20.5);
    expect(better[0]?.supportSquareMillimetres).toBe(0);
  });
  it('is not changed for less than a micrometre, and hidden faces do not count', () => {
    const box = meshOf(new BoxGeometry(30, 30, 30));
    const geometry = measureFacets(box);
    expect(searchPrintDirection(box, geometry, SETUP).better).toEqual([]);
    const cone = meshOf(new CylinderGeometry(0, 30, 12, 64).rotateX(Math.PI / 2));
    const coneGeometry = measureFacets(cone);
    const slope = Float32Array.from(coneGeometry.areas, (_, facet) => (Math.abs(coneGeometry.normals[facet * 3 + 2] ?? 0) > 0.999 ? 1 : 0));
    // Only the flat underside is seen: as it stands it lies on the bed and is smooth.
    expect(scoreDirection(cone, coneGeometry, SETUP, slope).seenMicrometres).toBe(0);
    expect(searchPrintDirection(cone, coneGeometry, SETUP, slope).better).toEqual([]);
    expect(searchPrintDirection(cone, coneGeometry, SETUP).better.length).toBeGreaterThan(0);
  });
});
