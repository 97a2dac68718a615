import 'fake-indexeddb/auto';
import { findRuleFaults } from '@zinc-ladder/model/rules/findRuleFaults';
import { inRegion, usualMinutes } from '@zinc-ladder/model/gather/grow/rungForPart';
import { climbedMinutes } from '@zinc-ladder/model/rungs/climbedMinutes';
import { rungPieces } from '@zinc-ladder/model/rungs/rungPieces';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { gatherProject, importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { duplicateRung } from '../ladder/rungChanges';
import { bringTo } from '../ladder/rungStateChanges';
import { takePiecesOut } from './setChanges';

const NOW = makeSampleProject().savedAtMs;
let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `own-${(ids += 1)}`;

beforeEach(async () => {
  ids = 0;
  db = new ShopDatabase(`sets-${(names += 1)}`);
  store = new Store(db, () => NOW);
  const project = makeSampleProject();
  project.parts = project.parts.map((part) => ({ ...part, count: 6, rackPlaces: 3, print: null }));
  await importProject(store, { project, attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const take = (partId: string, pieces: number) => store.edit('take', (edit) => takePiecesOut(edit, partId, pieces, makeId));
const projectNow = async () => (await gatherProject(db, NOW)).project;

describe('pieces taken out of a set', () => {
  it('are a part of their own that has climbed as far, its films as they were laid; undo puts them back', async () => {
    const before = await projectNow();
    const { partId, rungIds } = await take('host', 2);
    const after = await projectNow();
    expect(findRuleFaults(after)).toEqual([]);
    const of = (id: string) => after.parts.find((part) => part.id === id);
    expect(of(partId)).toMatchObject({ name: 'host, apart', count: 2, rackPlaces: 1, propId: 'prop' });
    expect(of('host')).toMatchObject({ name: 'host', count: 4, rackPlaces: 2 });
    const done = after.rungs.find(({ id }) => id === rungIds.get('host-1'));
    const first = after.rungs.find(({ id }) => id === 'host-1');
    expect(done).toMatchObject({ state: 'done', doneAtMs: first?.doneAtMs, productId: 'primer', coatMicrometres: 15, ladderId: partId });
    expect(after.ladders.find((ladder) => ladder.partId === partId)?.rungIds).toEqual([...rungIds.values()]);
    await store.undo();
    // Revisions count on.
    const plain = (project: typeof before): unknown =>
      JSON.parse(JSON.stringify(project, (name, value: unknown) => (name === 'revision' ? 0 : value)));
    expect(plain(await projectNow())).toEqual(plain(before));
  });
  it('take their share of the minutes: the method’s, or of what was typed', async () => {
    const part = (await db.records('parts').get('host')) ?? raise();
    const whole = usualMinutes('sand', inRegion(null), part);
    await store.edit('usual', async (edit) => {
      await edit.patch('rungs', 'host-1', { minutes: 60, minutesFormula: '' });
      await edit.patch('rungs', 'host-2', { methodId: 'sand', minutes: whole.minutes, minutesFormula: whole.formula });
    });
    const { rungIds } = await take('host', 1);
    const minutes = async (id: string) => (await db.records('rungs').get(id))?.minutes;
    const usual = (count: number) => usualMinutes('sand', inRegion(null), { ...part, count }).minutes;
    expect(await minutes(rungIds.get('host-2') ?? '')).toBe(usual(1));
    expect(await minutes('host-2')).toBe(usual(5));
    const primed = (count: number) => usualMinutes('prime', inRegion(null), { ...part, count }).minutes;
    expect(await minutes(rungIds.get('host-1') ?? '')).toBe(Math.round((60 * primed(1)) / primed(6)));
    // What was done on six was done on six.
    expect(await minutes('host-1')).toBe(60);
  });
  it('leave what was done on all of them as done on so many, until it is done again', async () => {
    const rung = async (id: string) => (await db.records('rungs').get(id)) ?? raise();
    const part = async (id: string) => (await db.records('parts').get(id)) ?? raise();
    await store.edit('usual', (edit) => edit.patch('rungs', 'host-1', { minutes: 60, minutesFormula: '' }));
    await take('host', 1);
    const { partId, rungIds } = await take('host', 2);
    const first = await rung('host-1');
    expect([first.pieces, rungPieces(first, await part('host'))]).toEqual([6, 6]);
    expect(climbedMinutes(['host-1'], [first], 3)).toBe(60 / 6);
    const copied = await rung(rungIds.get('host-1') ?? '');
    expect(rungPieces(copied, await part(partId))).toBe(2);
    const host = await part('host');
    const primed = (count: number) => usualMinutes('prime', inRegion(null), { ...host, count }).minutes;
    expect(copied.minutes).toBe(Math.round((60 * primed(2)) / primed(6)));

    await store.edit('copy', (edit) => duplicateRung(edit, 'host-1', 'host-1b'));
    expect(await rung('host-1b')).toMatchObject({ pieces: null, minutes: Math.round((60 * primed(3)) / primed(6)) });
    await store.edit('again', (edit) => bringTo(edit, 'host-1', 'open', NOW));
    expect(await rung('host-1')).toMatchObject({ pieces: null, minutes: Math.round((60 * primed(3)) / primed(6)) });
  });
  it('meet what their set meets, and are not in hand with it', async () => {
    const { partId, rungIds } = await take('guest', 1);
    const joins = await db.records('joins').toArray();
    expect(joins.map(({ hostPartId, guestPartId }) => [hostPartId, guestPartId]).sort()).toEqual([
      ['host', 'guest'],
      ['host', partId],
    ]);
    expect(await db.records('rungs').get('guest-1')).toMatchObject({ state: 'inHand' });
    expect(await db.records('rungs').get(rungIds.get('guest-1') ?? '')).toMatchObject({ state: 'open', startedAtMs: null });
    expect(findRuleFaults(await projectNow())).toEqual([]);
  });
  it('are taken out once, however often it is pressed', async () => {
    const press = () => store.edit('take', (edit) => takePiecesOut(edit, 'host', 1, makeId, 6));
    await press();
    await expect(press()).rejects.toThrow('nothingToDo');
    expect(await db.records('parts').count()).toBe(makeSampleProject().parts.length + 1);
  });
  it.each([0, 6, 9])('cannot be %d of six', async (pieces) => {
    await expect(take('host', pieces)).rejects.toThrow('nothingToDo');
  });
  it('cannot be on the printer', async () => {
    const print = { piecesLeft: 4, bedPieces: 2, startedAtMs: null, failureShare: 0 };
    await store.edit('print', (edit) => edit.patch('parts', 'host', { print }));
    await expect(take('host', 3)).rejects.toThrow('nothingToDo');
    await take('host', 2);
    expect((await db.records('parts').get('host'))?.print).toEqual(print);
  });
});

function raise(): never {
  throw new Error('no such part');
}
