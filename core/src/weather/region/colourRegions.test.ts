import { BoxGeometry, CylinderGeometry, SphereGeometry } from 'three';
import { beforeAll, describe, expect, it } from 'vitest';
import { labOfHex } from '../../colour/lab';
import type { Mesh } from '../../surface/mesh/mesh';
import type { Vector } from '../../surface/mesh/vector';
import { parsePathData } from '../../stencil/pathData';
import { pictureOfStencil } from '../../stencil/stencilPicture';
import { meshOf } from '../../surface/testing/threeMesh';
import { drawSurface, halveLongEdges } from '../draw/drawnSurface';
import type { Rehearsal } from '../seen/rehearsal';
import { createRehearsal } from '../seen/rehearsal';
import { checkPass } from '../testing/checkPasses';
import { crate } from '../testing/solids';
import type { RegionPin } from './colourRegions';
import { facetsOfRegions, MOST_COLOUR_REGIONS, regionShares } from './colourRegions';
import { nearestFacet, squareToFacet } from '../places/nearestFacet';
import type { WeatherFields } from '../field/weatherFields';
import { gatherFields, pinnedFields, thinOut, USUAL_SETUP } from '../field/weatherFields';

function pin(place: Vector, edgeDegrees = 25, reachMillimetres: number | null = null): RegionPin {
  return { place, edgeDegrees, reachMillimetres, stencil: null };
}

function fieldsWith(mesh: Mesh, pins: readonly RegionPin[], points = 20_000): WeatherFields {
  return gatherFields(mesh, { ...USUAL_SETUP, points, regionPins: pins });
}

function shares(mesh: Mesh, pins: readonly RegionPin[]): number[] {
  return regionShares(fieldsWith(mesh, pins).regions, pins.length);
}

const box = (): Mesh => meshOf(new BoxGeometry(40, 20, 10));

describe('the facet nearest to a place', () => {
  it('is told by distances to a facet that have closed forms: over its face, beside an edge, beyond a corner', () => {
    const corners: readonly [Vector, Vector, Vector] = [
      [0, 0, 0],
      [4, 0, 0],
      [0, 3, 0],
    ];
    for (const [place, square] of [
      [[1, 1, 2], 4],
      [[1, -2, 0], 4],
      [[-3, 1, 0], 9],
      // The slanted side is 3x + 4y = 12: 25 − 12 over 5.
      [[3, 4, 0], (13 / 5) ** 2],
      [[-3, -4, 0], 25],
      [[7, -4, 0], 25],
      [[-4, 6, 0], 25],
    ] as const)
      expect(squareToFacet(place, ...corners)).toBeCloseTo(square, 9);
  });

  it('is the same as by asking every facet without looking at its box first', () => {
    const mesh = meshOf(new SphereGeometry(10, 16, 12));
    const corner = (at: number): Vector => {
      const vertex = (mesh.indices[at] ?? 0) * 3;
      return [mesh.positions[vertex] ?? 0, mesh.positions[vertex + 1] ?? 0, mesh.positions[vertex + 2] ?? 0];
    };
    for (const place of [
      [11, 2, 3],
      [0, 0, 0.2],
      [-4, 9, -4],
      [3, -30, 1],
    ] as const) {
      const squares = Array.from({ length: mesh.indices.length / 3 }, (_, facet) =>
        squareToFacet(place, corner(facet * 3), corner(facet * 3 + 1), corner(facet * 3 + 2)),
      );
      expect(squares[nearestFacet(mesh, place)]).toBeCloseTo(Math.min(...squares), 9);
    }
    expect(nearestFacet({ positions: new Float32Array(), indices: new Uint32Array() }, [0, 0, 0])).toBe(-1);
  });
});

