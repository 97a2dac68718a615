import { describe, expect, it } from 'vitest';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import type { LogEntry } from '../../records/ladder/logEntry';
import type { Rung } from '../../records/ladder/rung';
import { makeSampleProject } from '../../testing/sampleProject';
import { gatherTwin } from './gatherTwin';
import { growAgain } from './growAgain';

const sample = makeSampleProject();
const [ladder] = sample.ladders;
const [template] = sample.rungs;
const [entry] = sample.logEntries;
const START = 1_800_000_000_000;
const rung = (id: string, doneAfterMinutes: number | null, values: Partial<Rung> = {}): Rung => ({
  ...(template as Rung),
  id,
  ladderId: ladder?.id ?? '',
  state: doneAfterMinutes === null ? 'leftOut' : 'done',
  startedAtMs: null,
  doneAtMs: doneAfterMinutes === null ? null : START + doneAfterMinutes * 60_000,
  ...values,
});
const logged = (id: string, counter: number, rungId: string, actualMinutes: number, values: Partial<LogEntry> = {}): LogEntry => ({
  ...(entry as LogEntry),
  id,
  counter,
  kind: 'done',
  atMs: START + counter * 60_000,
  rungId,
  actualMinutes,
  correctsId: null,
  ...values,
});
const records = {
  ...sample,
  rungs: [rung('late', 300, { methodId: 'sand', grit: 'P400' }), rung('first', 60, { methodId: 'sand', grit: 'P240' }), rung('out', null)],
  logEntries: [
    logged('a', 100, 'first', 20),
    logged('b', 101, 'first', 30, { correctsId: 'a' }),
    logged('c', 102, 'late', 10, { kind: 'setDown' }),
    logged('d', 103, 'late', 15),
  ],
};
const partId = ladder?.partId ?? '';

describe('what was really done on a part', () => {
  it('is in the order it was done, without what was left out, by the corrected minutes and all turns', () => {
    const steps = gatherTwin(records, partId);
    expect(steps.map(({ id, minutes, grit }) => [id, minutes, grit])).toEqual([
      ['first', 30, 'P240'],
      ['late', 25, 'P400'],
    ]);
  });
  it('waits from the end of one to the beginning of the next', () => {
    expect(gatherTwin(records, partId).map(({ waitedMinutes }) => waitedMinutes)).toEqual([null, 300 - 25 - 60]);
  });
  it('of a part without a ladder is nothing', () => expect(gatherTwin(records, 'nobody')).toEqual([]));
});

describe('a second piece from the record', () => {
  const part = { id: partId, areaSquareCentimetres: 200, count: 1 };
  it('takes the finisher’s own share of the method’s minutes to the new area', () => {
    const [first] = growAgain(records, part, 200);
    expect(first?.minutes).toBe(30);
    const [larger] = growAgain(records, part, 800);
    const method = findMethod('sand');
    const wanted = (estimateRungMinutes(method, 800, 1).minutes * 30) / estimateRungMinutes(method, 200, 1).minutes;
    expect(Math.abs((larger?.minutes ?? 0) - wanted)).toBeLessThanOrEqual(0.5);
    expect(larger?.minutesFormula).toContain('as it went then');
  });
  it('a coat on one side takes half of what a coat on all sides does', () => {
    const [product] = sample.products;
    const coat = (side: 'all' | 'under') => rung('coat', 60, { productId: product?.id ?? '', coatMicrometres: 20, side });
    const amount = (side: 'all' | 'under'): number => growAgain({ ...records, rungs: [coat(side)] }, part, 200)[0]?.millilitres ?? 0;
    expect(amount('all')).toBeGreaterThan(0);
    expect(amount('under')).toBeCloseTo(amount('all') / 2, 9);
  });
  it('a coat on a quarter of a part is one on a quarter of the second, minutes and amount', () => {
    const [product] = sample.products;
    const coat = (areaSquareCentimetres: number | null) =>
      rung('coat', 60, { productId: product?.id ?? '', coatMicrometres: 20, side: 'under', areaSquareCentimetres });
    const again = (area: number | null) => growAgain({ ...records, rungs: [coat(area)], logEntries: [] }, part, 800)[0];
    expect(again(50)?.areaShare).toBe(0.25);
    expect(again(null)?.areaShare).toBeNull();
    // One side is half of it, a quarter half of that.
    expect(again(50)?.millilitres).toBeCloseTo((again(null)?.millilitres ?? 0) / 2, 9);
    expect(again(50)?.minutes).toBe(estimateRungMinutes(findMethod(coat(50).methodId), 200, 1).minutes);
    expect(growAgain({ ...records, rungs: [coat(50)] }, { ...part, areaSquareCentimetres: 0 }, 200)[0]?.areaShare).toBeNull();
  });
  it('what was done on some pieces of a set is done on their share of the second', () => {
    const [product] = sample.products;
    const coat = (pieces: number | null) => rung('coat', 60, { productId: product?.id ?? '', coatMicrometres: 20, pieces });
    const again = (pieces: number | null) =>
      growAgain({ ...records, rungs: [coat(pieces)], logEntries: [] }, { ...part, count: 6 }, 600)[0];
    expect([again(2)?.piecesShare, again(6)?.piecesShare, again(null)?.piecesShare]).toEqual([1 / 3, null, null]);
    expect(again(2)?.millilitres).toBeCloseTo((again(null)?.millilitres ?? 0) / 3, 9);
    expect(again(2)?.minutes).toBe(estimateRungMinutes(findMethod(coat(2).methodId), 200, 1).minutes);
  });
  it('what was done on a set that lost pieces since is done on all of the second, at the pace of then', () => {
    const again = (pieces: number | null, count: number) =>
      growAgain(
        { ...records, rungs: [rung('first', 60, { pieces, methodId: 'sand' })] },
        { ...part, count, areaSquareCentimetres: 400 },
        800,
      )[0];
    expect(again(6, 4)).toEqual(again(null, 6));
    expect(again(6, 4)).toMatchObject({ piecesShare: null });
    expect(again(6, 4)?.minutes).not.toBe(again(null, 4)?.minutes);
  });
  it('goes by the method where the log has no minutes', () => {
    const [first] = growAgain({ ...records, logEntries: [] }, part, 200);
    expect(first?.minutes).toBe(estimateRungMinutes(findMethod('sand'), 200, 1).minutes);
  });
});
