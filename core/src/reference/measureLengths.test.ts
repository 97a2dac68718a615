import { PerspectiveCamera, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { normalDraw } from '../random/normalDraw';
import { seededRandom } from '../random/seededRandom';
import { combineLengths } from './combineLengths';
import { fitEllipse } from './fitEllipse';
import { fitHomography, invertHomography, project } from './homography';
import type { ImagePoint } from './imagePoint';
import { KNOWN_THINGS } from './knownThings';
import type { MeasuredPicture, PictureLength, WantedLength } from './measureLengths';
import { measureLengths, measurePicture } from './measureLengths';
import { flattenPlane, tiltSd } from './planeScale';
import checks from './testing/matchChecks.json';

const places = (values: readonly (readonly number[])[]): ImagePoint[] => values.map(([x = 0, y = 0]): ImagePoint => [x, y]);
const place = (value: readonly number[]): ImagePoint => [value[0] ?? 0, value[1] ?? 0];
const read = (length: PictureLength) => ('refusal' in length ? Number.NaN : length);
const measureOne = (picture: MeasuredPicture, wanted: WantedLength): PictureLength => measurePicture(picture, [wanted])[0] as PictureLength;
const refusal = (length: PictureLength): string => ('refusal' in length ? length.refusal : 'none');

/** Values measured apart from this code by the study of the match, kept beside it with their tolerances. */
describe('lengths against the values of the study', () => {
  const { rectangle, plainLength, ellipse, combine } = checks;
  const [long = 0, short = 0] = rectangle.millimetres;
  const card = { corners: places(rectangle.corners), proportion: long / short, sideMillimetres: long };

  it('a card’s plane: a point, a length and how sure it is', () => {
    const flatten = flattenPlane({ known: [], rectangle: card }, 0);
    const point = typeof flatten === 'string' ? null : flatten(place(rectangle.point.at));
    expect((point?.[0] ?? 0) * short).toBeCloseTo(rectangle.point.is[0] ?? 0, 5);
    expect((point?.[1] ?? 0) * short).toBeCloseTo(rectangle.point.is[1] ?? 0, 5);
    const wanted = { id: 'w', a: place(rectangle.from), b: place(rectangle.to) };
    const length = read(measureOne({ id: 'p', known: [], rectangle: card, wanted: [], readingPixels: rectangle.readingPixels }, wanted));
    expect(length).toMatchObject({ millimetres: expect.closeTo(rectangle.length, 5), relativeSd: expect.closeTo(rectangle.relativeSd, 4) });
  });
  it('a corner that a known length shares errs once: told by its side or by the length of it, it is as sure', () => {
    const wanted = { id: 'w', a: place(rectangle.from), b: place(rectangle.to) };
    const [first, second] = card.corners as [ImagePoint, ImagePoint];
    const { corners, proportion } = card;
    const bySide = measureOne(
      { id: 'p', known: [{ a: first, b: second, millimetres: long }], rectangle: { corners, proportion }, wanted: [] },
      wanted,
    );
    expect(read(bySide)).toMatchObject({ relativeSd: expect.closeTo(rectangle.relativeSd, 4) });
  });
  it('one known length: its length, the error of reading, and what an unseen tilt adds', () => {
    const [a, b] = places(plainLength.known) as [ImagePoint, ImagePoint];
    const [from, to] = places(plainLength.wanted) as [ImagePoint, ImagePoint];
    const known = { a, b, millimetres: plainLength.knownMillimetres };
    const picture = { id: 'p', known: [known], wanted: [], readingPixels: 1.5, focalPixels: plainLength.focalPixels };
    expect(tiltSd(known, from, to, plainLength.focalPixels, plainLength.tiltDegrees)).toBeCloseTo(plainLength.tiltSd, 4);
    const square = read(measureOne({ ...picture, tiltDegrees: 0 }, { id: 'w', a: from, b: to }));
    expect(square).toMatchObject({
      millimetres: expect.closeTo(plainLength.length, 4),
      relativeSd: expect.closeTo(plainLength.readingSd, 4),
    });
    const tilted = read(measureOne({ ...picture, tiltDegrees: 6 }, { id: 'w', a: from, b: to }));
    expect(tilted).toMatchObject({ relativeSd: expect.closeTo(Math.hypot(plainLength.readingSd, plainLength.tiltSd), 4) });
  });
  it('an ellipse through eight points of a rim', () => {
    const found = fitEllipse(places(ellipse.points));
    expect(found?.centre[0]).toBeCloseTo(ellipse.centre[0] ?? 0, 3);
    expect(found?.centre[1]).toBeCloseTo(ellipse.centre[1] ?? 0, 3);
    expect(found?.semiAxes[0]).toBeCloseTo(ellipse.semiAxes[0] ?? 0, 3);
    expect(found?.semiAxes[1]).toBeCloseTo(ellipse.semiAxes[1] ?? 0, 3);
    expect(found?.turnRadians).toBeCloseTo(ellipse.turnRadians, 5);
  });
  it('a far circle: along either axis of its ellipse lies half a diameter', () => {
    const circle = { rim: places(ellipse.points), diameterMillimetres: 80 };
    const [cx = 0, cy = 0] = ellipse.centre;
    const [cos, sin] = [Math.cos(ellipse.turnRadians), Math.sin(ellipse.turnRadians)];
    const along = { id: 'along', a: [cx, cy], b: [cx + 300 * cos, cy + 300 * sin] } as const;
    const across = { id: 'across', a: [cx, cy], b: [cx - 120 * sin, cy + 120 * cos] } as const;
    const picture = { id: 'p', known: [], circle, wanted: [], readingPixels: 0.5, focalPixels: 1e6 };
    expect(read(measureOne(picture, along))).toMatchObject({ millimetres: expect.closeTo(40, 3) });
    expect(read(measureOne(picture, across))).toMatchObject({ millimetres: expect.closeTo(40, 3) });
  });
  it.each(['agree', 'oneOff', 'oneOffLeftOut'] as const)('several pictures, %s: scatter, mean, interval and who disagrees', (name) => {
    const { millimetres, relativeSd, tau, mean, low, high, deletedResiduals } = combine[name];
    const found = combineLengths(
      millimetres.map((length, at) => ({ picture: `${at}`, millimetres: length, relativeSd: relativeSd[at] ?? 0, spreads: {} })),
    );
    for (const [value, wanted] of [
      [found?.betweenSd, tau],
      [found?.millimetres, mean],
      [found?.low, low],
      [found?.high, high],
    ] as const)
      expect((value ?? 0) / wanted).toBeCloseTo(1, 4);
    for (const [at, wanted] of deletedResiduals.entries()) expect(found?.residuals[at]).toBeCloseTo(wanted, 3);
    expect(found?.disagrees).toEqual(name === 'oneOff' ? ['2'] : []);
  });
  it('the table of bodies holds the values of the published surveys as recalled', () => {
    for (const [id, { pooled }] of Object.entries(checks.bodies.values)) {
      const known = KNOWN_THINGS.find((thing) => thing.id === (id === 'headHeightChinToTop' ? 'headHeight' : id));
      expect([known?.millimetres, known?.sdMillimetres]).toEqual(pooled);
    }
  });
});

describe('homographies', () => {
  it('four pairs are met exactly, and the way back leads back', () => {
    const from = places([[0, 0], [10, 0], [10, 5], [0, 5]]); // prettier-ignore
    const to = places([[3, 4], [90, 10], [80, 60], [-5, 70]]); // prettier-ignore
    const map = fitHomography(from, to) ?? [];
    const back = invertHomography(map) ?? [];
    for (const [at, corner] of from.entries()) {
      const there = project(map, corner).point;
      expect(there[0]).toBeCloseTo(to[at]?.[0] ?? 0, 8);
      expect(project(back, there).point[1]).toBeCloseTo(corner[1], 8);
    }
  });
  it('none from three of four points on a line, coinciding points, or fewer than four', () => {
    const to = places([[0, 0], [1, 0], [1, 1], [0, 1]]); // prettier-ignore
    expect(fitHomography(places([[0, 0], [1, 1], [2, 2], [5, 0]]), to)).toBeNull(); // prettier-ignore
    expect(fitHomography(places([[1, 1], [1, 1], [1, 1], [1, 1]]), to)).toBeNull(); // prettier-ignore
    expect(fitHomography(to.slice(0, 3), to.slice(0, 3))).toBeNull();
  });
});

/** A plane of millimetres before a camera of three's, 1600 × 1200 pixels. */
function lookAtPlane(random: () => number, tiltDegrees: number, millimetresLens: number): (x: number, y: number) => ImagePoint {
  const camera = new PerspectiveCamera((2 * Math.atan(12 / millimetresLens) * 180) / Math.PI, 4 / 3, 1, 100_000);
  const [tilt, round, roll] = [(tiltDegrees * Math.PI) / 180, random() * 2 * Math.PI, random() * 2 * Math.PI];
  const away = (millimetresLens / 26) * (260 + random() * 200);
  camera.position.set(away * Math.sin(tilt) * Math.cos(round), away * Math.sin(tilt) * Math.sin(round), away * Math.cos(tilt));
  camera.up.set(Math.cos(roll), Math.sin(roll), 0.01);
  camera.lookAt(0, 0, 0);
  camera.updateMatrixWorld();
  return (x, y) => {
    const seen = new Vector3(x, y, 0).project(camera);
    return [(seen.x + 1) * 800, (1 - seen.y) * 600];
  };
}

describe('lengths on pictures rendered by three’s camera: 90 % intervals hold what they say', () => {
  /** Of a thousand pictures: how many intervals hold the true length, and by how many half widths the worst is off. */
  function tryMany(seed: number, setUp: (random: () => number) => { picture: MeasuredPicture; truth: number } | null) {
    const random = seededRandom(seed);
    let [held, tried, worst] = [0, 0, 0];
    while (tried < 1000) {
      const made = setUp(random);
      const combined = made && measureLengths([made.picture])[0]?.combined;
      if (!combined) continue;
      tried += 1;
      held += combined.low <= made.truth && made.truth <= combined.high ? 1 : 0;
      worst = Math.max(worst, Math.abs(Math.log(combined.millimetres / made.truth)) / Math.log(combined.high / combined.millimetres));
    }
    return { held, worst };
  }
  const click = (random: () => number, sigma: number) => {
    const draw = (): number => normalDraw(random);
    return ([x, y]: ImagePoint): ImagePoint => [x + sigma * draw(), y + sigma * draw()];
  };
  const stretch = (random: () => number): [number, number, number, number] => {
    const value = (): number => (random() - 0.5) * 160;
    return [value(), value(), value(), value()];
  };

  it('by a card’s corners, tilted up to 70°, 26 to 85 mm, places read to half a pixel to three', () => {
    const { held, worst } = tryMany(1, (random) => {
      const see = lookAtPlane(random, random() * 70, 26 + random() * 59);
      const sigma = 0.5 + random() * 2.5;
      const read = click(random, sigma);
      const corners = ([[-42.8, 26.99], [42.8, 26.99], [42.8, -26.99], [-42.8, -26.99]] as const).map(([x, y]) => read(see(x, y))); // prettier-ignore
      const [ax, ay, bx, by] = stretch(random);
      const truth = Math.hypot(bx - ax, by - ay);
      if (truth < 15) return null;
      const rectangle = { corners, proportion: 85.6 / 53.98, sideMillimetres: 85.6 };
      return {
        picture: { id: 'p', known: [], rectangle, readingPixels: sigma, wanted: [{ id: 'w', a: read(see(ax, ay)), b: read(see(bx, by)) }] },
        truth,
      };
    });
    expect(held).toBeGreaterThanOrEqual(880);
    expect(worst).toBeLessThan(3);
  });
  it('by one known length, tilted by 6° either way without anybody seeing it', () => {
    const { held, worst } = tryMany(2, (random) => {
      const draw = (): number => normalDraw(random);
      const lens = 26 + random() * 40;
      const see = lookAtPlane(random, Math.abs(draw()) * 6, lens);
      const read = click(random, 1.5);
      const [ax, ay, bx, by] = stretch(random);
      const [cx, cy, dx, dy] = stretch(random);
      const truth = Math.hypot(bx - ax, by - ay);
      const millimetres = Math.hypot(dx - cx, dy - cy);
      if (truth < 30 || millimetres < 30) return null;
      const known = [{ a: read(see(cx, cy)), b: read(see(dx, dy)), millimetres }];
      const focalPixels = (lens / 24) * 1200;
      return { picture: { id: 'p', known, focalPixels, wanted: [{ id: 'w', a: read(see(ax, ay)), b: read(see(bx, by)) }] }, truth };
    });
    expect(held).toBeGreaterThanOrEqual(880);
    expect(worst).toBeLessThan(3);
  });
  it.each([true, false])('by the rim of a circle, its centre seen: %s', (isCentreSeen) => {
    const { held, worst } = tryMany(isCentreSeen ? 3 : 4, (random) => {
      const lens = 26 + random() * 59;
      const see = lookAtPlane(random, random() * 55, lens);
      const read = click(random, 1);
      const rim = Array.from({ length: 10 }, (_, at) => read(see(60 * Math.cos(at * 0.628), 60 * Math.sin(at * 0.628))));
      const [ax, ay, bx, by] = stretch(random);
      const truth = Math.hypot(bx - ax, by - ay);
      if (truth < 25) return null;
      const circle = { rim, diameterMillimetres: 120, ...(isCentreSeen ? { centre: read(see(0, 0)) } : {}) };
      const focalPixels = (lens / 24) * 1200;
      return {
        picture: {
          id: 'p',
          known: [],
          circle,
          readingPixels: 1,
          focalPixels,
          wanted: [{ id: 'w', a: read(see(ax, ay)), b: read(see(bx, by)) }],
        },
        truth,
      };
    });
    expect(held).toBeGreaterThanOrEqual(880);
    expect(worst).toBeLessThan(3);
  });
});

describe('several pictures of one thing', () => {
  const picture = (id: string, pixels: number, spread = 0): MeasuredPicture => ({
    id,
    known: [{ a: [100, 100], b: [500, 100], millimetres: 84, spread, thing: 'hand' }],
    wanted: [{ id: 'w', a: [100, 300], b: [100 + pixels, 300] }],
    tiltDegrees: 3,
    widthPixels: 2000,
  });
  it('a body’s spread enters once, however many pictures show it', () => {
    const one = measureLengths([picture('a', 400, 6.5 / 84)])[0]?.combined;
    const six = measureLengths(['a', 'b', 'c', 'd', 'e', 'f'].map((id) => picture(id, 400, 6.5 / 84)))[0]?.combined;
    const half = (found: typeof one): number => Math.log((found?.high ?? 1) / (found?.low ?? 1)) / 2 / 1.645;
    expect(half(one)).toBeGreaterThan(6.5 / 84);
    expect(half(six)).toBeGreaterThan(6.5 / 84);
    expect(half(six)).toBeLessThan(half(one));
  });
  it('names the one that disagrees, of three or more, and of two none', () => {
    const off = [picture('a', 400), picture('b', 404), picture('c', 397), picture('d', 480)];
    expect(measureLengths(off)[0]?.combined?.disagrees).toEqual(['d']);
    expect(measureLengths([picture('a', 400), picture('d', 480)])[0]?.combined?.disagrees).toEqual([]);
  });
  it('goes by those that give a length where one refuses', () => {
    const found = measureLengths([picture('a', 400), { ...picture('b', 400), known: [] }])[0];
    expect(found?.byPicture.map(refusal)).toEqual(['none', 'noScale']);
    expect(found?.combined?.millimetres).toBeCloseTo(84, 6);
  });
});

describe('what cannot be measured says why', () => {
  const wanted = { id: 'w', a: [150, 150], b: [300, 320] } as const;
  const picture = { id: 'p', known: [{ a: [100, 100], b: [500, 120], millimetres: 50 }], wanted: [] } as const;
  const rectangle = (corners: readonly ImagePoint[], proportion = 1.5) => ({ ...picture, rectangle: { corners, proportion } });
  it.each([
    ['noScale', { ...picture, known: [] }],
    ['knownIsNothing', { ...picture, known: [{ ...picture.known[0], millimetres: 0 }] }],
    ['samePoint', { ...picture, known: [{ ...picture.known[0], b: picture.known[0].a }] }],
    ['cornersCrossed', rectangle([[0, 0], [400, 400], [400, 0], [0, 400]])], // prettier-ignore
    ['cornersTooFlat', rectangle([[0, 0], [200, 2], [400, 0], [200, 300]])], // prettier-ignore
    ['samePoint', rectangle([[0, 0], [0, 0], [400, 0], [200, 300]])], // prettier-ignore
    ['cornersCrossed', rectangle([[0, 0], [400, 0], [400, 300]])], // prettier-ignore
    ['knownIsNothing', rectangle([[0, 0], [400, 0], [400, 300], [0, 300]], 0)], // prettier-ignore
    ['noCircle', { ...picture, circle: { rim: [[0, 0], [1, 1], [2, 2], [3, 3], [4, 4]] } }], // prettier-ignore
    ['tooUncertain', { ...picture, known: [{ a: [100, 100], b: [104, 100], millimetres: 5 }] }],
  ] as [string, MeasuredPicture][])('%s', (why, given) => {
    expect(refusal(measureOne(given, wanted))).toBe(why);
  });
  it('ends on one point, or nowhere', () => {
    expect(refusal(measureOne(picture, { ...wanted, b: wanted.a }))).toBe('samePoint');
    expect(refusal(measureOne(picture, { ...wanted, b: [Number.NaN, 3] }))).toBe('notFinite');
  });
  it('a point beyond the horizon of the plane', () => {
    const corners: ImagePoint[] = [[300, 500], [700, 500], [900, 900], [100, 900]]; // prettier-ignore
    expect(refusal(measureOne(rectangle(corners), { id: 'w', a: [400, 600], b: [500, 40] }))).toBe('behindHorizon');
  });
});
