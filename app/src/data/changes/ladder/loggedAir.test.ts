import 'fake-indexeddb/auto';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { finishRung } from './benchChanges';

const air: LoggedAir = { temperatureCelsius: 21, relativeHumidityPercent: 50, origin: 'measured' };
const sprayAir: LoggedAir = { temperatureCelsius: 4, relativeHumidityPercent: 80, origin: 'measured' };
const NOW = makeSampleProject().savedAtMs;

let db: ShopDatabase;
let store: Store;
let names = 0;

beforeEach(async () => {
  db = new ShopDatabase(`logged-air-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

describe('the air in the log of what was done', () => {
  it.each([
    ['sprayCoat', 'lacquerColour', false, sprayAir],
    ['sprayCoat', 'lacquerColour', true, sprayAir],
    ['sprayCoat', 'airbrushAcrylic', false, sprayAir],
    ['sprayCoat', 'airbrushAcrylic', true, air],
    ['brushCoat', 'brushAcrylic', true, air],
  ] as const)('of a %s of %s, the airbrush inside: %s, is that of its place', async (methodId, classId, airbrushesInside, expected) => {
    await store.edit('set', async (edit) => {
      const [shop] = await edit.list('shop');
      const rung = await edit.need('rungs', 'host-2');
      const [product] = await edit.list('products');
      if (!shop || !product) throw new Error('the sample has both');
      await edit.patch('shop', shop.id, { airbrushesInside });
      await edit.patch('products', product.id, { classId });
      await edit.patch('rungs', rung.id, { methodId, productId: product.id, coatMicrometres: 10 });
    });
    let ids = 0;
    const moment = { nowMs: NOW, air, sprayAir, makeId: () => `own-${(ids += 1)}`, personId: null };
    await store.edit('log', (edit) => finishRung(edit, 'host-2', 5, '', moment));
    const entry = (await db.records('logEntries').toArray()).find(({ id }) => id === 'own-1');
    expect(entry).toMatchObject({ kind: 'done', rungId: 'host-2', air: expected });
  });
});
