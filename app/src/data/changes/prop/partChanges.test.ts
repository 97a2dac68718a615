import 'fake-indexeddb/auto';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { inRegion, usualMinutes } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { MOST_TAKEN } from '@zinc-ladder/model/records/ladder/logEntry';
import { rungMillilitres } from '@zinc-ladder/model/gather/shelf/rungTakes';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { MOST_MINUTES } from '@zinc-ladder/model/records/ladder/rung';
import { finishRung } from '../ladder/benchChanges';
import { minutesByOrder } from '../ladder/maskChanges';
import { changeLayer, changeMaterial, changeMeasures } from './partChanges';
import { changeCount, putOnPrinter } from './printChanges';

let db: ShopDatabase;
let store: Store;
const NOW = makeSampleProject().savedAtMs;
let names = 0;
let ids = 0;

/** The sample's host with three rungs of the method's minutes and one of typed ones. */
beforeEach(async () => {
  db = new ShopDatabase(`parts-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  await store.edit('prepare', async (edit) => {
    const part = await edit.need('parts', 'host');
    for (const rung of await edit.find('rungs', 'ladderId', 'host')) {
      const { minutes, formula } = usualMinutes(rung.methodId, rung, part);
      await edit.patch('rungs', rung.id, { minutes, minutesFormula: formula });
    }
  });
});
afterEach(() => db.delete());

const partNow = async (): Promise<Part> => (await db.records('parts').get('host')) as Part;
const rungsNow = async (): Promise<Rung[]> => db.records('rungs').findAny('ladderId', ['host']);
const loggedOf = async (id: string): Promise<LogEntry | undefined> =>
  (await db.records('logEntries').toArray()).find(({ rungId, kind }) => rungId === id && kind === 'done');
const change = (fields: Parameters<typeof changeMeasures>[2]): Promise<void> =>
  store.edit('measure', async (edit) => changeMeasures(edit, await edit.need('parts', 'host'), fields));

describe('a part that is measured anew', () => {
  it('has the method’s minutes for its new surface on what is still to be done', async () => {
    const part = await partNow();
    const before = await rungsNow();
    await change({ areaSquareCentimetres: part.areaSquareCentimetres * 4 });
    const after = await rungsNow();
    const open = after.filter(({ state }) => state !== 'done');
    expect(open.length).toBeGreaterThan(0);
    for (const rung of open) {
      const { minutes, formula } = usualMinutes(rung.methodId, rung, await partNow());
      expect([rung.minutes, rung.minutesFormula]).toEqual([minutes, formula]);
      expect(rung.minutes).toBeGreaterThan(before.find(({ id }) => id === rung.id)?.minutes ?? Infinity);
    }
    await store.undo();
    expect((await rungsNow()).map(({ minutes }) => minutes)).toEqual(before.map(({ minutes }) => minutes));
  });

  it('takes minutes for as many pieces as there are, those on a region of each too', async () => {
    const [open] = (await rungsNow()).filter(({ state }) => state !== 'done');
    const region = usualMinutes(open?.methodId ?? '', inRegion(12), await partNow());
    await store.edit('region', (edit) =>
      edit.patch('rungs', open?.id ?? '', { areaSquareCentimetres: 12, minutes: region.minutes, minutesFormula: region.formula }),
    );
    await store.edit('count', async (edit) => changeCount(edit, await edit.need('parts', 'host'), 14));
    const wanted = usualMinutes(open?.methodId ?? '', inRegion(12), { areaSquareCentimetres: 0, count: 14 });
    expect(await db.records('rungs').get(open?.id ?? '')).toMatchObject({ minutes: wanted.minutes, minutesFormula: wanted.formula });
  });

  it('keeps minutes that were typed, split or learned, and what is done as it was done on fewer pieces', async () => {
    const rungs = await rungsNow();
    const [typed] = rungs.filter(({ state }) => state !== 'done');
    const done = rungs.find(({ id }) => id !== typed?.id);
    await store.edit('typed', async (edit) => {
      await edit.patch('rungs', typed?.id ?? '', { minutes: 77, minutesFormula: '' });
      await edit.patch('rungs', done?.id ?? '', { state: 'done', doneAtMs: NOW, startedAtMs: null, workedMs: 0 });
    });
    await change({ count: 9 });
    const after = new Map((await rungsNow()).map((rung) => [rung.id, rung]));
    expect(after.get(typed?.id ?? '')).toMatchObject({ minutes: 77, minutesFormula: '' });
    expect(after.get(done?.id ?? '')?.minutes).toBe(done?.minutes);
  });

  it('holds what was done and logged against the surface it really had: a wrong guess is not learned as a pace', async () => {
    const [open] = (await rungsNow()).filter(({ state }) => state !== 'done');
    const id = open?.id ?? '';
    await store.edit('done', (edit) =>
      finishRung(edit, id, 40, '', { nowMs: NOW, air: null, personId: null, makeId: () => `id-${(ids += 1)}` }, open?.state ?? 'open'),
    );
    expect(await loggedOf(id)).toMatchObject({ plannedMinutes: open?.minutes, actualMinutes: 40 });
    await change({ areaSquareCentimetres: ((await partNow()).areaSquareCentimetres || 1) * 4 });
    const { minutes } = usualMinutes(open?.methodId ?? '', inRegion(null), await partNow());
    expect(minutes).toBeGreaterThan(open?.minutes ?? Infinity);
    expect((await db.records('rungs').get(id))?.minutes).toBe(minutes);
    expect(await loggedOf(id)).toMatchObject({ plannedMinutes: minutes, actualMinutes: 40 });
    await store.undo();
    expect(await loggedOf(id)).toMatchObject({ plannedMinutes: open?.minutes, actualMinutes: 40 });
  });

  it('holds the paint that was taken against it too, so that cans are as full as they are', async () => {
    const [open] = (await rungsNow()).filter(({ state }) => state !== 'done');
    const [product] = await db.records('products').toArray();
    const id = open?.id ?? '';
    await store.edit('done', async (edit) => {
      await edit.patch('rungs', id, { methodId: 'prime', productId: product?.id ?? null, coatMicrometres: 20 });
      const moment = { nowMs: NOW, air: null, personId: null, makeId: () => `id-${(ids += 1)}` };
      await finishRung(edit, id, 9, '', moment, open?.state ?? 'open');
    });
    const tookNow = async (): Promise<number> => (await loggedOf(id))?.tookMillilitres ?? 0;
    const took = await tookNow();
    expect(took).toBeGreaterThan(0);
    const area = (await partNow()).areaSquareCentimetres;
    await change({ areaSquareCentimetres: area * 3 });
    expect(await tookNow()).toBeCloseTo(3 * took, 9);
    // As many pieces as were coated, whatever is added; and the new label of its product changes nothing that is gone.
    await change({ areaSquareCentimetres: area * 2, count: 5 });
    await store.edit('label', (edit) => edit.patch('products', product?.id ?? '', { classId: 'lacquerClear' }));
    await change({ areaSquareCentimetres: area });
    expect(await tookNow()).toBeCloseTo(took, 9);
    await store.edit('region', (edit) => edit.patch('rungs', id, { areaSquareCentimetres: 12 }));
    await change({ areaSquareCentimetres: area * 2 });
    expect(await tookNow()).toBeCloseTo(took, 9);
  });

  it('whose surface was not known takes the paint for what it is, and never more than an entry can say', async () => {
    const [open] = (await rungsNow()).filter(({ state }) => state !== 'done');
    const [product] = await db.records('products').toArray();
    const id = open?.id ?? '';
    await change({ areaSquareCentimetres: 0 });
    await store.edit('done', async (edit) => {
      await edit.patch('rungs', id, { methodId: 'prime', productId: product?.id ?? null, coatMicrometres: 20 });
      const moment = { nowMs: NOW, air: null, personId: null, makeId: () => `id-${(ids += 1)}` };
      await finishRung(edit, id, 9, '', moment, open?.state ?? 'open');
    });
    expect((await loggedOf(id))?.tookMillilitres).toBe(0);
    await change({ areaSquareCentimetres: 150 });
    const took = rungMillilitres({ ...(open as Rung), methodId: 'prime', coatMicrometres: 20 }, await partNow(), product) ?? 0;
    expect(took).toBeGreaterThan(0);
    expect((await loggedOf(id))?.tookMillilitres).toBeCloseTo(took, 9);
    await store.edit('much', async (edit) => edit.patch('logEntries', (await loggedOf(id))?.id ?? '', { tookMillilitres: MOST_TAKEN }));
    await change({ areaSquareCentimetres: 300 });
    expect((await loggedOf(id))?.tookMillilitres).toBe(MOST_TAKEN);
  });

  it('takes the minutes of its masks for as many pieces as there are', async () => {
    const [open] = (await rungsNow()).filter(({ state }) => state !== 'done');
    const set = async (pieces: number, count: number): Promise<Rung | undefined> => {
      await store.edit('mask', async (edit) => {
        await edit.patch('parts', 'host', { count: pieces });
        const { minutes, formula } = minutesByOrder(3, pieces);
        await edit.patch('rungs', open?.id ?? '', { minutes, minutesFormula: formula });
      });
      await change({ count });
      return db.records('rungs').get(open?.id ?? '');
    };
    expect(await set(2, 5)).toMatchObject({ minutes: 15, minutesFormula: minutesByOrder(3, 5).formula });
    expect(await set(1, 4)).toMatchObject({ minutes: 12, minutesFormula: minutesByOrder(3, 4).formula });
  });

  it('of which there is more than a rung can say has as much as it can, and is not refused', async () => {
    await change({ areaSquareCentimetres: 200_000, count: 500 });
    const open = (await rungsNow()).filter(({ state, minutesFormula }) => state !== 'done' && minutesFormula !== '');
    expect(open.map(({ minutes }) => minutes)).toEqual(open.map(() => MOST_MINUTES));
  });

  it('that measures the same changes no rung', async () => {
    const before = await rungsNow();
    await change({ ridgeMicrometres: 55 });
    expect((await partNow()).ridgeMicrometres).toBe(55);
    expect(await rungsNow()).toEqual(before);
  });
});

describe('a set of which some pieces are still to come', () => {
  const act = (work: (edit: Parameters<typeof changeCount>[0], part: Part) => Promise<void>): Promise<void> =>
    store.edit('change', async (edit) => work(edit, await edit.need('parts', 'host')));
  it('waits for those that are added too, and for no more than there are', async () => {
    await act((edit, part) => changeCount(edit, part, 4));
    await act((edit, part) => putOnPrinter(edit, part));
    await act((edit, part) => edit.patch('parts', part.id, { print: part.print && { ...part.print, piecesLeft: 3, bedPieces: 2 } }));
    await act((edit, part) => changeCount(edit, part, 10));
    expect((await partNow()).print).toMatchObject({ piecesLeft: 9, bedPieces: 2 });
    await act((edit, part) => changeCount(edit, part, 1));
    expect((await partNow()).print).toMatchObject({ piecesLeft: 1, bedPieces: 1 });
  });
  it('is not put on the printer by it where all of it is here', async () => {
    await act((edit, part) => edit.patch('parts', part.id, { print: null }));
    await act((edit, part) => changeCount(edit, part, 10));
    expect((await partNow()).print).toBeNull();
  });
});

describe('ridges that were measured on a part', () => {
  const ridges = async (): Promise<number | null> => (await partNow()).ridgeMicrometres;
  const act = (work: (edit: Parameters<typeof changeLayer>[0], part: Part) => Promise<void>): Promise<void> =>
    store.edit('change', async (edit) => work(edit, await edit.need('parts', 'host')));
  beforeEach(() =>
    act((edit, part) => edit.patch('parts', part.id, { materialId: 'rigid', layerMillimetres: 0.2, ridgeMicrometres: 120 })),
  );
  it('go with the layer, which a ridge is a share of', async () => {
    await act((edit, part) => changeLayer(edit, part, 0.12));
    expect(await ridges()).toBe(72);
    await store.undo();
    expect([await ridges(), (await partNow()).layerMillimetres]).toEqual([120, 0.2]);
  });
  it('stay on a material whose layers are alike, and are not known on any other', async () => {
    await act((edit, part) => changeMaterial(edit, part, findMaterial('flexible')));
    expect(await ridges()).toBe(120);
    await act((edit, part) => changeMaterial(edit, part, findMaterial('resin')));
    expect([await ridges(), (await partNow()).layerMillimetres]).toEqual([null, findMaterial('resin').usualLayerMillimetres]);
  });
  it('are not known of a part whose layer was not', async () => {
    await act((edit, part) => edit.patch('parts', part.id, { layerMillimetres: 0 }));
    await act((edit, part) => changeLayer(edit, part, 0.2));
    expect(await ridges()).toBeNull();
  });
});
