import bunny from 'bunny';
import {
  BoxGeometry,
  BufferAttribute,
  BufferGeometry,
  CylinderGeometry,
  PlaneGeometry,
  SphereGeometry,
  TorusGeometry,
  Triangle,
  Vector3,
} from 'three';
import { describe, expect, it } from 'vitest';
import type { Mesh } from '../mesh/mesh';
import { weldVertices } from '../mesh/weldVertices';
import { findLayerRidges } from './layerRidges';
import { measureFacets } from '../mesh/facetGeometry';
import { surveyMesh } from './surveyMesh';
import { meshOf } from '../testing/threeMesh';

const SETUP = { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 } as const;
const survey = (mesh: Mesh) => surveyMesh({ mesh, notices: [] }, SETUP).survey;

/** Meshes side by side in one, some with their facets turned round. */
function together(...parts: readonly (readonly [mesh: Mesh, isTurned: boolean])[]): Mesh {
  const corners = parts.flatMap(([{ positions, indices }, isTurned]) => {
    const order = Array.from({ length: indices.length / 3 }, (_, facet) =>
      (isTurned ? [0, 2, 1] : [0, 1, 2]).map((corner) => indices[facet * 3 + corner] ?? 0),
    );
    return order.flat().flatMap((vertex) => [...positions.subarray(vertex * 3, vertex * 3 + 3)]);
  });
  return weldVertices(Float32Array.from(corners));
}

describe('skins within skins', () => {
  const [outer, inner] = [meshOf(new BoxGeometry(20, 20, 20)), meshOf(new BoxGeometry(10, 10, 10))];
  const beside = meshOf(new BoxGeometry(4, 4, 4).translate(40, 0, 0));
  it('a hollow that faces inwards is taken off the volume, a body beside is added', () => {
    const hollow = survey(together([outer, false], [inner, true], [beside, false]));
    expect(hollow.volumeCubicMillimetres).toBeCloseTo(8000 - 1000 + 64, 2);
    expect(hollow.complaints).toEqual([]);
  });
  it('an inner skin that faces outwards is found and the volume not given; so is a body that faces inwards', () => {
    for (const mesh of [together([outer, false], [inner, false]), together([outer, false], [beside, true])]) {
      const found = survey(mesh);
      expect(found.volumeCubicMillimetres).toBeNull();
      expect(found.complaints.map((complaint) => complaint.code)).toEqual(['shellTurned']);
    }
  });
  it('all turned round at once is one mesh inside out, and measured', () => {
    const found = survey(together([outer, true], [inner, false]));
    expect(found.volumeCubicMillimetres).toBeCloseTo(7000, 2);
    expect(found.complaints.map((complaint) => complaint.code)).toEqual(['insideOut']);
  });
  it('an open skin is not turned round: nothing says which side is out', () => {
    const lid = new BoxGeometry(10, 10, 10).toNonIndexed();
    const open = Float32Array.from([...lid.getAttribute('position').array].slice(18));
    const cup = weldVertices(open);
    const turned = together([cup, true]);
    for (const mesh of [cup, turned]) expect(survey(mesh).complaints.map((complaint) => complaint.code)).toEqual(['open']);
    const { normals } = measureFacets(turned, false);
    expect([...normals.subarray(0, 3)].map((value) => value + 0)).toEqual(
      [...measureFacets(cup, false).normals.subarray(0, 3)].map((value) => 0 - value),
    );
  });
});

