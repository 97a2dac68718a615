import { BoxGeometry, SphereGeometry } from 'three';
import { describe, expect, it } from 'vitest';
import { measureFacets } from '../../surface/mesh/facetGeometry';
import type { Mesh } from '../../surface/mesh/mesh';
import type { Vector } from '../../surface/mesh/vector';
import { weldVertices } from '../../surface/mesh/weldVertices';
import { buildRayTree } from '../../surface/mesh/rayTree';
import { meshOf } from '../../surface/testing/threeMesh';
import { halveLongEdges } from '../draw/drawnSurface';
import { lathe } from '../places/lathe';
import { crate } from '../testing/solids';
import checks from '../testing/weatherChecks.json';
import { measureConvexity } from './convexity';
import { measureCovered, measureRain } from './covered';
import { wayFromPins } from './handling';
import { mendForWeather } from '../places/mendForWeather';
import { findNearPoints } from '../places/nearPoints';
import { prepareRunOff, wetByRuns } from './runOff';
import type { SamplePoints } from '../places/samplePoints';
import { spreadPoints } from '../places/samplePoints';
import type { FieldSetup } from './weatherFields';
import { gatherFields, thinOut, USUAL_SETUP, zoneShares } from './weatherFields';

/** Points put where a closed form is known. */
function pointsAt(places: readonly (readonly [Vector, Vector])[]): SamplePoints {
  return {
    count: places.length,
    positions: Float32Array.from(places.flatMap(([place]) => place)),
    normals: Float32Array.from(places.flatMap(([, normal]) => normal)),
    facets: new Uint32Array(places.length),
    areaSquareMillimetres: places.length,
    spacingMillimetres: 1,
  };
}

/** A groove of width 3 and depth 2, so long that its ends do not count, cut into a plate. */
function groove(): Mesh {
  const [w, d, far, long] = [3, 2, 40, 200];
  const profile: [number, number][] = [
    [-far, 0],
    [0, 0],
    [0, -d],
    [w, -d],
    [w, 0],
    [w + far, 0],
  ];
  const corners: number[] = [];
  for (let at = 0; at + 1 < profile.length; at += 1) {
    const [[x1, z1], [x2, z2]] = [profile[at] as [number, number], profile[at + 1] as [number, number]];
    corners.push(x1, -long, z1, x2, -long, z2, x2, long, z2, x1, -long, z1, x2, long, z2, x1, long, z1);
  }
  return weldVertices(Float32Array.from(corners));
}

describe('points of equal area', () => {
  it('hold shares of the crate within 0.3 % of its area, where its facets are few or many', () => {
    const solid = crate();
    const share = (mesh: Mesh): number => {
      const points = spreadPoints(mesh, 50_000, 3);
      let up = 0;
      for (let at = 2; at < points.normals.length; at += 3) if ((points.normals[at] as number) > 0.7) up += 1;
      return up / points.count;
    };
    const wanted = checks.shapes.crate.shareFacingUpNzOver0_7.value;
    for (const mesh of [solid, halveLongEdges(solid, 4, 200_000)]) expect(Math.abs(share(mesh) - wanted)).toBeLessThan(0.003);
    expect(measureFacets(solid).areaSquareMillimetres).toBeCloseTo(checks.shapes.crate.areaSquareMillimetres.value, 0);
    expect(solid.indices.length / 3).toBe(checks.shapes.crate.facets);
  });
  it('are the same for a seed, and others for another', () => {
    const [one, same, other] = [1, 1, 2].map((seed) => spreadPoints(crate(), 2000, seed).positions) as [
      Float32Array,
      Float32Array,
      Float32Array,
    ];
    expect(same).toEqual(one);
    expect(other).not.toEqual(one);
  });
  it('say when there is no surface', () =>
    expect(() => spreadPoints({ positions: new Float32Array(9), indices: Uint32Array.of(0, 1, 2) }, 10, 1)).toThrow(/no area/u));
});

