import { describe, expect, it } from 'vitest';
import { difference, labOfHex } from '../lab';
import { mixMass, paintOf } from '../paint';
import { BANDS } from '../spectrum/cieTables';
import type { CoatPaint } from './coatsOver';
import {
  backingOf,
  coatOfMix,
  coatRow,
  contrastRatio,
  labOver,
  lightThrough,
  rankUndercoats,
  SCATTER_SPREAD,
  scatterFromReadings,
} from './coatsOver';

const coat = (hex: string, scatterPerCoat: number, scatterSpread?: number): CoatPaint => ({
  paint: paintOf(hex, labOfHex(hex)),
  scatterPerCoat,
  ...(scatterSpread === undefined ? {} : { scatterSpread }),
});
const BLACK = labOfHex('#232221');

describe('the row of coats', () => {
  const yellow = coat('#e8c51a', 1.5);
  it.each([0.4, 0.7, 1.5, 6])('ends one coat after the full colour, with three to twelve coats shown (%f a coat)', (scatter) => {
    const row = coatRow({ ...yellow, scatterPerCoat: scatter }, BLACK);
    const full = row.toFullColour ?? 12;
    expect(row.steps.map(({ coats }) => coats)).toEqual(Array.from({ length: Math.min(12, Math.max(3, full + 1)) + 1 }, (_, nth) => nth));
    expect(row.toFullColour).toBe(row.steps.find(({ toFull }) => toFull < 1)?.coats ?? null);
    for (const { coats, lab, toFull, contrast } of row.steps) {
      expect(lab).toEqual(labOver({ ...yellow, scatterPerCoat: scatter }, coats, backingOf(BLACK)));
      expect(toFull).toBe(difference(lab, row.full));
      expect(contrast).toBe(contrastRatio({ ...yellow, scatterPerCoat: scatter }, coats));
    }
  });
  it('has its full colour where nobody tells the two apart, ΔE00 under 1 and not at 1.05', () => {
    const awayAfterTwo = (scatter: number): number =>
      difference(labOver({ ...yellow, scatterPerCoat: scatter }, 2, backingOf(BLACK)), yellow.paint.lab);
    // The scattering with which the second coat is just so far away, by bisection: it falls with every bit more.
    const scatterFor = (away: number): number => {
      let [less, more] = [0.1, 20];
      for (let round = 0; round < 60; round += 1) {
        const middle = (less + more) / 2;
        if (awayAfterTwo(middle) > away) less = middle;
        else more = middle;
      }
      return more;
    };
    const rowFor = (away: number) => coatRow({ ...yellow, scatterPerCoat: scatterFor(away) }, BLACK);
    expect(rowFor(1.05).steps[2]?.toFull).toBeCloseTo(1.05, 2);
    expect(rowFor(1.05).toFullColour).toBe(3);
    expect(rowFor(0.95).toFullColour).toBe(2);
  });
  it('shows twelve coats of what never covers, and says so', () => {
    const row = coatRow(coat('#e8c51a', 0.05), BLACK);
    expect(row).toMatchObject({ toFullColour: null, toHide: null, range: [null, null] });
    expect(row.steps).toHaveLength(13);
  });
  it('covers at once what it has the colour of', () => {
    const row = coatRow(yellow, yellow.paint.lab);
    expect(row.toFullColour).toBe(0);
    expect(row.steps).toHaveLength(4);
  });
  it('ranges from a film that scatters 1.6 times better to one as much worse (guessed), or by what is known of the paint', () => {
    expect(SCATTER_SPREAD).toBe(1.6);
    const at = (scatter: number) => coatRow(coat('#e8c51a', scatter), BLACK).toFullColour;
    expect(coatRow(yellow, BLACK).range).toEqual([at(1.5 * 1.6), at(1.5 / 1.6)]);
    expect(coatRow(coat('#e8c51a', 1.5, 1.2), BLACK).range).toEqual([at(1.5 * 1.2), at(1.5 / 1.2)]);
    expect(coatRow(coat('#e8c51a', 1.5, 3), BLACK).range).toEqual([at(4.5), at(0.5)]);
    expect(at(4.5)).toBeLessThan(at(0.5) ?? 99);
  });
  it('hides from the first coat with a contrast ratio of 0.98 on (ISO 6504-3, from memory)', () => {
    const row = coatRow(coat('#f1efe9', 3), BLACK);
    expect(row.toHide).toBe(Array.from({ length: 13 }, (_, nth) => nth).find((nth) => contrastRatio(coat('#f1efe9', 3), nth) >= 0.98));
  });
});

