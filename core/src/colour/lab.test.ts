import Color from 'colorjs.io';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tellDifference } from './differenceWords';
import type { Lab } from './lab';
import { difference, hexOfLab, isShownTruly, labOfHex, labOfLinear, linearOfLab } from './lab';
import { nearestPaints } from './nearestPaints';
import checks from './testing/colourChecks.json';

const labArbitrary = fc.tuple(
  fc.double({ min: 0, max: 100, noNaN: true }),
  fc.double({ min: -90, max: 90, noNaN: true }),
  fc.double({ min: -90, max: 90, noNaN: true }),
);

describe('CIEDE2000', () => {
  it.each(checks.ciede2000.pairs)('has the published value of pair $pair (Sharma, Wu and Dalal 2005; recalled, see the file)', (pair) => {
    expect(difference(pair.lab1 as unknown as Lab, pair.lab2 as unknown as Lab)).toBeCloseTo(pair.dE00, 4);
  });
  it('agrees with a second library on random pairs', () => {
    fc.assert(
      fc.property(labArbitrary, labArbitrary, (one, other) => {
        const second = new Color('lab', [...one]).deltaE(new Color('lab', [...other]), '2000');
        expect(difference(one, other)).toBeCloseTo(second, 6);
      }),
      { seed: 20260501, numRuns: 300 },
    );
  });
});

describe('Lab', () => {
  it.each(checks.srgb_to_lab_d65)('of $hex is the agreed one of two libraries', ({ hex, lab }) => {
    labOfHex(hex).forEach((value, axis) => expect(value).toBeCloseTo(lab[axis] ?? NaN, 2));
  });
  it('goes to linear light and back, also outside of what a screen shows', () => {
    fc.assert(
      fc.property(labArbitrary, (lab) => {
        labOfLinear(linearOfLab(lab)).forEach((value, axis) => expect(value).toBeCloseTo(lab[axis] ?? NaN, 6));
      }),
      { seed: 7, numRuns: 100 },
    );
  });
  it('is cut off to be shown, and says so', () => {
    expect(hexOfLab(labOfHex('#a2793d'))).toBe('#a2793d');
    expect([isShownTruly(labOfHex('#ffff00')), isShownTruly([60, -70, 0])]).toEqual([true, false]);
    expect(() => labOfHex('green')).toThrow(RangeError);
    expect(() => labOfHex('#12345')).toThrow(RangeError);
  });
});

describe('a difference in words', () => {
  const grey: Lab = [50, 0, 0];
  it.each([
    [[50.2, 0, 0], 'none', ''],
    [[51.5, 0, 0], 'sideBySide', 'a touch lighter'],
    [[44, 0, 0], 'clear', 'much darker'],
    [[50, 0, 9], 'clear', /yellower/u],
    [[50, -9, 0], 'other', /greener/u],
    [[50, 40, 0], 'other', /redder/u],
  ] as const)('%j beside a grey is %s: %s', (lab, band, words) => {
    const told = tellDifference(lab, grey);
    expect(told.band).toBe(band);
    expect(told.words).toMatch(words);
  });
  it('tells chroma from hue', () => {
    expect(tellDifference([50, 20, 20], [50, 30, 30]).words).toBe('much duller');
    expect(tellDifference([50, 30, 30], [50, 20, 20]).words).toContain('cleaner');
    expect(tellDifference([50, 20, 30], [50, 30, 20]).words).toMatch(/yellower|greener/u);
  });
  it('ranks what can be compared before what cannot', () => {
    const near = nearestPaints(
      [
        { id: 'brass', lab: [50, 5, 30], effect: 'metallic' },
        { id: 'far', lab: [80, 0, 0], effect: 'none' },
        { id: 'near', lab: [52, 4, 30], effect: 'none' },
      ],
      [50, 5, 30],
    );
    expect(near.map((paint) => paint.id)).toEqual(['near', 'far', 'brass']);
    expect(near[2]?.caution).toContain('angle');
  });
});