describe('how covered a place is', () => {
  const places = checks.openness.values.filter((value): value is typeof value & { w: number } => 'w' in value);
  const tree = buildRayTree(groove());
  it.each(places)('in a groove, against the view factor of its walls: %j', ({ where, x, h, covered }) => {
    const many = Array.from({ length: 200 }, (_, at): readonly [Vector, Vector] =>
      where === 'floor'
        ? [
            [x ?? 0, at * 0.1, -2],
            [0, 0, 1],
          ]
        : [
            [0, at * 0.1, -(h ?? 0)],
            [1, 0, 0],
          ],
    );
    const found = measureCovered(pointsAt(many), tree, 100);
    // Closed forms of view factors: weatherChecks.json, openness.closedForms.
    const rms = Math.sqrt(found.reduce((sum, value) => sum + (value - covered) ** 2, 0) / found.length);
    expect(rms).toBeLessThan(0.03);
    expect(Math.abs(found.reduce((sum, value) => sum + value, 0) / found.length - covered)).toBeLessThan(0.012);
  });
  it('inside a ball of radius 20 is (reach / 40)²', () => {
    const ball = meshOf(new SphereGeometry(20, 128, 96));
    const inside: Mesh = { positions: ball.positions, indices: ball.indices.slice().reverse() };
    const points = spreadPoints(inside, 2000, 1);
    const balls = buildRayTree(inside);
    for (const { reach, covered } of checks.openness.values.filter(
      (value): value is typeof value & { reach: number } => 'reach' in value,
    )) {
      const found = measureCovered(points, balls, reach);
      expect(Math.abs(found.reduce((sum, value) => sum + value, 0) / found.length - covered)).toBeLessThan(0.02);
    }
  });
});

describe('how far a place stands out', () => {
  it.each(checks.convexity.values)('on a ball is 2r / 3R: %j', ({ R, r, value, tolerance }) => {
    const points = spreadPoints(meshOf(new SphereGeometry(R, 400, 300)), 60_000, 1);
    const found = measureConvexity(points, findNearPoints(points, r), r);
    expect(Math.abs(found.reduce((sum, one) => sum + one, 0) / found.length - value)).toBeLessThan(tolerance);
  });
  it('beside a right edge falls off as measured, and is nothing beyond the radius', () => {
    const points = spreadPoints(meshOf(new BoxGeometry(20, 20, 20)), 20_000, 1);
    const { r, byDistance, toleranceOfTheMean } = checks.convexity.straightEdge90;
    const found = measureConvexity(points, findNearPoints(points, r), r);
    for (const [distance, value] of byDistance as [number, number][]) {
      let sum = 0;
      let count = 0;
      for (let point = 0; point < points.count; point += 1) {
        const from = [0, 1, 2].map((axis) => 10 - Math.abs(points.positions[point * 3 + axis] as number)).toSorted((a, b) => a - b);
        // The face itself is at 0; the nearest edge next; the corner must be far.
        if (Math.abs((from[1] ?? 0) - distance) > 0.15 || (from[2] ?? 0) < 2 * r) continue;
        sum += found[point] as number;
        count += 1;
      }
      expect(count).toBeGreaterThan(50);
      expect(Math.abs(sum / count - value)).toBeLessThan(toleranceOfTheMean + 0.02);
    }
  });
  it('on both sides of a thin wall is nothing, and in a corner is below nothing', () => {
    const points = spreadPoints(meshOf(new BoxGeometry(30, 30, 1)), 20_000, 1);
    const found = measureConvexity(points, findNearPoints(points, 1.5), 1.5);
    for (let point = 0; point < points.count; point += 1) {
      const [x, y] = [points.positions[point * 3] as number, points.positions[point * 3 + 1] as number];
      if (Math.abs(x) < 13 && Math.abs(y) < 13) expect(Math.abs(found[point] as number)).toBeLessThan(1e-6);
    }
    const cut = spreadPoints(groove(), 60_000, 1);
    const inGroove = measureConvexity(cut, findNearPoints(cut, 1.5), 1.5);
    const lowest = inGroove.reduce((least, value) => Math.min(least, value), 0);
    expect(lowest).toBeLessThan(-0.2);
  });
});

