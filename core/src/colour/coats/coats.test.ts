import fc from 'fast-check';
import { guessScatter } from '../pigment/pigmentKinds';
import { describe, expect, it } from 'vitest';
import { difference, labOfHex } from '../lab';
import { paintOf } from '../paint';
import {
  backingOf,
  coatOfMix,
  bodyOver,
  coatRow,
  contrastRatio,
  labOver,
  lightThrough,
  rankUndercoats,
  ratioOfHex,
  scatterFromReadings,
} from './coatsOver';

const coat = (hex: string, scatterPerCoat: number) => ({ paint: paintOf(hex, labOfHex(hex)), scatterPerCoat });
const BLACK = labOfHex('#232221');
const WHITE = labOfHex('#e9e8e4');
const GREY = labOfHex('#a7a8aa');
const OXIDE = labOfHex('#7a3b2a');

describe('coats over a backing', () => {
  it('n coats are one of n times the thickness, and end at the full colour (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('#1d5a48', '#e8c51a', '#f1efe9', '#2a2a29'),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.integer({ min: 1, max: 5 }),
        (hex, scatter, coats) => {
          const paint = coat(hex, scatter);
          let body = backingOf(GREY);
          for (let at = 0; at < coats; at += 1) body = bodyOver(paint, 1, body);
          bodyOver(paint, coats, backingOf(GREY)).forEach((value, band) => expect(body[band]).toBeCloseTo(value, 8));
          expect(difference(labOver(paint, 5000, backingOf(GREY)), paint.paint.lab)).toBeLessThan(0.02);
        },
      ),
      { seed: 2, numRuns: 20 },
    );
  });
  it('the contrast ratio rises with every coat to 1; 0.98 is hidden (ISO 6504-3, from memory)', () => {
    const white = coat('#f1efe9', guessScatter(25, labOfHex('#f1efe9')));
    const ratios = [1, 2, 3, 5, 9].map((coats) => contrastRatio(white, coats));
    expect(ratios).toEqual(ratios.toSorted((a, b) => a - b));
    expect(contrastRatio(coat('#2a2a29', guessScatter(12, labOfHex('#2a2a29'))), 2)).toBeGreaterThan(0.98);
    expect(contrastRatio(white, 0)).toBeCloseTo(0.01 / 0.8, 6);
    const row = coatRow(white, BLACK);
    expect(contrastRatio(white, row.toHide ?? 0)).toBeGreaterThanOrEqual(0.98);
    expect(contrastRatio(white, (row.toHide ?? 1) - 1)).toBeLessThan(0.98);
  });
  it('the row starts at the backing, ends at the full colour and tells a range', () => {
    const row = coatRow(coat('#e8c51a', 1.5), BLACK);
    expect(difference(row.steps[0]?.lab ?? [0, 0, 0], BLACK)).toBeLessThan(0.01);
    expect(row.steps.map((step) => step.toFull)).toEqual(row.steps.map((step) => step.toFull).toSorted((a, b) => b - a));
    const [least, most] = row.range;
    expect(least ?? 99).toBeLessThanOrEqual(row.toFullColour ?? 99);
    expect(most ?? 99).toBeGreaterThanOrEqual(row.toFullColour ?? 99);
  });
  it('white under yellow and red saves coats over black (common practice falls out of the numbers)', () => {
    const undercoats = [
      { id: 'black', lab: BLACK },
      { id: 'grey', lab: GREY },
      { id: 'white', lab: WHITE },
      { id: 'oxide', lab: OXIDE },
    ];
    const yellow = rankUndercoats(coat('#e8c51a', 1.2), undercoats);
    expect(yellow[0]?.id).toBe('white');
    expect(yellow.find((entry) => entry.id === 'black')?.coats ?? 99).toBeGreaterThan(yellow[0]?.coats ?? 0);
    const red = rankUndercoats(coat('#8c2f22', 1.2), undercoats);
    expect(red[0]?.id).toBe('oxide');
  });
  it('the scattering of a coat comes back from readings over black and white', () => {
    const paint = coat('#b98a33', 1.7);
    const reading = (backing: typeof BLACK) => ({ backing, lab: labOver(paint, 1, backingOf(backing)) });
    const found = scatterFromReadings(paint.paint, 1, reading(BLACK), reading(WHITE)) ?? 0;
    expect(found / 1.7).toBeGreaterThan(0.95);
    expect(found / 1.7).toBeLessThan(1.05);
    expect(scatterFromReadings(paint.paint, 1, null, null)).toBeNull();
  });
});