describe('area and volume of solids made by three, against formulas of their facets', () => {
  it('box: exact', () => {
    const box = survey(meshOf(new BoxGeometry(10, 20, 30)));
    expect(box.areaSquareMillimetres).toBeCloseTo(2 * (200 + 600 + 300), 3);
    expect(box.volumeCubicMillimetres).toBeCloseTo(6000, 3);
    expect(box).toMatchObject({ facets: 12, shells: 1, openEdges: 0, complaints: [] });
    // Twelve edges, all standing out.
    expect(box.sharp.convexMillimetres).toBeCloseTo(4 * 60, 4);
    expect(box.sharp.concaveMillimetres).toBe(0);
  });
  it.each([6, 32, 200])('cylinder of %i sides: the prism it really is', (sides) => {
    const [r, h] = [12, 40];
    const cylinder = survey(meshOf(new CylinderGeometry(r, r, h, sides)));
    const wall = 2 * sides * r * Math.sin(Math.PI / sides) * h;
    const cap = (sides / 2) * r * r * Math.sin((2 * Math.PI) / sides);
    // Corners are single precision: a ten-thousandth of the whole is their error.
    expect(cylinder.areaSquareMillimetres / (wall + 2 * cap)).toBeCloseTo(1, 5);
    expect((cylinder.volumeCubicMillimetres ?? 0) / (cap * h)).toBeCloseTo(1, 5);
  });
  it('sphere and torus: short of the round ones by an error that falls by four when the facets are halved', () => {
    const shortOf = (mesh: Mesh, area: number, volume: number): readonly [number, number] => {
      const found = survey(mesh);
      return [1 - found.areaSquareMillimetres / area, 1 - (found.volumeCubicMillimetres ?? 0) / volume];
    };
    const sphere = (n: number) => shortOf(meshOf(new SphereGeometry(20, 2 * n, n)), 4 * Math.PI * 400, (4 / 3) * Math.PI * 8000);
    const torus = (n: number) => shortOf(meshOf(new TorusGeometry(30, 8, n, 2 * n)), 4 * Math.PI ** 2 * 30 * 8, 2 * Math.PI ** 2 * 30 * 64);
    for (const solid of [sphere, torus]) {
      const [coarse, fine] = [solid(32), solid(64)];
      for (const at of [0, 1] as const) {
        expect(fine[at]).toBeGreaterThan(0);
        expect(coarse[at] / fine[at]).toBeGreaterThan(3.7);
        expect(coarse[at] / fine[at]).toBeLessThan(4.3);
        expect(fine[at]).toBeLessThan(0.0025);
      }
    }
  });
  it("the scanned rabbit of the package bunny: area and volume as three's own triangles sum them", () => {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(Float32Array.from(bunny.positions.flat()), 3));
    geometry.setIndex(bunny.cells.flat());
    const rabbit = survey(meshOf(geometry));
    const corner = (at: number): Vector3 => new Vector3(...(bunny.positions[at] ?? [0, 0, 0]));
    let area = 0;
    let volume = 0;
    for (const [a, b, c] of bunny.cells) {
      area += new Triangle(corner(a), corner(b), corner(c)).getArea();
      volume += corner(a).dot(corner(b).cross(corner(c))) / 6;
    }
    expect(rabbit.facets).toBe(bunny.cells.length);
    expect(rabbit.areaSquareMillimetres / area).toBeCloseTo(1, 5);
    const closed = rabbit.volumeCubicMillimetres ?? measureFacets(meshOf(geometry)).volumeCubicMillimetres;
    expect(closed / volume).toBeCloseTo(1, 3);
    geometry.computeBoundingBox();
    expect(rabbit.boundingBox.max[1]).toBeCloseTo(geometry.boundingBox?.max.y ?? NaN, 6);
  });
});

describe('a broken mesh', () => {
  const box = meshOf(new BoxGeometry(10, 20, 30));
  const withFacets = (change: (facets: number[][]) => number[][]): Mesh => {
    const facets = Array.from({ length: box.indices.length / 3 }, (_, at) => [...box.indices.slice(at * 3, at * 3 + 3)]);
    return { positions: box.positions, indices: Uint32Array.from(change(facets).flat()) };
  };
  const codes = (mesh: Mesh): string[] => survey(mesh).complaints.map((complaint) => complaint.code);
  it('with a hole tells its open edges and has no volume, but an area', () => {
    const holed = survey(withFacets((facets) => facets.slice(2)));
    expect(holed).toMatchObject({ openEdges: 4, volumeCubicMillimetres: null });
    expect(holed.areaSquareMillimetres).toBeCloseTo(2200 - 600, 3);
    expect(holed.complaints[0]?.message).toContain('100.0 mm');
  });
  it('with a facet turned, doubled or without area says which', () => {
    expect(codes(withFacets(([first = [], ...rest]) => [[...first].reverse(), ...rest]))).toEqual(['misoriented']);
    expect(codes(withFacets(([first = [], ...rest]) => [first, first, ...rest]))).toContain('nonManifold');
    expect(codes(withFacets((facets) => [...facets, [0, 0, 1]]))).toEqual(['degenerate']);
  });
  it("with cracks of rounding (three's seams, where the circle closes) is closed and says so; real gaps stay open", () => {
    const seamed = survey(meshOf(new CylinderGeometry(12, 12, 40, 32)));
    expect(seamed.openEdges).toBe(0);
    expect(seamed.complaints.map((complaint) => complaint.code)).toEqual(['cracks']);
    const gap = meshOf(new CylinderGeometry(12, 12, 40, 32, 1, false, 0, 2 * Math.PI - 0.001));
    expect(survey(gap).openEdges).toBeGreaterThan(0);
  });
  it('that looks inwards is turned round', () => {
    const turned = survey(withFacets((facets) => facets.map((facet) => facet.toReversed())));
    expect(turned.complaints.map((complaint) => complaint.code)).toEqual(['insideOut']);
    expect(turned.volumeCubicMillimetres).toBeCloseTo(6000, 3);
    expect(turned.ridges.zoneSums.map((sum) => sum.zone)).toEqual(['bed', 'flat', 'wall']);
  });
  it('of several pieces counts them, the largest first', () => {
    const far = new BoxGeometry(1, 1, 1).translate(50, 0, 0).toNonIndexed();
    const big = new SphereGeometry(5, 12, 8).toNonIndexed();
    const corners = [...far.getAttribute('position').array, ...big.getAttribute('position').array];
    const two = surveyMesh({ mesh: weldVertices(Float32Array.from(corners)), notices: [] }, SETUP);
    expect(two.survey.shells).toBe(2);
    expect([two.edges.shellOfFacet[0], two.edges.shellOfFacet.at(-1)]).toEqual([1, 0]);
  });
  it('edges that thousands of facets share do not take for ever: a fan of 20,000 round one line', () => {
    const corners: number[] = [];
    for (let blade = 0; blade < 20_000; blade += 1) {
      const angle = (2 * Math.PI * blade) / 20_000;
      corners.push(0, 0, 0, 0, 0, 1, 100 * Math.cos(angle), 100 * Math.sin(angle), 0);
    }
    const fan = survey(weldVertices(Float32Array.from(corners)));
    expect(fan).toMatchObject({ nonManifoldEdges: 1, openEdges: 40_000, shells: 1 });
  });
});