describe('regions of another colour', () => {
  it('end at the edges of a box: one side and no more, by its share of the area', () => {
    const area = 2 * (40 * 20 + 40 * 10 + 20 * 10);
    const [rest, top] = shares(box(), [pin([3, 2, 5])]);
    expect(top).toBeCloseTo((40 * 20) / area, 2);
    expect((rest ?? 0) + (top ?? 0)).toBeCloseTo(1, 9);
  });

  it('go over edges that bend less than theirs, and over none that bend as much more', () => {
    // Twelve sides of a turned bar bend by 30° each, its ends by 90°.
    const bar = meshOf(new CylinderGeometry(10, 10, 40, 12));
    const wall = 12 * 2 * 10 * Math.sin(Math.PI / 12) * 40;
    const ends = 2 * 12 * 0.5 * 100 * Math.sin(Math.PI / 6);
    expect(shares(bar, [pin([0, 0, 10], 31)])[1]).toBeCloseTo(wall / (wall + ends), 2);
    expect(shares(bar, [pin([1, 0, 9.7], 29)])[1]).toBeCloseTo(wall / 12 / (wall + ends), 2);
    expect(shares(bar, [pin([1, 0, 9.7], 91)])[1]).toBe(1);
  });

  it('reach no further than they are said to: a cap of a ball has the area 2πRh', () => {
    const ball = meshOf(new SphereGeometry(20, 96, 64));
    // Within 12 mm of the pole on a ball of 20 mm: h = d² ÷ 2R; its share of 4πR² is d² ÷ 4R².
    expect(shares(ball, [pin([0, 20, 0], 40, 12)])[1]).toBeCloseTo(144 / 1600, 2);
  });

  it('lie over each other as they are sprayed: the later one has the place', () => {
    const pins = [pin([3, 2, 5]), pin([3, 2, 5], 25, 4)];
    const [, under, over] = shares(box(), pins);
    const disc = (Math.PI * 16) / (2 * (800 + 400 + 200));
    expect(over).toBeCloseTo(disc, 2);
    expect((under ?? 0) + (over ?? 0)).toBeCloseTo(shares(box(), [pin([3, 2, 5])])[1] ?? 0, 2);
    expect(shares(box(), pins.toReversed())[1]).toBe(0);
  });

  it('hold the same share whether the facets are few or many', () => {
    const pins = [pin([120, 30, 30])];
    const coarse = shares(crate(), pins)[1] ?? 0;
    expect(coarse).toBeGreaterThan(0.02);
    expect(Math.abs((shares(halveLongEdges(crate(), 4, 200_000), pins)[1] ?? 0) - coarse)).toBeLessThan(0.003);
  });

  it('are at most eight, none where nothing is pinned, and slivers end none', () => {
    const many = Array.from({ length: 12 }, () => pin([3, 2, 5]));
    expect(Math.max(...facetsOfRegions(box(), many))).toBe(2 ** MOST_COLOUR_REGIONS - 1);
    expect(new Set(facetsOfRegions(box(), []))).toEqual(new Set([0]));
    // A flat square whose halves meet over a facet without an area.
    const sliver: Mesh = {
      positions: Float32Array.from([0, 0, 0, 4, 0, 0, 4, 4, 0, 0, 4, 0, 2, 2, 0]),
      indices: Uint32Array.from([0, 1, 2, 0, 2, 4, 0, 4, 3, 4, 2, 3]),
    };
    expect([...facetsOfRegions(sliver, [pin([3, 1, 0])])]).toEqual([1, 1, 1, 1]);
  });

  it('change with their pins alone, are thinned with the rest, and are drawn facet by facet', () => {
    const bare = fieldsWith(box(), [], 6000);
    const pins = [pin([3, 2, 5])];
    const pinned = { ...bare, ...pinnedFields(bare, { ...USUAL_SETUP, regionPins: pins }) };
    const asked = fieldsWith(box(), pins, 6000);
    expect(pinned.regions).toEqual(asked.regions);
    const thin = thinOut(pinned, 3);
    expect(thin.regions).toEqual(pinned.regions.filter((_, place) => place % 3 === 0));
    const drawn = drawSurface(pinned.mesh, pinned);
    for (let facet = 0; facet < drawn.facets; facet += 1) {
      const z = [2, 5, 8].map((axis) => drawn.positions[facet * 9 + axis] ?? 0);
      const isTop = z.every((height) => height > 4.99);
      expect([...drawn.regions.subarray(facet * 3, facet * 3 + 3)]).toEqual(isTop ? [1, 1, 1] : [0, 0, 0]);
    }
  });
});

