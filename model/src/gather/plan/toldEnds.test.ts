import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import { gatherAirs } from '../gatherAirs';
import type { Rung } from '../../records/ladder/rung';
import type { ToldSetting } from './toldEnds';
import { openBefore, toldEnds } from './toldEnds';

const project = makeSampleProject();
const NOW = project.savedAtMs;
const MINUTE = 60_000;
const [part] = project.parts;
const [first] = project.rungs;
if (!part || !first) throw new Error('the sample has no part');
const rung = (id: string, change: Partial<Rung>): Rung => ({
  ...first,
  id,
  name: id,
  methodId: 'sand',
  productId: null,
  minutes: 10,
  state: 'open',
  startedAtMs: null,
  workedMs: 0,
  doneAtMs: null,
  hardRungId: null,
  lockedAtMs: null,
  ...change,
});
const other = { ...part, id: 'other', name: 'Other' };
const settingOf = (ladder: readonly Rung[], guest: readonly Rung[] = []): ToldSetting => ({
  parts: new Map([part, other].map((one) => [one.id, one])),
  rungsOf: (partId) => (partId === part.id ? ladder : partId === other.id ? guest : []),
  joins: project.joins
    .slice(0, 1)
    .map((join) => ({ ...join, hostPartId: part.id, hostRungId: 'fine', guestPartId: other.id, guestRungId: null })),
  products: new Map(project.products.map((product) => [product.id, product])),
  persons: [],
  airs: gatherAirs(project.shop, [], NOW),
});
const ends = (ladder: readonly Rung[], last: Rung, before: readonly Rung[], endMs = NOW, guest: readonly Rung[] = []): unknown => {
  const told = toldEnds(last, part, before, endMs, settingOf(ladder, guest));
  if (told.kind === 'told') return told.rungs.map(({ rung: { id }, endMs: at }) => [id, (NOW - at) / MINUTE]);
  return told.kind === 'tooEarly' ? told.after.id : (NOW - told.sinceMs) / MINUTE;
};
const before = (ladder: readonly Rung[], id: string, guest: readonly Rung[] = []): readonly string[] =>
  openBefore(id, part, settingOf(ladder, guest)).map((one) => one.id);

describe('what is told as done afterwards', () => {
  const ladder = [
    rung('cut', { state: 'done', doneAtMs: NOW - 600 * MINUTE }),
    rung('coarse', {}),
    rung('skipped', { state: 'leftOut' }),
    rung('begun', { state: 'setDown', workedMs: 4 * MINUTE }),
    rung('held', { state: 'inHand', startedAtMs: NOW - MINUTE }),
    rung('fine', {}),
    rung('above', {}),
  ];
  const [, coarse, , begun, , fine] = ladder as [Rung, Rung, Rung, Rung, Rung, Rung];
  it('may take along what is to do below it: not what was done, left out, or is in somebody’s hand', () => {
    expect(before(ladder, 'fine')).toEqual(['coarse', 'begun']);
    expect(before(ladder, 'cut')).toEqual([]);
    expect(before(ladder, 'of another ladder')).toEqual([]);
  });
  it('has its moments by minutes and films, the last as it was told', () => {
    expect(ends(ladder, fine, [coarse, begun])).toEqual([
      ['coarse', 20],
      ['begun', 10],
      ['fine', 0],
    ]);
    expect(ends(ladder, fine, [], NOW - 30 * MINUTE)).toEqual([['fine', 30]]);
  });
  it('cannot have been done before it was taken in hand', () => {
    const [, , , , held] = ladder as [Rung, Rung, Rung, Rung, Rung];
    expect(ends(ladder, held, [], NOW - 2 * MINUTE)).toBe(1);
    expect(ends(ladder, held, [], NOW)).toEqual([['held', 0]]);
  });
  it('cannot have been done before what it was done upon', () => {
    expect(ends(ladder, fine, [coarse], NOW - 601 * MINUTE)).toBe('cut');
    expect(ends(ladder, fine, [coarse], NOW - 600 * MINUTE)).toEqual([
      ['coarse', 600],
      ['fine', 600],
    ]);
  });
  it('takes along what had to be done on a part that is joined there, by the same hands', () => {
    const guest = [rung('saw', { state: 'done', doneAtMs: NOW - 700 * MINUTE }), rung('file', {}), rung('wax', { state: 'setDown' })];
    expect(before(ladder, 'fine', guest)).toEqual(['coarse', 'begun', 'file', 'wax']);
    expect(before(ladder, 'coarse', guest)).toEqual([]);
    const [, file, wax] = guest as [Rung, Rung, Rung];
    expect(ends(ladder, fine, [coarse, begun, file, wax], NOW, guest)).toEqual([
      ['coarse', 40],
      ['begun', 30],
      ['file', 20],
      ['wax', 10],
      ['fine', 0],
    ]);
    expect(ends(ladder, fine, [], NOW - 650 * MINUTE, [rung('saw', { state: 'done', doneAtMs: NOW - 630 * MINUTE })])).toBe('cut');
    expect(ends(ladder, fine, [], NOW - 550 * MINUTE, [rung('saw', { state: 'done', doneAtMs: NOW - 500 * MINUTE })])).toBe('saw');
  });
  it('a rung that was left out and done after all is told like any other', () => {
    const [, , skipped] = ladder as [Rung, Rung, Rung];
    expect(before(ladder, 'skipped')).toEqual(['coarse']);
    expect(ends(ladder, skipped, [coarse])).toEqual([
      ['coarse', 10],
      ['skipped', 0],
    ]);
  });
});
