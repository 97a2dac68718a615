import 'fake-indexeddb/auto';
import { inRegion, usualMinutes } from '@zinc-ladder/model/gather/grow/rungForPart';
import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import type { WhatIf } from '@zinc-ladder/core/plan/ideas/whatIf/whatIf';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { routeChoiceOf } from '@zinc-ladder/model/gather/grow/growRungs';
import { suggestSchools } from '@zinc-ladder/model/gather/grow/suggestSchools';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { gatherProject, importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { growOnto } from '../ladder/growChanges';
import { addPart, NEW_PART } from '../prop/partChanges';
import { applyToShop } from './planChanges';
import { coatInTwoTurns, regionOf, setWhere, splitRung } from '../ladder/rungChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `made-${(ids += 1)}`;
const NOW = makeSampleProject().savedAtMs;

beforeEach(async () => {
  db = new ShopDatabase(`plan-changes-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const records = async (): Promise<PlanRecords> => (await gatherProject(db, NOW)).project;
/** The whole shop but for the counts that only grow. */
const plain = async (): Promise<string> =>
  JSON.stringify((await gatherProject(db, NOW)).project, (key, value: unknown) => (key === 'revision' ? 0 : value));
const shopOf = async () => (await records()).shop;
const rungsOf = async (partId: string) => {
  const { ladders, rungs } = await records();
  const order = ladders.find((ladder) => ladder.partId === partId)?.rungIds ?? [];
  return order.flatMap((id) => rungs.find((rung) => rung.id === id) ?? []);
};
/** Makes a what-if real, gives what `look` sees of it, and takes it back to the letter. */
async function applied<Seen>(whatIf: WhatIf, look: () => Promise<Seen>): Promise<Seen> {
  const before = await plain();
  const now = await records();
  await store.edit('do it', (edit) => applyToShop(edit, now, whatIf, makeSampleProject().savedAtMs, makeId));
  const seen = await look();
  await store.undo();
  expect(await plain()).toBe(before);
  return seen;
}

const COPENHAGEN = { latitude: 55.7, longitude: 12.6 };

describe('a what-if made real', () => {
  it('is more places', async () => {
    expect(await applied({ kind: 'rack', places: 3 }, async () => (await shopOf()).rackPlaces)).toBe((await shopOf()).rackPlaces + 3);
    expect(await applied({ kind: 'sprayPlace' }, async () => (await shopOf()).boothPlaces)).toBe((await shopOf()).boothPlaces + 1);
  });
  it('is spraying after dark', async () => {
    const { id } = await shopOf();
    await store.edit('by daylight', (edit) => edit.patch('shop', id, { place: COPENHAGEN, spraysByDaylight: true }));
    expect(await applied({ kind: 'lamplight' }, async () => await shopOf())).toMatchObject({ place: COPENHAGEN, spraysByDaylight: false });
  });
  it('is spraying inside, by its air and its lamps', async () => {
    const { id, typicalDay } = await shopOf();
    await store.edit('out', (edit) => edit.patch('shop', id, { place: COPENHAGEN, spraysByDaylight: true, yardDay: typicalDay }));
    expect(await applied({ kind: 'indoors' }, async () => await shopOf())).toMatchObject({ spraysByDaylight: false, yardDay: null });
  });
  it('is the airbrush inside, with the cans left out of doors', async () => {
    const { id, typicalDay } = await shopOf();
    await store.edit('out', (edit) => edit.patch('shop', id, { place: COPENHAGEN, spraysByDaylight: true, yardDay: typicalDay }));
    expect(await applied({ kind: 'airbrushIndoors' }, async () => await shopOf())).toMatchObject({
      airbrushesInside: true,
      spraysByDaylight: true,
      yardDay: typicalDay,
    });
  });
  it('is longer days, never past midnight', async () => {
    const ends = async () => (await shopOf()).hours.map((span) => span.endMinute);
    expect(await applied({ kind: 'longer', minutes: 30 }, ends)).toEqual([1350]);
    expect(await applied({ kind: 'longer', minutes: 900 }, ends)).toEqual([1440]);
  });
  it('is a rung of warm air above a coat, and a scuff below one, with their cautions', async () => {
    const rungs = async () => (await rungsOf('host')).map((rung) => [rung.methodId, rung.minutes, rung.cautionIds] as const);
    const warmed = await applied({ kind: 'dryer', rungIds: ['host-1'], minutes: 5 }, rungs);
    expect(warmed.map(([method]) => method)).toEqual(['prime', 'warmDry', expect.any(String)]);
    expect(warmed[1]).toEqual(['warmDry', 5, ['warmAir']]);
    const scuffed = await applied({ kind: 'scuff', beforeRungId: 'host-2', minutes: 5 }, rungs);
    expect(scuffed[1]).toEqual(['scuff', 5, ['dust']]);
  });
  it('is rungs left out', async () => {
    const states = async () => (await rungsOf('host')).map((rung) => rung.state);
    expect(await applied({ kind: 'leaveOutLoop', rungIds: ['host-2'] }, states)).toEqual(['done', 'leftOut']);
  });
  it('is thinner coats, where there is a film', async () => {
    const films = async () => (await rungsOf('host')).map((rung) => rung.coatMicrometres);
    const before = await films();
    expect(await applied({ kind: 'thinner', rungIds: ['host-1', 'host-2'], share: 0.5 }, films)).toEqual(
      before.map((film) => (film === null ? null : Math.round(film / 2))),
    );
  });
  it('is another school: the ladder grown anew with the colours it had', async () => {
    const route = { finish: 'gloss', age: 'new', smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' } as const;
    await store.edit('part', async (edit) =>
      addPart(edit, 'lid', 'prop', { ...NEW_PART, name: 'Lid' }, await db.records('parts').toArray()),
    );
    const part = (await records()).parts.find((entry) => entry.id === 'lid');
    if (!part) throw new Error('no part');
    const grown = growLadder(routeChoiceOf(part, route));
    if (grown.kind === 'refused') throw new Error(grown.reason);
    const { products } = await records();
    await store.edit('grow', (edit) => growOnto(edit, 'lid', route, grown.rungs, products, {}, makeId));
    const ideas = suggestSchools(await records(), ['lid', 'host'], NOW);
    // The host is begun; the lid gets every other school its material allows, and none that leaves the lines in.
    expect(new Set(ideas.map((idea) => idea.partId))).toEqual(new Set(['lid']));
    expect(ideas.map((idea) => idea.smoothing)).not.toContain('texture');
    expect(ideas.map((idea) => idea.smoothing)).not.toContain('primerOnly');
    const [idea] = ideas;
    if (!idea) throw new Error('no idea');
    const methods = await applied(idea, async () => (await rungsOf('lid')).map((rung) => rung.methodId));
    expect(methods).toEqual(idea.rungs.map((rung) => rung.methodId));
  });
});

describe('the region of a rung', () => {
  const set = async (id: string, area: number | null) =>
    store.edit('region', async (edit) => setWhere(edit, await edit.need('rungs', id), { areaSquareCentimetres: area }));
  it('takes the method’s minutes with it, there and back; typed ones stay', async () => {
    const part = makeSampleProject().parts.find(({ id }) => id === 'host');
    if (!part) throw new Error('no part');
    const whole = usualMinutes('sand', inRegion(null), part);
    await store.edit('usual', (edit) =>
      edit.patch('rungs', 'host-2', { methodId: 'sand', minutes: whole.minutes, minutesFormula: whole.formula }),
    );
    await set('host-2', 1000);
    expect(await db.records('rungs').get('host-2')).toMatchObject({
      areaSquareCentimetres: 1000,
      minutes: usualMinutes('sand', inRegion(1000), part).minutes,
    });
    await set('host-2', null);
    expect(await db.records('rungs').get('host-2')).toMatchObject({ areaSquareCentimetres: null, minutes: whole.minutes });
    await store.edit('typed', (edit) => edit.patch('rungs', 'host-2', { minutes: 77, minutesFormula: '' }));
    await set('host-2', 1000);
    expect(await db.records('rungs').get('host-2')).toMatchObject({ areaSquareCentimetres: 1000, minutes: 77 });
  });
  it('is so many pieces of a set, with the minutes of these; empty, all of them', async () => {
    await store.edit('set', (edit) => edit.patch('parts', 'host', { count: 6 }));
    const part = await db.records('parts').get('host');
    if (!part) throw new Error('no part');
    const whole = usualMinutes('sand', inRegion(null), part);
    const pieces = async (count: number | null) =>
      store.edit('pieces', async (edit) => setWhere(edit, await edit.need('rungs', 'host-2'), { pieces: count }));
    await store.edit('usual', (edit) =>
      edit.patch('rungs', 'host-2', { methodId: 'sand', minutes: whole.minutes, minutesFormula: whole.formula }),
    );
    await pieces(2);
    const two = usualMinutes('sand', { ...inRegion(null), pieces: 2 }, part).minutes;
    expect(two).toBeLessThan(whole.minutes / 2);
    expect(await db.records('rungs').get('host-2')).toMatchObject({ pieces: 2, minutes: two });
    await pieces(null);
    expect(await db.records('rungs').get('host-2')).toMatchObject({ pieces: null, minutes: whole.minutes });
  });
  it('is half of the piece for one side of it, minutes too', async () => {
    const part = makeSampleProject().parts.find(({ id }) => id === 'host');
    if (!part) throw new Error('no part');
    const whole = usualMinutes('sand', inRegion(null), part);
    await store.edit('usual', (edit) =>
      edit.patch('rungs', 'host-2', { methodId: 'sand', minutes: whole.minutes, minutesFormula: whole.formula }),
    );
    await store.edit('faces', async (edit) => setWhere(edit, await edit.need('rungs', 'host-2'), { side: 'under' }));
    const half = usualMinutes('sand', inRegion(part.areaSquareCentimetres / 2), part);
    expect(await db.records('rungs').get('host-2')).toMatchObject({ side: 'under', minutes: half.minutes, minutesFormula: half.formula });
  });
  it('is nothing where nothing is known, and within what a rung can say', () =>
    expect([0, Number.NaN, 1e-6, 12, 1e9].map(regionOf)).toEqual([null, null, 0.01, 12, 200_000]));
});

describe('a rung taken apart', () => {
  it('is split where it is set down; the minutes stay the same together', async () => {
    await store.edit('split', (edit) => splitRung(edit, 'host-2', 'rest', 5));
    const minutes = (await rungsOf('host')).map((rung) => [rung.id, rung.minutes]);
    const whole = makeSampleProject().rungs.find((rung) => rung.id === 'host-2')?.minutes ?? 0;
    expect(minutes.slice(1)).toEqual([
      ['host-2', 5],
      ['rest', whole - 5],
    ]);
    const halves = (await rungsOf('host')).slice(1).map((rung) => rung.areaSquareCentimetres ?? 0);
    const surface = makeSampleProject().parts.find(({ id }) => id === 'host')?.areaSquareCentimetres ?? 0;
    expect(halves[0]).toBeCloseTo((surface * 5) / whole, 9);
    expect((halves[0] ?? 0) + (halves[1] ?? 0)).toBeCloseTo(surface, 9);
    // Neither half is ever nothing.
    await store.edit('split', (edit) => splitRung(edit, 'rest', 'none', 9999));
    expect((await rungsOf('host')).map((rung) => rung.minutes).at(-1)).toBe(1);
  });
  it('is coated from below first, then from above, half the minutes each', async () => {
    const before = await db.records('rungs').get('host-1');
    await store.edit('turn', (edit) => coatInTwoTurns(edit, 'host-1', 'top'));
    const turned = (await rungsOf('host')).slice(0, 2);
    expect(turned.map((rung) => [rung.side, rung.name])).toEqual([
      ['under', `${before?.name}, underside`],
      ['top', `${before?.name}, top side`],
    ]);
    expect(turned.map((rung) => rung.minutes)).toEqual([1, 1].map(() => Math.ceil((before?.minutes ?? 0) / 2)));
    expect(turned[1]?.state).toBe('open');
    // Each turn is half of all faces already; a region is halved.
    expect(turned.map((rung) => rung.areaSquareCentimetres)).toEqual([null, null]);
    await store.undo();
    await store.edit('region', (edit) => edit.patch('rungs', 'host-1', { areaSquareCentimetres: 30 }));
    await store.edit('turn', (edit) => coatInTwoTurns(edit, 'host-1', 'top'));
    expect((await rungsOf('host')).slice(0, 2).map((rung) => rung.areaSquareCentimetres)).toEqual([15, 15]);
  });
});