describe('a mix as a coat', () => {
  it('of one paint is that paint, of two lies between in scattering', () => {
    const white = { ...coat('#f1efe9', 4), parts: 3 };
    const green = { ...coat('#1d5a48', 1), parts: 1 };
    const alone = coatOfMix([green]);
    expect(difference(labOver(alone, 1, backingOf(GREY)), labOver(green, 1, backingOf(GREY)))).toBeLessThan(1e-3);
    expect(coatOfMix([white, green]).scatterPerCoat).toBeCloseTo(3.25, 9);
    expect(() => coatOfMix([])).toThrow(RangeError);
  });
});

describe('light through a stack', () => {
  const layer = (id: string, hex: string, scatter: number) => ({ id, ratio: ratioOfHex(hex), scatter });
  it('two films of one paint are one of both thicknesses (Kubelka 1954)', () => {
    const one = lightThrough([layer('a', '#cf8a35', 0.8)]);
    const halves = lightThrough([layer('a', '#cf8a35', 0.3), layer('b', '#cf8a35', 0.5)]);
    expect(halves.share).toBeCloseTo(one.share, 8);
  });
  it('black under the colour stops it, and the layer is named', () => {
    const leak = lightThrough([layer('wall', '#e9e8e4', 1), layer('black', '#232221', 1.5), layer('cream', '#dccfae', 1.5)]);
    expect(leak.stoppedBy).toBe('black');
    expect(leak.after.map((entry) => entry.share)).toEqual(leak.after.map((entry) => entry.share).toSorted((a, b) => b - a));
    expect(leak.isSeen).toBe(leak.share > 0.003);
    expect(lightThrough([layer('wall', '#e9e8e4', 1), layer('cream', '#dccfae', 1.5)]).isSeen).toBe(true);
    expect(lightThrough([])).toMatchObject({ share: 1, stoppedBy: null });
  });
});

describe('any paint over any backing (property)', () => {
  const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
  it('covers sooner the more it scatters, and the range holds the middle', () => {
    fc.assert(
      fc.property(hex, hex, fc.double({ min: 0.1, max: 5, noNaN: true }), (paint, under, scatter) => {
        const row = coatRow(coat(paint, scatter), labOfHex(under));
        const more = coatRow(coat(paint, scatter * 2), labOfHex(under));
        expect(more.toFullColour ?? 99).toBeLessThanOrEqual(row.toFullColour ?? 99);
        expect(row.range[0] ?? 99).toBeLessThanOrEqual(row.toFullColour ?? 99);
        expect(row.range[1] ?? 99).toBeGreaterThanOrEqual(row.toFullColour ?? 99);
        for (const step of row.steps) {
          expect(step.contrast).toBeGreaterThan(0);
          expect(step.contrast).toBeLessThanOrEqual(1 + 1e-9);
        }
      }),
      { seed: 17, numRuns: 25 },
    );
  });
  it('lets through no more light with another layer', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(hex, fc.double({ min: 0.05, max: 4, noNaN: true })), { minLength: 1, maxLength: 4 }), (layers) => {
        const told = lightThrough(layers.map(([colour, scatter], at) => ({ id: `l${at}`, ratio: ratioOfHex(colour), scatter })));
        let before = 1;
        for (const { share } of told.after) {
          expect(share).toBeLessThanOrEqual(before + 1e-9);
          expect(share).toBeGreaterThanOrEqual(0);
          before = share;
        }
      }),
      { seed: 18, numRuns: 40 },
    );
  });
});
