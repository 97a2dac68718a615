import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { findCautions } from '../caution/cautions';
import type { DryingData } from './dryingData';
import { milestoneDemand, recoatPieces } from './filmDemand';
import { findProductClass, PRODUCT_CLASSES, TRANSFER } from './productClasses';

const D = 24 * 60;
const DOC = readFileSync(new URL('../../../docs/product-classes.md', import.meta.url), 'utf8');

/** The rows of a table of the page under a heading, by their first cell. */
function tableUnder(heading: string): Map<string, readonly string[]> {
  const section = DOC.split(`## ${heading}\n`)[1]?.split('\n## ')[0] ?? '';
  const rows = section.split('\n').filter((line) => line.startsWith('|'));
  const cells = rows.slice(2).map((line) =>
    line
      .slice(1, -1)
      .split('|')
      .map((cell) => cell.trim()),
  );
  return new Map(cells.map(([id = '', ...rest]) => [id, rest]));
}

/** A time as people write it, in minutes: `60`, `24 h`, `7 d`; null for a dash. */
function minutesOf(cell: string): number | null {
  if (cell === '–') return null;
  const [amount, unit] = cell.split(' ');
  return Number(amount) * (unit === 'd' ? D : unit === 'h' ? 60 : 1);
}

const times = (drying: DryingData) => [
  drying.touchMinutes,
  drying.recoatFromMinutes,
  drying.recoatUntilMinutes,
  drying.recoatAgainMinutes,
  drying.sandMinutes,
  drying.tapeMinutes,
  drying.handleMinutes,
  drying.hardMinutes,
];

describe('class defaults (common practice)', () => {
  const drying = tableUnder('Drying');
  const inThePot = tableUnder('In the pot and on the part');
  it('are told of every class, in the order of the list', () => {
    const ids = PRODUCT_CLASSES.map(({ id }) => id);
    expect([...drying.keys()]).toEqual(ids);
    expect([...inThePot.keys()]).toEqual(ids);
  });
  it.each(PRODUCT_CLASSES.map((entry) => [entry.id, entry] as const))('of %s dry as the table says', (id, { name, drying: data }) =>
    expect([name, data.kind, data.coatMicrometres, ...times(data)]).toEqual(
      (drying.get(id) ?? []).map((cell, column) => (column < 2 ? cell : column === 2 ? Number(cell) : minutesOf(cell))),
    ),
  );
  it.each(PRODUCT_CLASSES.map((entry) => [entry.id, entry] as const))('of %s are used as the table says', (id, entry) => {
    const [laidWith, filmFrom = '', solids, density, pot = '', off = '', air = '', humidity] = inThePot.get(id) ?? [];
    expect(entry).toMatchObject({
      application: laidWith,
      volumeSolids: Number(solids),
      densityKgPerLitre: Number(density),
      potLifeMinutes: minutesOf(pot),
      removeWithinMinutes: minutesOf(off),
      mostHumidityPercent: Number(humidity),
    });
    expect(`${entry.coldestCelsius}–${entry.warmestCelsius}`).toBe(air);
    // Only water-borne films have such a temperature; the others are given one that no shop comes to.
    expect(entry.drying.minimumFilmCelsius).toBe(filmFrom === '–' ? -20 : Number(filmFrom));
  });
  it('land on the part in the shares of the table', () =>
    expect(TRANSFER).toEqual(Object.fromEntries([...tableUnder('What lands on the part')].map(([id, [share]]) => [id, Number(share)]))));
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
