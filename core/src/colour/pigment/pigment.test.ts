import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrastRatio } from '../coats/coatsOver';
import { labOfHex } from '../lab';
import { paintOf } from '../paint';
import { findPigmentKind, guessPigment, guessScatter, PIGMENT_KINDS } from './pigmentKinds';
import { unknownDifference } from './unknownDifference';

const part = (hex: string, parts: number, strengthSpread: number, strength = 1) => ({
  paint: paintOf(hex, labOfHex(hex), strength),
  parts,
  strengthSpread,
});

describe('kinds of pigment (Patton, Pigment Handbook; Mitton: from memory)', () => {
  it('phthalo blues and greens tint 5 to 10 times as strongly as earths, carbon black 3 to 5 times as white', () => {
    const ratio = findPigmentKind('strongOrganic').strength / findPigmentKind('earth').strength;
    expect(ratio).toBeGreaterThanOrEqual(5);
    expect(ratio).toBeLessThanOrEqual(10);
    expect(findPigmentKind('black').strength).toBeGreaterThanOrEqual(3);
    expect(findPigmentKind('black').strength).toBeLessThanOrEqual(5);
    expect(findPigmentKind('white').strength).toBe(1);
  });
  it('scatter by film within the printed ranges, 1/µm', () => {
    const within = (id: 'white' | 'earth' | 'organic', least: number, most: number) => {
      const value = findPigmentKind(id).scatterPerMicrometre ?? 0;
      expect(value).toBeGreaterThanOrEqual(least);
      expect(value).toBeLessThanOrEqual(most);
    };
    within('white', 0.2, 0.3);
    within('earth', 0.1, 0.2);
    within('organic', 0.02, 0.06);
  });
  it.each([
    ['#f1efe9', 'white'],
    ['#232221', 'black'],
    ['#4b3224', 'earth'],
    ['#b98a33', 'earth'],
    ['#e8c51a', 'organic'],
    ['#c8102e', 'organic'],
    ['#12406f', 'strongOrganic'],
    ['#1d5a48', 'strongOrganic'],
    ['#8d8e90', 'mixed'],
    ['#9cc4d8', 'mixed'],
  ] as const)('%s speaks for %s', (hex, kind) => expect(guessPigment(labOfHex(hex))).toBe(kind));
  it('every colour has a kind, and its coat scatters in proportion to its thickness (property)', () => {
    fc.assert(
      fc.property(
        fc.tuple(
          fc.double({ min: 0, max: 100, noNaN: true }),
          fc.double({ min: -120, max: 120, noNaN: true }),
          fc.double({ min: -120, max: 120, noNaN: true }),
        ),
        (lab) => {
          expect(PIGMENT_KINDS.map(({ id }) => id)).toContain(guessPigment(lab));
          expect(guessScatter(20, lab)).toBeGreaterThan(0);
          expect(guessScatter(20, lab)).toBeCloseTo(2 * guessScatter(10, lab), 9);
        },
      ),
      { seed: 7 },
    );
  });
  it('a coat of white hides far better than one of organic yellow, and black with hardly any scatter hides at once', () => {
    const hidden = (hex: string, coats: number): number => {
      const lab = labOfHex(hex);
      return contrastRatio({ paint: paintOf('p', lab), scatterPerCoat: guessScatter(20, lab) }, coats);
    };
    expect(hidden('#f1efe9', 2)).toBeGreaterThan(hidden('#e8c51a', 2) + 0.1);
    expect(hidden('#232221', 2)).toBeGreaterThan(0.98);
  });
});

describe('what a mix’s unknown strengths may do', () => {
  it('is nothing for one paint, for known ones, and for what is mixed of one colour', () => {
    expect(unknownDifference([part('#1d5a48', 3, 2.5)], 0)).toBe(0);
    expect(unknownDifference([part('#1d5a48', 3, 1), part('#f1efe9', 9, 1)], 0)).toBe(0);
    expect(unknownDifference([part('#1d5a48', 3, 2), part('#1d5a48', 9, 3)], 0)).toBeCloseTo(0, 6);
  });
  it('grows with the spread, and independent errors add by squares', () => {
    const of = (green: number, white: number) => unknownDifference([part('#1d5a48', 1, green), part('#f1efe9', 8, white)], 0);
    expect(of(2, 1)).toBeGreaterThan(of(1.5, 1));
    expect(of(2, 1.5) ** 2).toBeCloseTo(of(2, 1) ** 2 + of(1, 1.5) ** 2, 8);
    expect(of(2.5, 1.15)).toBeGreaterThan(2);
  });
});
