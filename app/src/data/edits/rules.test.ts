import 'fake-indexeddb/auto';
import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { routeChoiceOf } from '@zinc-ladder/model/gather/grow/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { correctEntry, finishRung, setDown, takeInHand } from '../changes/ladder/benchChanges';
import { growOnto } from '../changes/ladder/growChanges';
import { keepPicture, ownWork } from '../changes/prop/pictureChanges';
import { duplicateRung } from '../changes/ladder/rungChanges';
import { leaveOut } from '../changes/ladder/rungStateChanges';
import { keepClimate } from '../climateFeed';
import { ShopDatabase } from '../tables/database';
import { mendShop } from '../whole/mendShop';
import { isLookDue } from '../whole/rulesVersion';
import { wipeEverything } from '../whole/wipe';
import { gatherProject, importProject, previewImports } from '../whole/projectTransfer';
import { ShopError } from './shopError';
import { Store } from './store';

const NOW = makeSampleProject().savedAtMs;
const ROUTE: LadderRoute = { finish: 'gloss', age: 'new', smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' };
let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `made-${(ids += 1)}`;
const moment = (nowMs = NOW) => ({ nowMs, air: null, personId: null, makeId });

beforeEach(async () => {
  db = new ShopDatabase(`rules-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  await store.forgetHistory();
});
afterEach(() => db.delete());

/** What a saved zip reads back as; throws what the application would refuse it for. */
const savedAndRead = async () => {
  const bundle = await gatherProject(db, NOW);
  expect(readBundle(await zipBundle(bundle))).toEqual(bundle);
  return bundle.project;
};
const codeOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => (error instanceof ShopError ? error.code : String(error)),
  );
const grow = (partId: string) =>
  store.edit('grow', async (edit) => {
    const grown = growLadder(routeChoiceOf(await edit.need('parts', partId), ROUTE));
    if (grown.kind === 'grown') await growOnto(edit, partId, ROUTE, grown.rungs, [], {}, makeId);
  });

describe('what ordinary acts leave, a file takes', () => {
  it('growing anew over a rung that a join names: the join hangs on what stands in for it', async () => {
    await grow('host');
    const { joins, ladders } = await savedAndRead();
    expect(joins).toHaveLength(1);
    expect(ladders.find((ladder) => ladder.id === 'host')?.rungIds).toContain(joins[0]?.hostRungId);
    expect(joins[0]?.hostRungId).not.toBe('host-2');
  });
  it('growing anew over a rung that was set down keeps it', async () => {
    await store.edit('down', (edit) => setDown(edit, 'guest-1', moment()));
    await grow('guest');
    const { ladders, rungs } = await savedAndRead();
    expect(ladders.find((ladder) => ladder.id === 'guest')?.rungIds[0]).toBe('guest-1');
    expect(rungs.find((rung) => rung.id === 'guest-1')?.state).toBe('setDown');
  });
  it('taking a part away takes its inspection photographs along, bytes too; one that a card shows stays', async () => {
    await store.edit('look', async (edit) => {
      await keepPicture(edit, 'seen', new Blob([new Uint8Array([0xff, 0xd8, 0xff])]), 'seen', ownWork(null, 'guest', 1e12));
      await keepPicture(edit, 'shown', new Blob([new Uint8Array([0xff, 0xd8, 0xff])]), 'shown', ownWork(null, 'guest', 1e12));
      await edit.patch('mixCards', 'card', { pictureId: 'shown' });
    });
    await store.edit('away', (edit) => edit.remove('parts', 'guest'));
    const { pictures } = await savedAndRead();
    expect(pictures.map((picture) => picture.id)).toEqual(['picture', 'shown']);
    expect(pictures[1]?.partId).toBeNull();
    expect(await db.attachments.get('seen')).toBeUndefined();
  });
  it('log as done, then leave out before the redraw: the second act finds the rung in another state and does nothing', async () => {
    await store.edit('done', (edit) => finishRung(edit, 'guest-1', 5, '', moment(), 'inHand'));
    expect(await codeOf(store.edit('out', (edit) => leaveOut(edit, 'guest-1', NOW, 'inHand')))).toBe('nothingToDo');
    expect((await savedAndRead()).rungs.find((rung) => rung.id === 'guest-1')?.state).toBe('done');
  });
  it('no edit of any kind is kept that a file would refuse', async () => {
    const faulty = [
      (): Promise<void> => store.edit('a', (edit) => edit.patch('rungs', 'host-1', { state: 'setDown' })),
      (): Promise<void> => store.edit('b', (edit) => edit.drop('products', 'primer')),
      (): Promise<void> => store.edit('c', (edit) => edit.patch('ladders', 'host', { rungIds: ['host-1'] })),
      (): Promise<void> => store.edit('d', (edit) => edit.patch('rungs', 'host-1', { ladderId: 'guest' })),
      (): Promise<void> => store.edit('e', (edit) => edit.patch('ladders', 'guest', { partId: 'host' })),
      (): Promise<void> => store.edit('f', (edit) => edit.drop('attachments', 'mesh')),
      (): Promise<void> => store.edit('g', (edit) => edit.patch('mixCards', 'card', { targetId: 'nobody' })),
    ];
    for (const [at, act] of faulty.entries()) expect([at, await codeOf(act())]).toEqual([at, 'invalid']);
    await savedAndRead();
  });
});

describe('an act asked for twice', () => {
  const logged = async (): Promise<number> => db.records('logEntries').count();
  it('is done once: Done, Set down, Duplicate, and from two tabs', async () => {
    const other = new Store(new ShopDatabase(db.name), () => NOW);
    const before = await logged();
    const done = (at: Store) => codeOf(at.edit('done', (edit) => finishRung(edit, 'guest-1', null, '', moment(), 'inHand')));
    expect((await Promise.all([done(store), done(store), done(other), done(store)])).sort()).toEqual([
      'done',
      'nothingToDo',
      'nothingToDo',
      'nothingToDo',
    ]);
    expect(await logged()).toBe(before + 1);
    await store.edit('take', (edit) => takeInHand(edit, 'host-2', moment(), 'open'));
    const down = (at: Store) => codeOf(at.edit('down', (edit) => setDown(edit, 'host-2', moment())));
    expect((await Promise.all([down(store), down(other)])).sort()).toEqual(['done', 'nothingToDo']);
    const seen = (await db.records('ladders').get('host'))?.rungIds ?? [];
    const copy = (at: Store) => codeOf(at.edit('copy', (edit) => duplicateRung(edit, 'host-2', makeId(), seen)));
    expect((await Promise.all([copy(store), copy(store), copy(other)])).sort()).toEqual(['done', 'nothingToDo', 'nothingToDo']);
    expect((await savedAndRead()).ladders.find((ladder) => ladder.id === 'host')?.rungIds).toHaveLength(3);
    other.db.close();
  });
  it('a timer that ran for days is asked about, not kept', async () => {
    const later = moment(NOW + 200 * 3_600_000);
    expect(await codeOf(store.edit('done', (edit) => finishRung(edit, 'guest-1', null, '', later)))).toBe('timerForgotten');
    await store.edit('said', (edit) => finishRung(edit, 'guest-1', 20, '', later));
    expect((await savedAndRead()).rungs.find((rung) => rung.id === 'guest-1')?.workedMs).toBe(1_200_000);
  });
  it('entries are counted as they are written, across tabs', async () => {
    const other = new Store(new ShopDatabase(db.name), () => NOW);
    const correct = (at: Store, id: string) =>
      at.edit('correct', (edit) => correctEntry(edit, 'entry', { atMs: NOW, actualMinutes: 3, text: '' }, () => id));
    await Promise.all([correct(store, 'z'), correct(other, 'a'), correct(store, 'm')]);
    const counters = (await db.records('logEntries').toArray()).map((entry) => entry.counter);
    expect(new Set(counters).size).toBe(4);
    other.db.close();
  });
});

describe('files', () => {
  it('one’s own JSON in place of everything keeps pictures and meshes, and says so', async () => {
    const { project } = await gatherProject(db, NOW);
    const bundle = { project, attachments: new Map<string, Uint8Array>() };
    expect((await previewImports(db, bundle)).replace).toMatchObject({ removed: 0, keptBytes: 2, mends: [] });
    await importProject(store, bundle, 'replace');
    await savedAndRead();
    expect(await db.attachments.count()).toBe(2);
  });
  it('a picture whose bytes are nowhere is left out, told before, and the rest is sound', async () => {
    const project = makeSampleProject();
    const empty = new Store(new ShopDatabase(`rules-empty-${names}`), () => NOW);
    const preview = (await previewImports(empty.db, { project, attachments: new Map() })).replace;
    expect(preview.mends.filter((mend) => mend.list === 'pictures' || mend.list === 'meshes')).toHaveLength(2);
    await importProject(empty, { project, attachments: new Map() }, 'replace');
    const bundle = await gatherProject(empty.db, NOW);
    expect(readBundle(await zipBundle(bundle))).toEqual(bundle);
    expect(bundle.project.pictures).toEqual([]);
    await empty.db.delete();
  });
  it('undo after a file does not mind what the sensor has written since', async () => {
    const before = (await gatherProject(db, NOW)).project.props;
    const other = makeSampleProject();
    other.props = other.props.map((prop) => ({ ...prop, name: 'Other' }));
    other.climateReadings = [];
    await importProject(store, { project: other, attachments: makeSampleAttachments() }, 'replace');
    await keepClimate(
      db,
      { device: 'test', readings: [{ atMs: NOW, temperatureCelsius: 3, relativeHumidityPercent: 40 }], forecast: [] },
      NOW,
    );
    await store.undo();
    expect((await gatherProject(db, NOW)).project.props.map((prop) => prop.name)).toEqual(before.map((prop) => prop.name));
  });
  it('a merge that leaves a join without its rung mends it and tells', async () => {
    const incoming = makeSampleProject();
    incoming.joins = [];
    incoming.ladders = incoming.ladders.map((ladder) => (ladder.id === 'host' ? { ...ladder, rungIds: ['host-1'] } : ladder));
    incoming.rungs = incoming.rungs.filter((rung) => rung.id !== 'host-2');
    const mends = await importProject(store, { project: incoming, attachments: makeSampleAttachments() }, 'merge');
    // The weather plan's pass is no rung any more: the same mend clears it.
    expect(mends.map((mend) => mend.list)).toEqual(['joins', 'weatherPlans']);
    expect((await savedAndRead()).joins[0]?.hostRungId).toBe('host-1');
  });
});

describe('a shop of before that carries faults', () => {
  // What a file brought was looked through by this version: what an older one left was not.
  beforeEach(() => db.meta.delete('rulesVersion'));
  it('is mended once, told, undoable, and loses nothing that can be kept', async () => {
    await db.records('rungs').update('host-1', { doneAtMs: null });
    await db.records('joins').update('join', { hostRungId: 'ghost' });
    await db.records('fits').update('fit', { otherPartId: 'ghost' });
    await db.records('rungs').update('guest-1', { state: 'setDown' });
    const mends = await mendShop(store, NOW);
    expect(mends.map((mend) => mend.list).sort()).toEqual(['fits', 'joins', 'rungs', 'rungs']);
    const { rungs, joins, fits } = await savedAndRead();
    // The log knows when it was done.
    expect(rungs.find((rung) => rung.id === 'host-1')).toMatchObject({ state: 'done', doneAtMs: NOW - 3_600_000 });
    expect(joins[0]?.hostRungId).toBe('host-2');
    expect(fits[0]?.otherPartId).toBeNull();
    expect(await mendShop(store, NOW)).toEqual([]);
    await store.undo();
    expect((await db.records('joins').get('join'))?.hostRungId).toBe('ghost');
  });
  it('that is sound is left alone', async () => {
    expect(await mendShop(store, NOW)).toEqual([]);
    expect(await isLookDue(db)).toBe(false);
    expect(await store.historyState()).toMatchObject({ undoLabel: null, redoLabel: null });
  });
  it('is not looked through again after a file took its place, which was checked as a whole', async () => {
    expect(await mendShop(store, NOW)).toEqual([]);
    await importProject(store, await gatherProject(db, NOW), 'replace');
    expect(await isLookDue(db)).toBe(false);
    const kept = await gatherProject(db, NOW);
    await wipeEverything(store);
    await importProject(store, kept, 'replace');
    expect(await isLookDue(db)).toBe(false);
  });
  it('is still mended after a file took its place before anybody looked, and undo brought it back', async () => {
    const sound = await gatherProject(db, NOW);
    await db.records('fits').update('fit', { otherPartId: 'ghost' });
    await importProject(store, sound, 'replace');
    await store.undo();
    expect(await db.records('fits').get('fit')).toMatchObject({ otherPartId: 'ghost' });
    expect((await mendShop(store, NOW)).map(({ list }) => list)).toEqual(['fits']);
  });
});
