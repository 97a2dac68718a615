import { PerspectiveCamera, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import type { Lab, LinearRgb } from '../colour/lab';
import { labOfHex, labOfLinear, linearOfLab } from '../colour/lab';
import { averageArea } from '../colour/picture/averageArea';
import type { Pixels } from '../colour/picture/averageArea';
import { MIDDLE_GREY } from '../colour/picture/neutralise';
import { screenOfLight } from '../colour/screenLight';
import { normalDraw } from '../random/normalDraw';
import { seededRandom } from '../random/seededRandom';
import type { ImagePoint } from '../reference/imagePoint';
import { distance } from '../reference/imagePoint';
import checks from '../reference/testing/matchChecks.json';
import { MATCH_HALF_WIDTHS, matchColours } from './matchColours';
import type { MatchSide, RegionMatch } from './matchColours';
import { colourSteps, noticeScore, orderByNotice } from './noticed';
import type { PointPair, Registration } from './registerPictures';
import { registerPictures } from './registerPictures';
import { fitThinPlate } from './thinPlate';

const points = (values: readonly (readonly number[])[]): ImagePoint[] => values.map(([x = 0, y = 0]): ImagePoint => [x, y]);
const sound = (found: ReturnType<typeof registerPictures>): Registration => {
  if ('refusal' in found) throw new Error(found.refusal);
  return found;
};

/** Values measured apart from this code by the study of the match. */
describe('thin plates against the values of the study', () => {
  const { from, to, at, is, leaveOneOut, affineTo, affineWant } = checks.thinPlate;
  it('a place within, and what each pair is off by when it is left out', () => {
    const plate = fitThinPlate(points(from), points(to));
    const [x = 0, y = 0] = plate?.map(points([at])[0] as ImagePoint) ?? [];
    expect([x, y]).toEqual([expect.closeTo(is[0] ?? 0, 3), expect.closeTo(is[1] ?? 0, 3)]);
    for (const [index, wanted] of leaveOneOut.entries()) expect(plate?.leaveOneOut()[index]).toBeCloseTo(wanted, 3);
  });
  it('the closed form is what leaving out and fitting anew comes to', () => {
    const [sources, targets] = [points(from), points(to)];
    const plate = fitThinPlate(sources, targets);
    for (const [left, source] of sources.entries()) {
      const without = <Kept>(list: readonly Kept[]): Kept[] => list.filter((_, index) => index !== left);
      const rest = fitThinPlate(without(sources), without(targets));
      expect(distance(rest?.map(source) ?? [0, 0], targets[left] as ImagePoint)).toBeCloseTo(plate?.leaveOneOut()[left] ?? 0, 6);
    }
  });
  it('maps that keep straight lines parallel are reproduced exactly', () => {
    const plate = fitThinPlate(points(from), points(affineTo));
    const [x = 0, y = 0] = plate?.map(points([at])[0] as ImagePoint) ?? [];
    expect(Math.abs(x - (affineWant[0] ?? 0))).toBeLessThan(1e-8);
    expect(Math.abs(y - (affineWant[1] ?? 0))).toBeLessThan(1e-8);
  });
  it('none from points on a line, on one another, or three', () => {
    const line = points([[0, 0], [1, 1], [2, 2], [3, 3]]); // prettier-ignore
    expect(fitThinPlate(line, line)).toBeNull();
    expect(fitThinPlate(line.map(() => [5, 5]), line)).toBeNull(); // prettier-ignore
    expect(fitThinPlate(line.slice(1), line.slice(1))).toBeNull();
  });
});

/** Radius of the dome, mm: a homography is off by as much on it as on the study's own. */
const DOME = 330;

/** A body seen by two of three's cameras, the second one having gone round it. */
function seenTwice(body: 'flat' | 'dome', turnDegrees: number, count: number, seed: number) {
  const random = seededRandom(seed);
  const read = (point: ImagePoint): ImagePoint => [point[0] + normalDraw(random), point[1] + normalDraw(random)];
  const camera = (degrees: number): PerspectiveCamera => {
    const made = new PerspectiveCamera(30, 1, 1, 1e5);
    const turn = (degrees * Math.PI) / 180;
    made.position.set(520 * Math.sin(turn), 0, 520 * Math.cos(turn));
    made.lookAt(0, 0, 0);
    made.updateMatrixWorld();
    return made;
  };
  const [first, second] = [camera(0), camera(turnDegrees)];
  const see = (eye: PerspectiveCamera, place: Vector3): ImagePoint => {
    const seen = place.clone().project(eye);
    return [(seen.x + 1) * 280, (1 - seen.y) * 280];
  };
  const surface = (u: number, v: number): Vector3 =>
    new Vector3(u * 140, v * 140, body === 'flat' ? 0 : Math.sqrt(DOME ** 2 - (u * u + v * v) * 140 ** 2) - DOME);
  // Spread as a hand would: one in each field of a grid, anywhere in it.
  const side = Math.sqrt(count);
  const within = (field: number): number => ((field + 0.15 + 0.7 * random()) / side) * 2 - 1;
  const pairs = Array.from({ length: count }, (_, at): PointPair => {
    const place = surface(within(at % side), within(Math.floor(at / side)));
    return { reference: read(see(first, place)), own: read(see(second, place)) };
  });
  const truth = Array.from({ length: 200 }, () => surface(random() * 1.7 - 0.85, random() * 1.7 - 0.85)).map(
    (place) => [see(first, place), see(second, place)] as const,
  );
  return { pairs, truth };
}

describe('bringing one picture onto the other', () => {
  const errorOf = (registration: Registration, truth: readonly (readonly [ImagePoint, ImagePoint])[]): number =>
    Math.sqrt(truth.reduce((sum, [from, to]) => sum + distance(registration.toOwn(from), to) ** 2, 0) / truth.length);
  const medianOf = (values: number[]): number => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
  // The study's own dome: 4.9 and 8.3 px of 280 with nine pairs, 3.7 and 5.4 with sixteen; a build should come within a third. Ours is a little flatter.
  it.each([
    ['flat', 15, 9, 1.3],
    ['flat', 30, 9, 1.5],
    ['dome', 15, 9, 4.9],
    ['dome', 30, 9, 8.3],
    ['dome', 15, 16, 3.7],
    ['dome', 30, 16, 5.4],
  ] as const)('%s turned %i°, %i pairs: no farther off than the study’s %f px and a third', (body, turn, count, pixels) => {
    const errors = Array.from({ length: 8 }, (_, seed) => {
      const { pairs, truth } = seenTwice(body, turn, count, seed + 1);
      return errorOf(sound(registerPictures(pairs)), truth);
    });
    expect(medianOf(errors)).toBeLessThan(pixels * (4 / 3));
  });
  it('what is told of the error holds in nine of ten', () => {
    let held = 0;
    for (let seed = 0; seed < 100; seed += 1) {
      const { pairs, truth } = seenTwice('dome', 20, 9, 100 + seed);
      const registration = sound(registerPictures(pairs));
      held += errorOf(registration, truth) <= registration.errorPixels ? 1 : 0;
    }
    expect(held).toBeGreaterThanOrEqual(88);
  });
  it('a pair that was mixed up is named, from eight on', () => {
    const { pairs } = seenTwice('flat', 15, 9, 7);
    const mixed = pairs.map((pair, at) => (at === 4 ? { ...pair, own: [pair.own[0] + 60, pair.own[1]] as const } : pair));
    expect(sound(registerPictures(mixed)).suspects).toEqual([4]);
    expect(sound(registerPictures(pairs)).suspects).toEqual([]);
  });
  it('is refused with too few pairs, on a line, or where they fit nothing', () => {
    const { pairs } = seenTwice('flat', 15, 9, 7);
    expect(registerPictures(pairs.slice(0, 3))).toEqual({ refusal: 'tooFewPairs' });
    expect(registerPictures([1, 2, 3, 4, 5].map((at) => ({ reference: [at, at], own: [at, 2 * at] })))).toEqual({ refusal: 'onALine' });
    const random = seededRandom(3);
    const unrelated = pairs.map(({ reference }) => ({ reference, own: [random() * 560, random() * 560] as const }));
    expect(registerPictures(unrelated)).toEqual({ refusal: 'doNotFit' });
  });
  it('beyond the points nothing is within', () => {
    const registration = sound(registerPictures(seenTwice('flat', 0, 9, 2).pairs));
    expect(registration.isWithin([280, 280])).toBe(true);
    expect(registration.isWithin([20, 280])).toBe(false);
  });
});

/** Regions of a scene side by side, under a light: a grey patch first. */
const SCENE = ['#808080', '#a8843c', '#3c5c4c', '#8a4030', '#c8c0a8', '#404a58', '#6a7a3a'];
const CELL = 60;
function photograph(colours: readonly Lab[], light: LinearRgb, seed: number): Pixels {
  const random = seededRandom(seed);
  const [width, height] = [CELL * colours.length, CELL];
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  const screens = colours.map((lab) =>
    linearOfLab(lab).map((value, channel) => screenOfLight(Math.max(0, value * (light[channel] as number)))),
  );
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      for (let channel = 0; channel < 3; channel += 1)
        data[(y * width + x) * 4 + channel] = (screens[Math.floor(x / CELL)]?.[channel] as number) + normalDraw(random) * 1.5;
  return { data, width, height };
}
const colours = SCENE.map((hex, at) => (at === 0 ? MIDDLE_GREY : labOfHex(hex)));
const areaOf = (at: number) => ({ x: at / colours.length, y: 0, width: 1 / colours.length, height: 1 });
const side = (pixels: Pixels): MatchSide => ({
  pixels,
  patch: averageArea(pixels, { ...areaOf(0), x: 0.03, width: 0.08 }),
  known: MIDDLE_GREY,
});
const regions = SCENE.slice(1).map((_, at) => ({ id: `${at + 1}`, area: areaOf(at + 1) }));
const same: Registration = {
  kind: 'homography',
  smoothing: 0,
  toOwn: (point) => point,
  press: 0.5,
  errorPixels: 1,
  suspects: [],
  hull: [],
  isWithin: () => true,
};
const deltaOf = (region: RegionMatch): number => ('refusal' in region ? Number.NaN : region.deltaE);

describe('colours of both with the light taken out', () => {
  const reference = side(photograph(colours, [1, 1, 1], 1));
  it.each([
    ['warm', [1, 0.9, 0.8]],
    ['lamp', [1.1, 0.8, 0.5]],
    ['cold and dim', [0.5, 0.6, 0.75]],
  ] as const)('the same under another light, %s: under 1 in every region, nothing noticed', (_, light) => {
    const match = matchColours(reference, side(photograph(colours, light, 2)), regions, same, 'otherLight');
    for (const region of match.regions) expect(deltaOf(region)).toBeLessThan(1);
    expect(orderByNotice(match.regions.map((region) => ({ id: region.id, steps: deltaOf(region), half: match.half, share: 0.2 })))).toEqual(
      [],
    );
    expect(match.refusal).toBeNull();
  });
  it('a region that is 10 off is found first in at least 95 of 100, its difference within the interval', () => {
    let [found, held] = [0, 0];
    for (let trial = 0; trial < 100; trial += 1) {
      const changed = 1 + (trial % 6);
      // A lightness of about 10 ΔE00 at these lightnesses; the truth is what the two colours differ by.
      const other = colours.map((lab, at): Lab => (at === changed ? [lab[0] + (trial % 2 === 0 ? 11 : -11), lab[1], lab[2]] : lab));
      const match = matchColours(reference, side(photograph(other, [1, 0.97, 0.93], trial + 10)), regions, same, 'sameCameraAndLight');
      const [first] = orderByNotice(
        match.regions.map((region) => ({ id: region.id, steps: deltaOf(region), half: match.half, share: 0.2 })),
      );
      found += first?.id === String(changed) ? 1 : 0;
      const region = match.regions[changed - 1];
      const truth = colourSteps(colours[changed] as Lab, other[changed] as Lab, Infinity);
      held += region && !('refusal' in region) && region.low <= truth && truth <= region.high ? 1 : 0;
    }
    expect(found).toBeGreaterThanOrEqual(95);
    expect(held).toBeGreaterThanOrEqual(90);
  });
  it('a patch that stood in another light is refused: everything is off alike', () => {
    const tinted = colours.map((lab, at): Lab =>
      at === 0 ? lab : labOfLinear(linearOfLab(lab).map((value, channel) => value * [1.5, 1, 0.5][channel]!) as unknown as LinearRgb),
    );
    const match = matchColours(reference, side(photograph(tinted, [1, 1, 1], 5)), regions, same, 'sameCameraAndLight');
    expect(match.refusal).toBe('patchElsewhere');
    expect(match.commonShift).toBeGreaterThan(8);
  });
  it('says why of a region that is too small, clipped, or beyond the points', () => {
    const small = [{ id: 'small', area: { ...areaOf(1), width: 0.02 } }];
    const refusalOf = (region?: RegionMatch): string => (region && 'refusal' in region ? region.refusal : 'none');
    expect(refusalOf(matchColours(reference, reference, small, same, 'sameCameraAndLight').regions[0])).toBe('tooSmall');
    const bright = side(photograph(colours, [3.4, 3.4, 3.4], 3));
    expect(refusalOf(matchColours(reference, bright, regions, same, 'sameCameraAndLight').regions[3])).toBe('clipped');
    const beyond = { ...same, isWithin: () => false };
    expect(refusalOf(matchColours(reference, reference, regions, beyond, 'sameCameraAndLight').regions[0])).toBe('outside');
  });
  it('is as sure as the conditions allow, the study’s half widths', () => {
    const { greyAndThreeKnownChipsInBoth, ...rest } = checks.colour.halfWidth90;
    expect(MATCH_HALF_WIDTHS).toEqual({ ...rest, chipsInBoth: greyAndThreeKnownChipsInBoth });
  });
});

describe('what is noticed first', () => {
  it('scores as the study has it', () => {
    for (const { steps, half, share, score } of checks.noticed.values) expect(noticeScore({ steps, half, share })).toBeCloseTo(score, 3);
  });
  it('orders marks missing, half the sight, length and a small patch as the study does', () => {
    const given = [
      { id: 'ΔE00 10 on 1 %', steps: 10, half: 0.5, share: 0.01 },
      { id: '5 % longer', steps: 2, half: 0.5, share: 1 },
      { id: 'ΔE00 4 on half the sight', steps: 4, half: 0.5, share: 0.5 },
      { id: 'marks missing 15 %, ΔE00 18', steps: 18, half: 0.5, share: 0.15 },
    ];
    expect(orderByNotice(given).map(({ id }) => id)).toEqual(checks.noticed.order);
  });
  it('what lies within the half width is not listed', () => {
    expect(orderByNotice([{ id: 'a', steps: 6, half: 6.5, share: 1 }])).toEqual([]);
  });
  it('a colour seen small differs less, in chroma sooner than in lightness', () => {
    const lightness = (arc: number): number => colourSteps([50, 0, 0], [60, 0, 0], arc);
    const chroma = (arc: number): number => colourSteps([50, 10, 0], [50, 30, 0], arc);
    expect(lightness(1)).toBeLessThan(lightness(10));
    expect(chroma(2) / chroma(Infinity)).toBeLessThan(lightness(2) / lightness(Infinity));
    expect(lightness(1e6)).toBeCloseTo(lightness(Infinity), 6);
  });
});