describe('a mix as a coat', () => {
  it('is as strong as its parts weigh, and as doubtful as the most doubtful of them', () => {
    const parts = [
      { ...coat('#f1efe9', 4, 1.1), parts: 3, paint: { ...coat('#f1efe9', 4).paint, strength: 0.5 } },
      { ...coat('#1d5a48', 1, 1.3), parts: 1 },
    ];
    expect(coatOfMix(parts).paint.strength).toBeCloseTo(mixMass(parts) / 4, 12);
    expect(coatOfMix(parts).scatterSpread).toBe(1.3);
    expect(coatOfMix([{ ...coat('#1d5a48', 1), parts: 2 }]).scatterSpread).toBe(1.6);
    expect(coatOfMix([{ ...coat('#1d5a48', 1, 1.05), parts: 2 }]).scatterSpread).toBe(1.05);
  });
});

describe('undercoats', () => {
  it('of as many coats: the one nearer to the colour first; one that never is covered last', () => {
    const white = coat('#f1efe9', 0.55);
    const ranked = rankUndercoats(white, [
      { id: 'black', lab: BLACK },
      { id: 'grey', lab: labOfHex('#e0deda') },
      { id: 'own', lab: white.paint.lab },
      { id: 'nearly', lab: labOfHex('#f0eee7') },
    ]);
    expect(ranked.map(({ id }) => id)).toEqual(['own', 'nearly', 'grey', 'black']);
    expect(ranked.slice(0, 2).map(({ coats }) => coats)).toEqual([0, 0]);
    expect(ranked[3]?.coats).toBeNull();
  });
});

describe('scattering from readings', () => {
  const paint = coat('#b98a33', 1);
  const reading = (scatter: number, hex: string, coats = 1) => {
    const backing = labOfHex(hex);
    return { backing, lab: labOver({ ...paint, scatterPerCoat: scatter }, coats, backingOf(backing)) };
  };
  it.each([0.05, 0.3, 1.7, 3])('comes back from one reading as well, to a step of a twentieth (%f)', (scatter) => {
    for (const found of [
      scatterFromReadings(paint.paint, 1, reading(scatter, '#232221'), null),
      scatterFromReadings(paint.paint, 1, null, reading(scatter, '#e9e8e4')),
      scatterFromReadings(paint.paint, 2, reading(scatter, '#232221', 2), reading(scatter, '#e9e8e4', 2)),
    ])
      expect(Math.abs(Math.log((found ?? 0) / scatter))).toBeLessThan(0.0251);
  });
  it('is looked for from a fiftieth up', () =>
    expect(scatterFromReadings(paint.paint, 1, reading(0.001, '#e9e8e4'), null)).toBeCloseTo(0.02, 9));
});

describe('light through films that take none (closed form: 1 ÷ (1 + S))', () => {
  const films = (...scatters: number[]) =>
    lightThrough(scatters.map((scatter, at) => ({ id: `f${at}`, ratio: new Float64Array(BANDS).fill(1e-12), scatter })));
  it('is as through one film of all of them, with what is thrown back between', () => {
    expect(films(2).share).toBeCloseTo(1 / 3, 5);
    expect(films(0.5, 1, 2).share).toBeCloseTo(1 / 4.5, 5);
    expect(films(0.5, 1, 2).after.map(({ share }) => share)).toEqual(
      [1 / 1.5, 1 / 2.5, 1 / 4.5].map((share) => expect.closeTo(share, 5) as number),
    );
    expect(films()).toEqual({ share: 1, lab: films().lab, after: [], stoppedBy: null, isSeen: true });
  });
  it('is seen while more than three thousandths come out (guessed)', () => {
    expect([331, 334].map((scatter) => films(scatter).isSeen)).toEqual([true, false]);
  });
  it('is stopped by the layer that takes the most of what reached it, if that is more than half', () => {
    expect(films(0.98).stoppedBy).toBeNull();
    expect(films(1.02).stoppedBy).toBe('f0');
    // 1/3 after the first; of that the second leaves three tenths, the third six tenths.
    expect(films(2, 7, 6).stoppedBy).toBe('f1');
    expect(films(4, 5, 6).stoppedBy).toBe('f0');
  });
});