describe('rain', () => {
  it('reaches a roof wholly, a wall in part, and nothing under a shelf', () => {
    const solid = meshOf(new BoxGeometry(40, 40, 20));
    const points = spreadPoints(solid, 3000, 1);
    const rain = measureRain(points, buildRayTree(solid), [0, 0, 1], 100);
    for (let point = 0; point < points.count; point += 1) {
      const nz = points.normals[point * 3 + 2] as number;
      const value = rain[point] as number;
      if (nz > 0.9) expect(value).toBe(1);
      else if (nz < -0.9) expect(value).toBe(0);
      else expect(Math.abs(value - 0.5)).toBeLessThanOrEqual(0.126);
    }
  });
});

describe('the way from where it is handled', () => {
  const points = spreadPoints(meshOf(new BoxGeometry(60, 60, 60)), 30_000, 1);
  const near = findNearPoints(points, 2.5 * points.spacingMillimetres);
  const way = wayFromPins(points, near, [[0, 0, 30]]);
  it('is 2 % long at most on a flat, and reaches every point', () => {
    expect(way.every((millimetres) => Number.isFinite(millimetres))).toBe(true);
    let sum = 0;
    let count = 0;
    for (let point = 0; point < points.count; point += 1) {
      if ((points.normals[point * 3 + 2] as number) < 0.9) continue;
      const straight = Math.hypot(points.positions[point * 3] as number, points.positions[point * 3 + 1] as number);
      if (straight < 10) continue;
      sum += (way[point] as number) / straight - 1;
      count += 1;
    }
    expect(Math.abs((100 * sum) / count)).toBeLessThan(3);
  });
  it('goes over edges as the unfolded faces have it', () => {
    let sum = 0;
    let count = 0;
    for (let point = 0; point < points.count; point += 1) {
      if ((points.normals[point * 3] as number) < 0.9) continue;
      const [y, z] = [points.positions[point * 3 + 1] as number, points.positions[point * 3 + 2] as number];
      // Straight over the edge x = 30, z = 30 is shortest only well within the face.
      if (Math.abs(y) > 20 || z < 0) continue;
      sum += (way[point] as number) / Math.hypot(30 + 30 - z, y) - 1;
      count += 1;
    }
    expect(count).toBeGreaterThan(100);
    expect(Math.abs((100 * sum) / count)).toBeLessThan(3);
  });
  it('is unknown where nothing is pinned, and ends where it is told to', () => {
    expect(wayFromPins(points, near, []).every((millimetres) => millimetres === Infinity)).toBe(true);
    expect(wayFromPins(points, near, [[0, 0, 30]], 10).filter(Number.isFinite).length).toBeLessThan(way.length / 20);
  });
});

describe('what runs from other parts of the prop', () => {
  const box = meshOf(new BoxGeometry(40, 20, 30));
  const wetShare = (setup: Partial<FieldSetup>): number => {
    const { wet } = gatherFields(box, { ...USUAL_SETUP, points: 4000, ...setup });
    return wet.reduce((sum, value) => sum + value, 0) / wet.length;
  };
  it('runs on over this one where it reaches it, and not over a gap', () => {
    const own = wetShare({ runOffPins: [[0, -10, 12]] });
    expect(own).toBeGreaterThan(0.005);
    expect(wetShare({ runOffFromOthers: [[0, -10, 12]] })).toBe(own);
    expect(wetShare({ runOffFromOthers: [[0, -14, 12]] })).toBe(own);
    expect(wetShare({ runOffFromOthers: [[0, -16, 12]] })).toBe(0);
    // What was pinned on this part counts, however far off its mesh lies by now.
    expect(wetShare({ runOffPins: [[0, -16, 12]] })).toBe(own);
    expect(wetShare({})).toBe(0);
  });
});