describe('layer ridges', () => {
  // Dolenc and Mäkelä 1994 (from memory): c = t · |cos θ|.
  it.each([5, 15, 30, 45, 60, 75, 80])('of a plane inclined by %i° are t · cos θ', (degrees) => {
    const plane = meshOf(new PlaneGeometry(30, 30).rotateX((degrees * Math.PI) / 180));
    const { meanMicrometres, maxMicrometres, p95Micrometres } = survey(plane).ridges;
    const wanted = 200 * Math.cos((degrees * Math.PI) / 180);
    expect(meanMicrometres).toBeCloseTo(wanted, 2);
    expect(maxMicrometres).toBeCloseTo(wanted, 2);
    expect(Math.abs(p95Micrometres - wanted)).toBeLessThanOrEqual(0.06);
  });
  it('of a wall are those of the bead: a tenth of a filament layer, a fiftieth of a resin layer (common practice)', () => {
    const wall = meshOf(new PlaneGeometry(30, 30).rotateX(Math.PI / 2));
    const of = (beadShare: number) => findLayerRidges(wall, measureFacets(wall), { ...SETUP, beadShare }).meanMicrometres;
    expect([of(0.1), of(0.02)].map(Math.round)).toEqual([20, 4]);
  });
  it('of a level face are none but the bead, and nothing at all on the bed', () => {
    const { zoneSums } = survey(meshOf(new BoxGeometry(10, 10, 5))).ridges;
    expect(zoneSums.map(({ zone, meanMicrometres }) => [zone, Math.round(meanMicrometres)])).toEqual([
      ['bed', 0],
      ['flat', 20],
      ['wall', 20],
    ]);
  });
  it('of a sphere are half a layer on the mean, as the height of a sphere is evenly owned by its area (Archimedes)', () => {
    const { meanMicrometres, p95Micrometres } = survey(meshOf(new SphereGeometry(20, 400, 200))).ridges;
    // ∫ max(u, 0.1) du over 0 … 1 = 0.505; 95 % of the area lies below u = 0.95.
    expect(meanMicrometres).toBeCloseTo(101, 0);
    expect(p95Micrometres).toBeCloseTo(190, 0);
  });
  it('scale with the layer, do not change when part and direction turn together, and their bands sum to the area', () => {
    const turned = meshOf(new TorusGeometry(30, 8, 24, 48).rotateX(0.7));
    const upright = meshOf(new TorusGeometry(30, 8, 24, 48));
    const up = [0, Math.sin(-0.7), Math.cos(0.7)] as const;
    const a = findLayerRidges(turned, measureFacets(turned), { ...SETUP, up });
    const b = findLayerRidges(upright, measureFacets(upright), SETUP);
    const half = findLayerRidges(upright, measureFacets(upright), { ...SETUP, layerMillimetres: 0.1 });
    expect(a.meanMicrometres).toBeCloseTo(b.meanMicrometres, 3);
    expect(half.meanMicrometres).toBeCloseTo(b.meanMicrometres / 2, 3);
    const area = survey(upright).areaSquareMillimetres;
    expect(b.bands.reduce((sum, band) => sum + band.areaSquareMillimetres, 0) / area).toBeCloseTo(1, 6);
    expect(b.zoneSums.reduce((sum, zone) => sum + zone.areaSquareMillimetres, 0) / area).toBeCloseTo(1, 6);
  });
  it('refuse a direction that is none', () => {
    expect(
      () =>
        survey(meshOf(new BoxGeometry(1, 1, 1))) &&
        surveyMesh({ mesh: meshOf(new BoxGeometry(1, 1, 1)), notices: [] }, { ...SETUP, up: [0, 0, 0] }),
    ).toThrow(RangeError);
  });
});
