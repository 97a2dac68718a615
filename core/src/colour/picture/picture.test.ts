import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import type { Lab } from '../lab';
import { difference, labOfHex, linearOfLab } from '../lab';
import { lightOfScreen, screenOfLight } from '../screenLight';
import { agreeSamples, averageReadings } from './agreeSamples';
import { averageArea } from './averageArea';
import { AS_TAKEN, doubtSample, gainsOf, MIDDLE_GREY, neutralLab } from './neutralise';

/** A picture whose left half is one colour and right half another under a light. */
function picture(left: Lab, right: Lab, light: readonly [number, number, number], noise = 0) {
  const [width, height] = [40, 30];
  const data = new Uint8ClampedArray(width * height * 4);
  const random = seededRandom(4);
  for (let at = 0; at < width * height; at += 1) {
    const colour = linearOfLab(at % width < width / 2 ? left : right);
    colour.forEach((value, channel) => {
      data[at * 4 + channel] = Math.round(screenOfLight(value * (light[channel] ?? 1))) + (random() - 0.5) * noise;
    });
    data[at * 4 + 3] = 255;
  }
  return { data, width, height };
}
const LEFT = { x: 0, y: 0, width: 0.5, height: 1 };
const RIGHT = { x: 0.5, y: 0, width: 0.5, height: 1 };

describe('a sampled area', () => {
  it.each([[[1, 1, 1]], [[1.2, 0.8, 0.45]], [[0.3, 0.36, 0.5]]] as const)(
    'has its true colour under a light of %j once a grey beside it is made neutral',
    (light) => {
      const truth = labOfHex('#3c5c4c');
      const shot = picture(MIDDLE_GREY, truth, light, 6);
      const gains = gainsOf({ measured: averageArea(shot, LEFT).rgb, known: MIDDLE_GREY });
      const sample = averageArea(shot, RIGHT);
      expect(difference(neutralLab(sample.rgb, gains), truth)).toBeLessThan(1);
      expect(doubtSample(sample, gains)).not.toContain('clipped');
    },
  );
  it('leaves out highlights, shadows and specks', () => {
    const truth = labOfHex('#a8843c');
    const shot = picture(truth, truth, [1, 1, 1]);
    for (let at = 0; at < 1200; at += 10) shot.data.set(at % 20 === 0 ? [255, 255, 250] : [3, 3, 3], at * 4);
    expect(difference(neutralLab(averageArea(shot, LEFT).rgb, AS_TAKEN), truth)).toBeLessThan(0.5);
  });
  it('says when it is clipped, dark, uneven, or without a grey', () => {
    const blown = averageArea(picture([99.9, 0, 0], [50, 0, 0], [1, 1, 1]), LEFT);
    expect(doubtSample(blown, AS_TAKEN)).toEqual(['clipped']);
    const dark = averageArea(picture([6, 0, 0], [50, 0, 0], [1, 1, 1]), LEFT);
    expect(doubtSample(dark, null)).toEqual(['noNeutral', 'dark']);
    expect(doubtSample(averageArea(picture([50, 0, 0], [50, 0, 0], [1, 1, 1]), LEFT), [3, 1, 1])).toEqual(['strongLight']);
    expect(() => gainsOf({ measured: [0.2, 0, 0.2], known: MIDDLE_GREY })).toThrow(RangeError);
  });
  it('of no size is one pixel; outside of the picture is brought in', () => {
    const shot = picture([50, 0, 0], [60, 0, 0], [1, 1, 1]);
    expect(averageArea(shot, { x: 0.2, y: 0.2, width: 0, height: 0 }).pixels).toBe(1);
    expect(averageArea(shot, { x: 3, y: 3, width: 1, height: 1 }).pixels).toBe(1);
    expect(() => averageArea({ data: new Uint8ClampedArray(), width: 2, height: 2 }, LEFT)).toThrow(RangeError);
  });
});

describe('samples of one colour', () => {
  const sample = (id: string, lab: Lab, extra: { isLeftOut?: boolean; isDoubtful?: boolean } = {}) => ({
    id,
    lab,
    isLeftOut: false,
    isDoubtful: false,
    ...extra,
  });
  it('agree on the middle of those that lie together; the outlier is named', () => {
    const agreed = agreeSamples([
      sample('a', [40, -14, 6]),
      sample('b', [41, -13, 7]),
      sample('c', [40.5, -14, 5]),
      sample('d', [52, 2, 20]),
    ]);
    expect(agreed?.samples.map((entry) => entry.use)).toEqual(['used', 'used', 'used', 'outlier']);
    expect(difference(agreed?.middle ?? [0, 0, 0], [40.5, -13.67, 6])).toBeLessThan(0.01);
    expect(agreed?.disagreement).toBeGreaterThan(10);
    expect(agreed?.spread).toBeLessThan(1.2);
  });
  it('of two that disagree neither is called wrong', () => {
    const agreed = agreeSamples([sample('a', [40, -14, 6]), sample('b', [50, 0, 10])]);
    expect(agreed?.samples.map((entry) => entry.use)).toEqual(['used', 'used']);
    expect(agreed?.spread).toBeGreaterThan(4);
  });
  it('doubtful ones count only where there is nothing better, left-out ones never', () => {
    const mixed = agreeSamples([
      sample('a', [40, 0, 0]),
      sample('b', [60, 0, 0], { isDoubtful: true }),
      sample('c', [80, 0, 0], { isLeftOut: true }),
    ]);
    expect(mixed?.samples.map((entry) => entry.use)).toEqual(['used', 'doubtful', 'leftOut']);
    expect(mixed?.middle[0]).toBe(40);
    expect(agreeSamples([sample('b', [60, 0, 0], { isDoubtful: true })])?.middle[0]).toBe(60);
    expect(agreeSamples([sample('c', [80, 0, 0], { isLeftOut: true })])).toBeNull();
  });
  it('readings of one swatch are averaged; four halve the error of one', () => {
    const readings: Lab[] = [
      [50, 1, 0],
      [50, -1, 0],
      [50, 0, 1],
      [50, 0, -1],
    ];
    const mean = averageReadings(readings);
    expect(mean?.lab).toEqual([50, 0, 0]);
    expect(mean?.error).toBeCloseTo((mean?.spread ?? 0) / 2, 9);
    expect(averageReadings([])).toBeNull();
  });
});

describe('screen and light', () => {
  it('go over into each other for all 256 steps; middle grey of 18 % is 118', () => {
    for (let value = 0; value < 256; value += 1) expect(Math.round(screenOfLight(lightOfScreen(value)))).toBe(value);
    expect(Math.round(screenOfLight(0.18))).toBe(118);
    expect([screenOfLight(-1), Math.round(screenOfLight(7))]).toEqual([0, 255]);
  });
});