describe('run-off', () => {
  const down: Vector = [0, 0, -1];
  it('runs straight down a wall to its foot', () => {
    const wall = meshOf(new BoxGeometry(50, 10, 50, 7, 1, 9));
    const runs = prepareRunOff(wall, down);
    const facet = nearestFacet(wall, [3.3, 5, 20]);
    const way = runs.wayFrom(facet, [3.3, 5, 20]);
    const last = way.at(-1) as Vector;
    expect(last[2]).toBeCloseTo(-25, 4);
    for (const place of way) {
      expect(Math.abs(place[0] - 3.3)).toBeLessThan(checks.runoff.wall50mm.tolerance);
      expect(Math.abs(place[1] - 5)).toBeLessThan(1e-4);
    }
  });
  it.each([24, 96, 384] as const)('down a cone of %i sides every way reaches the foot, as straight as its facets are', (sides) => {
    const cone = lathe(
      [
        [40, 0],
        [20, 30],
        [0.001, 60],
      ],
      sides,
    );
    const runs = prepareRunOff(cone, down);
    const points = spreadPoints(cone, 300, 1);
    let aside = 0;
    for (let point = 0; point < points.count; point += 1) {
      const start: Vector = [
        points.positions[point * 3] as number,
        points.positions[point * 3 + 1] as number,
        points.positions[point * 3 + 2] as number,
      ];
      const foot = runs.wayFrom(points.facets[point] as number, start).at(-1) as Vector;
      expect(foot[2]).toBeLessThan(0.01);
      const turn = Math.atan2(foot[1], foot[0]) - Math.atan2(start[1], start[0]);
      aside += Math.abs(Math.atan2(Math.sin(turn), Math.cos(turn))) * 40;
    }
    expect(aside / points.count).toBeLessThan(checks.runoff.coneR40H60.lateralAtTheFootMean[sides] * 1.2);
  });
  it('follows a valley, and stops where it is level', () => {
    // Two slopes that meet in a gutter falling along y.
    const gutter = weldVertices(
      Float32Array.of(
        -10,
        0,
        12,
        0,
        0,
        2,
        0,
        20,
        0,
        -10,
        0,
        12,
        0,
        20,
        0,
        -10,
        20,
        10,
        10,
        0,
        12,
        0,
        20,
        0,
        0,
        0,
        2,
        10,
        0,
        12,
        10,
        20,
        10,
        0,
        20,
        0,
      ),
    );
    const way = prepareRunOff(gutter, down).wayFrom(nearestFacet(gutter, [-5, 3, 6.7]), [-5, 3, 6.7]);
    expect((way.at(-1) as Vector)[0]).toBeCloseTo(0, 6);
    expect((way.at(-1) as Vector)[1]).toBeCloseTo(20, 6);
    const flat = meshOf(new BoxGeometry(10, 10, 10));
    expect(prepareRunOff(flat, down).wayFrom(nearestFacet(flat, [0, 0, 5]), [1, 1, 5])).toHaveLength(1);
  });
  it('wets most on the way, less beside it and after it', () => {
    const positions = Float32Array.of(0, 0, -5, 1.5, 0, -5, 9, 0, -5, 0, 0, -45);
    const wet = wetByRuns(
      positions,
      [
        [
          [0, 0, 0],
          [0, 0, -50],
        ],
      ],
      3,
      40,
    );
    expect(wet[0]).toBeGreaterThan(wet[1] as number);
    expect(wet[1]).toBeGreaterThan(0.3);
    expect(wet[2]).toBe(0);
    expect(wet[3]).toBeCloseTo(2 ** (-45 / 40), 5);
  });
});

function nearestFacet(mesh: Mesh, place: Vector): number {
  const points = spreadPoints(mesh, 20_000, 1);
  let best = 0;
  let least = Infinity;
  for (let point = 0; point < points.count; point += 1) {
    const away = Math.hypot(...[0, 1, 2].map((axis) => (points.positions[point * 3 + axis] as number) - (place[axis] as number)));
    if (away < least) [least, best] = [away, points.facets[point] as number];
  }
  return best;
}

