import { describe, expect, it } from 'vitest';
import { FUSES, lightRatings } from './ratings';
import { SEAM_RETURNS, seamLeak } from './seamLeak';

const SEAM = { gap: 0.3, depth: 1.6, hasLip: false, isBlack: false };

describe('light through a seam', () => {
  it('straight through is the view factor of facing strips (√2 − 1 where it is as deep as wide, closed form)', () => {
    const black = seamLeak({ gap: 1, depth: 1, hasLip: false, isBlack: true }).share;
    expect(black).toBeCloseTo(Math.SQRT2 - 1 + (2 - Math.SQRT2) * (SEAM_RETURNS.black / 2), 12);
    expect(seamLeak({ ...SEAM, depth: 0 }).share).toBe(1);
  });
  it('for white faces is not below what comes through a slot of them (0.68438, as deep as wide: Berman 1965, memory)', () => {
    const straight = Math.SQRT2 - 1;
    expect(straight + (1 - straight) / 2).toBeGreaterThan(0.68438);
    expect(seamLeak({ gap: 1, depth: 1, hasLip: false, isBlack: false }).share).toBeLessThan(0.68438);
  });
  it('is less the narrower and deeper it is, with black faces, and with a lip; dark with both', () => {
    const share = (change: Partial<typeof SEAM>): number => seamLeak({ ...SEAM, ...change }).share;
    expect(share({ gap: 0.1 })).toBeLessThan(share({}));
    expect(share({ depth: 4 })).toBeLessThan(share({}));
    expect(share({ isBlack: true })).toBeLessThan(share({}));
    expect(share({ hasLip: true })).toBeLessThan(share({}));
    expect(seamLeak({ ...SEAM, hasLip: true, isBlack: true }).isDark).toBe(true);
    expect(seamLeak({ ...SEAM, isBlack: true }).isDark).toBe(false);
    expect(seamLeak({ ...SEAM, gap: 0 })).toEqual({ share: 0, isDark: true });
    expect(() => seamLeak({ ...SEAM, gap: -1 })).toThrow(RangeError);
  });
});

describe('fuse and contacts', () => {
  it('are the next of the series above the load with its margin (by hand)', () => {
    expect(lightRatings(0.324, 1.1)).toEqual({ fuseAmps: 0.5, contactAmps: 0.5 });
    expect(lightRatings(0.8, 5)).toEqual({ fuseAmps: 1, contactAmps: 1.2 });
    expect(lightRatings(0, 1).fuseAmps).toBe(FUSES[0]);
  });
  it('never guard a wire that bears less than they do', () => {
    expect(lightRatings(2, 2.2).fuseAmps).toBeNull();
    expect(lightRatings(2, 2.5).fuseAmps).toBe(2.5);
    expect(lightRatings(50, 100).fuseAmps).toBeNull();
    expect(() => lightRatings(-1, 1)).toThrow(RangeError);
  });
  // R10 of ISO 3: each about 1.26 times the one before; the series of fuses rounds some.
  it('series: each about a tenth of a decade above the one before', () => {
    for (const [at, rated] of FUSES.entries())
      if (at > 0) expect(Math.abs(rated / (FUSES[at - 1] ?? rated) - 10 ** 0.1)).toBeLessThan(0.03);
  });
});