describe('a region sprayed through a stencil', () => {
  // A bar 12 mm wide and 4 mm high, at the right half of a stencil whose left half holds a dot of 2 × 2 mm.
  const picture = pictureOfStencil(parsePathData('M0 1L2 1L2 3L0 3ZM8 0L20 0L20 4L8 4Z'), 1);
  const through = (place: Vector, turnDegrees = 0): RegionPin => ({ ...pin(place), stencil: { picture, turnDegrees } });
  const area = 2 * (40 * 20 + 40 * 10 + 20 * 10);
  const meanPlace = (pins: readonly RegionPin[]): Vector => {
    const fields = fieldsWith(box(), pins, 40_000);
    const inside = [...fields.regions.keys()].filter((place) => fields.regions[place] === 1);
    const mean = (axis: number): number =>
      inside.reduce((sum, place) => sum + (fields.positions[place * 3 + axis] ?? 0), 0) / Math.max(1, inside.length);
    return [mean(0), mean(1), mean(2)];
  };

  it('has the stencil’s open area on a flat face and none on the back', () => {
    expect(shares(box(), [through([0, 0, 5])])[1]).toBeCloseTo((48 + 4) / area, 3);
  });

  it('lies with its top towards the way up, its right at the right as one looks at the face; on top of a part as one reads a plate', () => {
    // Bar and dot have their middle (48 × 4 − 4 × 9) ÷ 52 = 3 mm right of the stencil's.
    const off = (48 * 4 - 4 * 9) / 52;
    const near = (place: Vector, wanted: Vector): void => {
      for (const axis of [0, 1, 2]) expect(place[axis]).toBeCloseTo(wanted[axis] ?? Number.NaN, 0);
    };
    near(meanPlace([through([0, -10, 0])]), [off, -10, 0]);
    near(meanPlace([through([0, 10, 0])]), [-off, 10, 0]);
    near(meanPlace([through([20, 0, 0])]), [20, off, 0]);
    near(meanPlace([through([0, 0, 5])]), [off, 0, 5]);
    near(meanPlace([through([0, 0, 5], 90)]), [0, -off, 5]);
    near(meanPlace([through([0, -10, 0], 180)]), [-off, -10, 0]);
  });

  it('ends where its face does, and goes round a bend as far as it is seen from where it was laid', () => {
    expect(shares(box(), [through([19, 0, 5])])[1]).toBeLessThan(((48 + 4) / area) * 0.4);
    // On a bar turned round, what is w wide from the front is 2R asin(w ÷ 2R) on its skin.
    const strip = pictureOfStencil(parsePathData('M0 0L16 0L16 10L0 10Z'), 1);
    const bar = meshOf(new CylinderGeometry(10, 10, 40, 180));
    const skin = 2 * Math.PI * 10 * 40 + 2 * Math.PI * 100;
    const wrapped = shares(bar, [{ ...pin([0, 0, 10], 25), stencil: { picture: strip, turnDegrees: 0 } }])[1];
    expect(wrapped).toBeCloseTo((2 * 10 * Math.asin(0.8) * 10) / skin, 2);
  });

  it('lets what was sprayed before show where it is closed', () => {
    const [, under, over] = shares(box(), [pin([0, 0, 5]), through([0, 0, 5])]);
    expect(over).toBeCloseTo(52 / area, 3);
    expect((under ?? 0) + (over ?? 0)).toBeCloseTo(800 / area, 2);
  });
});

describe('a part of two colours', () => {
  const [green, brass] = [labOfHex('#3f5f48'), labOfHex('#a8843c')];
  let fields: WeatherFields;
  let rehearsal: Rehearsal;
  beforeAll(() => {
    fields = fieldsWith(box(), [pin([3, 2, 5])], 4000);
    rehearsal = createRehearsal(fields, fields.up, [brass, green]);
  });
  const labsBy = (labs: Float32Array, region: number): number[][] =>
    [...fields.regions.keys()]
      .filter((place) => fields.regions[place] === region)
      .map((place) => [...labs.subarray(place * 3, place * 3 + 3)]);

  it('shows each colour in its region, and is as new as a part of one', () => {
    const labs = rehearsal.labs([]);
    for (const [region, lab] of [brass, green].entries())
      for (const own of labsBy(labs, region)) for (const [axis, value] of own.entries()) expect(value).toBeCloseTo(lab[axis] ?? 0, 0);
    expect(rehearsal.age([]).age).toBe(0);
  });

  it('bares in each region what is under it there, and elsewhere what it bares everywhere', () => {
    const grey = labOfHex('#808080');
    const chips = checkPass('chips', { amount: 1 });
    const paint = (lab: typeof grey) => ({ ...chips.paint, paint: { ...chips.paint.paint, lab } });
    const plain = { ...chips, paint: paint(grey) };
    const film = rehearsal.film(plain);
    const single = rehearsal.labs([plain]);
    expect(rehearsal.labs([{ ...plain, paintIn: [null] }])).toEqual(single);
    const other = checkPass('dryBrush', { amount: 1 }).paint;
    const both = rehearsal.labs([{ ...plain, paintIn: [other] }]);
    const inRegion = rehearsal.labs([{ ...plain, paint: other }]);
    let bared = 0;
    for (let place = 0; place < fields.count; place += 1) {
      const at = place * 3;
      const wanted = fields.regions[place] === 1 ? inRegion : single;
      expect(both.subarray(at, at + 3)).toEqual(wanted.subarray(at, at + 3));
      if (fields.regions[place] === 1 && (film[place] ?? 0) > 0.2) bared += 1;
    }
    expect(bared).toBeGreaterThan(0);
  });

  it('takes one colour everywhere where none is said for a region', () => {
    expect(createRehearsal(fields, fields.up, [brass]).labs([])).toEqual(createRehearsal(fields, fields.up, brass).labs([]));
  });
});