describe('meshes as they come', () => {
  const solid = crate();
  const whole = gatherFields(solid, { ...USUAL_SETUP, points: 8000 });
  const turnSome = (every: number): Mesh => {
    const indices = solid.indices.slice();
    for (let facet = 0; facet < indices.length / 3; facet += every) {
      const at = facet * 3;
      [indices[at + 1], indices[at + 2]] = [indices[at + 2] as number, indices[at + 1] as number];
    }
    return { positions: solid.positions, indices };
  };
  it('with every twentieth facet turned, or all of them, are put right: fields equal', () => {
    for (const mesh of [turnSome(20), turnSome(1)]) {
      const mended = mendForWeather(mesh);
      expect(mended.turnedFacets).toBeGreaterThan(0);
      expect(zoneShares(gatherFields(mesh, { ...USUAL_SETUP, points: 8000 }))).toEqual(zoneShares(whole));
    }
  });
  it('with facets that stand twice count them once', () => {
    const twice: Mesh = { positions: solid.positions, indices: Uint32Array.of(...solid.indices, ...solid.indices.slice(0, 300)) };
    expect(mendForWeather(twice).droppedFacets).toBe(100);
    expect(zoneShares(gatherFields(twice, { ...USUAL_SETUP, points: 8000 }))).toEqual(zoneShares(whole));
  });
  it('with an inner hollow keep its inside inside, whichever way it was drawn', () => {
    const outer = meshOf(new BoxGeometry(30, 30, 30));
    const inner = meshOf(new BoxGeometry(10, 10, 10));
    const both: Mesh = {
      positions: Float32Array.of(...outer.positions, ...inner.positions),
      indices: Uint32Array.of(...outer.indices, ...inner.indices.map((vertex) => vertex + outer.positions.length / 3)),
    };
    expect(mendForWeather(both).turnedFacets).toBe(12);
    expect(mendForWeather(mendForWeather(both).mesh).turnedFacets).toBe(0);
  });
  it('with holes, of needles and of a single facet are taken as they are', () => {
    const holed: Mesh = { positions: solid.positions, indices: solid.indices.slice(0, solid.indices.length - 18) };
    const shares = zoneShares(gatherFields(holed, { ...USUAL_SETUP, points: 8000 }));
    expect(Math.abs(shares.top - zoneShares(whole).top)).toBeLessThan(0.01);
    const one: Mesh = { positions: Float32Array.of(0, 0, 0, 10, 0, 0, 0, 10, 0), indices: Uint32Array.of(0, 1, 2) };
    expect(zoneShares(gatherFields(one, { ...USUAL_SETUP, points: 500 }))).toEqual({ recess: 0, edge: 0, top: 1, side: 0 });
    const needle: Mesh = { positions: Float32Array.of(0, 0, 0, 400, 0, 0, 400, 0.001, 0), indices: Uint32Array.of(0, 1, 2) };
    expect(gatherFields(needle, { ...USUAL_SETUP, points: 500 }).count).toBe(500);
  });
  it('a part of the points tells the same shares', () => {
    const thin = zoneShares(thinOut(whole, 4));
    for (const zone of ['recess', 'edge', 'top', 'side'] as const)
      expect(Math.abs(thin[zone] - zoneShares(whole)[zone])).toBeLessThan(0.015);
  });
  it('tell how far the work is, from nothing to all', () => {
    const told: number[] = [];
    gatherFields(solid, { ...USUAL_SETUP, points: 9000 }, (share) => told.push(share));
    expect(told.at(-1)).toBe(1);
    expect(told).toEqual(told.toSorted((a, b) => a - b));
  });
  it('the crate’s recesses and edges are as large as measured apart', () => {
    const fields = gatherFields(solid, { ...USUAL_SETUP, seed: 5 });
    const percent = (isIn: (point: number) => boolean): number => {
      let count = 0;
      for (let point = 0; point < fields.count; point += 1) if (isIn(point)) count += 1;
      return (100 * count) / fields.count;
    };
    const { coveredOver25, coveredOver40 } = checks.openness.cratePercentOfArea;
    const { over0_15, underMinus0_15 } = checks.convexity.cratePercentOfArea;
    expect(Math.abs(percent((at) => (fields.covered[at] as number) > 0.25) - coveredOver25.value)).toBeLessThan(coveredOver25.tolerance);
    expect(Math.abs(percent((at) => (fields.covered[at] as number) > 0.4) - coveredOver40.value)).toBeLessThan(coveredOver40.tolerance);
    expect(Math.abs(percent((at) => (fields.convexity[at] as number) > 0.15) - over0_15.value)).toBeLessThan(over0_15.tolerance);
    expect(Math.abs(percent((at) => (fields.convexity[at] as number) < -0.15) - underMinus0_15.value)).toBeLessThan(
      underMinus0_15.tolerance,
    );
  });
});
