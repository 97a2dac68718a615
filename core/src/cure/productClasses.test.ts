import { describe, expect, it } from 'vitest';
import { findCautions } from '../caution/cautions';
import type { DryingData } from './dryingData';
import { milestoneDemand, recoatPieces } from './filmDemand';
import { findProductClass, PRODUCT_CLASSES, TRANSFER } from './productClasses';

const H = 60;
const D = 24 * H;

/**
 * The table of usual behaviour as finishers keep it (common practice), written down a second time and apart from the data:
 * `[dry µm, touch, recoat from, recoat until, again, sand, tape-safe, handle, hard]`, minutes at 23 °C.
 */
const PRACTICE: Readonly<Record<string, readonly (number | null)[]>> = {
  fillerPrimer: [40, 10, 10, null, null, 60, 120, 60, D],
  primer: [15, 10, 10, null, null, 60, 120, 60, D],
  adhesionPrimer: [15, 10, 10, null, null, 60, 120, 60, D],
  lacquerColour: [12, 10, 10, null, null, 60, 120, 60, D],
  enamelColour: [20, 30, 10, 60, 2 * D, D, D, 6 * H, 7 * D],
  metallicLacquer: [8, 10, 10, null, null, null, D, 2 * H, 3 * D],
  texturedEnamel: [35, 30, 20, 60, 2 * D, null, D, 4 * H, 7 * D],
  airbrushAcrylic: [8, 5, 10, null, null, 60, D, 30, 3 * D],
  brushAcrylic: [25, 20, 30, null, null, 120, D, 60, 7 * D],
  waterClear: [10, 20, 30, null, null, D, D, 60, 7 * D],
  floorPolish: [5, 20, 60, null, null, null, D, 60, 3 * D],
  rubberDip: [50, 20, 30, null, null, null, 4 * H, 4 * H, D],
  vinylColour: [8, 10, 10, null, null, null, 60, 30, D],
  brushEpoxy: [250, 120, 60, 120, 4 * H, 4 * H, D, 4 * H, D],
  oilWash: [3, D, D, null, null, null, 3 * D, 2 * D, 7 * D],
};

describe('class defaults (common practice)', () => {
  it.each(Object.entries(PRACTICE))('of %s are those of the table', (id, row) => {
    const { drying } = findProductClass(id);
    expect([
      drying.coatMicrometres,
      drying.touchMinutes,
      drying.recoatFromMinutes,
      drying.recoatUntilMinutes,
      drying.recoatAgainMinutes,
      drying.sandMinutes,
      drying.tapeMinutes,
      drying.handleMinutes,
      drying.hardMinutes,
    ]).toEqual(row);
  });
  it.each(PRODUCT_CLASSES.map((entry) => [entry.id, entry] as const))(
    'of %s make sense together',
    (_, { drying, volumeSolids, densityKgPerLitre, coldestCelsius, warmestCelsius, application, cautions }) => {
      expect(drying.hardMinutes).toBeGreaterThanOrEqual(drying.handleMinutes);
      expect(drying.hardMinutes).toBeGreaterThanOrEqual(drying.touchMinutes);
      for (const minutes of [drying.sandMinutes, drying.tapeMinutes])
        if (minutes !== null) expect(minutes).toBeLessThanOrEqual(drying.hardMinutes);
      if (drying.recoatUntilMinutes !== null) {
        expect(drying.recoatUntilMinutes).toBeGreaterThan(drying.recoatFromMinutes);
        if (drying.recoatAgainMinutes !== null) expect(drying.recoatAgainMinutes).toBeGreaterThan(drying.recoatUntilMinutes);
      } else expect(drying.recoatAgainMinutes).toBeNull();
      expect(volumeSolids).toBeGreaterThan(0);
      expect(volumeSolids).toBeLessThanOrEqual(1);
      expect(densityKgPerLitre).toBeGreaterThan(0.5);
      expect(coldestCelsius).toBeLessThan(warmestCelsius);
      expect(TRANSFER[application]).toBeGreaterThan(0);
      expect(findCautions(cautions)).toHaveLength(cautions.length);
    },
  );
  it('have ids of their own, and unknown ones are refused', () => {
    expect(new Set(PRODUCT_CLASSES.map((entry) => entry.id)).size).toBe(PRODUCT_CLASSES.length);
    expect(() => findProductClass('glitter')).toThrow(RangeError);
  });
  it('warn of every solvent spray and every epoxy', () => {
    for (const entry of PRODUCT_CLASSES) {
      if (entry.application === 'aerosol') expect(entry.cautions, entry.id).toContain('solventSpray');
      if (/epoxy/iu.test(entry.name)) expect(entry.cautions, entry.id).toContain('epoxy');
    }
  });
});

describe('what a film asks of the clock', () => {
  const enamel: DryingData = findProductClass('enamelColour').drying;
  it('is the label’s time for the label’s coat', () => expect(milestoneDemand(enamel, 'sand', 20, 20)).toBe(D));
  it('follows the last coat for touch and recoat and the whole film for the rest', () => {
    expect(milestoneDemand(enamel, 'recoat', 60, 20)).toBe(10);
    expect(milestoneDemand(enamel, 'touch', 60, 40)).toBe(60);
    expect(milestoneDemand(enamel, 'hard', 60, 20)).toBe(3 * 7 * D);
  });
  it('is nothing where the product has no such time', () =>
    expect(milestoneDemand(findProductClass('metallicLacquer').drying, 'sand', 8, 8)).toBeNull());
  it('opens, closes and opens again; thickness delays opening but never the close', () => {
    expect(recoatPieces(enamel, 20, 20)).toEqual([
      { from: 10, until: 60 },
      { from: 2 * D, until: null },
    ]);
    expect(recoatPieces(enamel, 40, 40)).toEqual([
      { from: 20, until: 60 },
      { from: 4 * D, until: null },
    ]);
  });
  it('never opens after it closed: a coat too thick to be recoated in time waits for the second window', () => {
    const [first, second] = recoatPieces(enamel, 200, 200);
    expect(first?.until).toBe(first?.from);
    expect(second?.from).toBeGreaterThan(first?.until ?? Infinity);
  });
  it('stays open for products without a window', () =>
    expect(recoatPieces(findProductClass('primer').drying, 15, 15)).toEqual([{ from: 10, until: null }]));
});
