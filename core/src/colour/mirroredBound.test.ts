import { describe, expect, it } from 'vitest';
import { labOfHex } from './lab';
import { boundMirrored } from './mirroredBound';
import { mixLab, paintOf } from './paint';

const WHITE = labOfHex('#f2f1ec');
const BLACK = labOfHex('#1b1b1b');
const shelf = [
  { id: 'white', lab: WHITE },
  { id: 'black', lab: BLACK },
];
const grey = (mirrored: number): number =>
  mixLab(
    [
      { paint: paintOf('white', WHITE, 1, mirrored), parts: 20 },
      { paint: paintOf('black', BLACK, 1, mirrored), parts: 1 },
    ],
    mirrored,
  )[0];

describe('what surfaces mirror', () => {
  it('is bounded by the darkest paint, which is named', () => {
    const bound = boundMirrored(0.04, shelf);
    expect(bound.boundBy).toBe('black');
    expect(bound.value).toBeGreaterThan(0);
    expect(bound.value).toBeLessThan(0.01);
  });
  it('so that one part of black in twenty of white stays a grey and does not turn to black', () => {
    expect(grey(0.04)).toBeLessThan(25);
    expect(Math.abs(grey(boundMirrored(0.04, shelf).value) - grey(0))).toBeLessThan(10);
  });
  it('is left alone where every paint is bright enough, and where nothing is mirrored', () => {
    expect(boundMirrored(0.04, [shelf[0] as (typeof shelf)[number]])).toEqual({ value: 0.04, boundBy: null });
    expect(boundMirrored(0, shelf)).toEqual({ value: 0, boundBy: null });
    expect(boundMirrored(0.03, [])).toEqual({ value: 0.03, boundBy: null });
  });
});
