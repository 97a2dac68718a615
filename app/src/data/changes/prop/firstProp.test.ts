import 'fake-indexeddb/auto';
import { checkStack } from '@zinc-ladder/core/compatibility/checkStack';
import { findFinish } from '@zinc-ladder/core/ladder/finishes';
import { findRuleFaults } from '@zinc-ladder/model/rules/findRuleFaults';
import { gatherStack } from '@zinc-ladder/model/gather/film/gatherStack';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { gatherProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import type { FirstProp } from './firstProp';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import { dayBetween } from '@zinc-ladder/core/climate/typicalDay';
import { findRecordFaults } from '@zinc-ladder/model/file/validateRecord';
import { SPRAY_WAYS, startFirstProp, USUAL_HOURS } from './firstProp';
import { newShop, starterProducts } from '../shop/newShop';
import { NEW_PART } from './partChanges';
import { NEW_PROP } from './propChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `first-${(ids += 1)}`;
let shop = newShop('shop', 'Europe/Copenhagen', 'en-GB');

beforeEach(async () => {
  shop = newShop('shop', 'Europe/Copenhagen', 'en-GB');
  db = new ShopDatabase(`first-${(names += 1)}`);
  store = new Store(db, () => Date.UTC(2026, 4, 28, 12));
  await store.edit('start', async (edit) => {
    await edit.put('shop', shop);
    for (const product of starterProducts(makeId)) await edit.put('products', product);
  });
});
afterEach(() => db.delete());

const COPENHAGEN = { latitude: 55.7, longitude: 12.6 };

async function start(
  finish: FirstProp['route']['finish'],
  kitIds: readonly string[],
  sprayId = 'booth',
  yardDay: FirstProp['yardDay'] = null,
) {
  await store.edit('first', (edit) =>
    startFirstProp(
      edit,
      shop,
      {
        hoursId: 'weekends',
        sprayId,
        // A place of a zone has a name as well, which no record takes.
        place: placeOfZone('Europe/Copenhagen'),
        yardDay,
        kitIds,
        prop: { ...NEW_PROP, name: 'Buoy' },
        part: { ...NEW_PART, name: 'Hull' },
        route: { finish, age: 'new', smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' },
        mesh: null,
      },
      makeId,
    ),
  );
  const { project } = await gatherProject(db, 0);
  return { project, products: new Map(project.products.map((product) => [product.id, product])) };
}

describe('the first prop', () => {
  it('leaves a whole shop with the hours that were chosen', async () => {
    const { project } = await start('satin', []);
    expect(findRuleFaults(project)).toEqual([]);
    expect(project.shop.hours).toEqual(USUAL_HOURS.find(({ id }) => id === 'weekends')?.spans);
    expect(project.shop.sprayHours).toEqual(SPRAY_WAYS.find(({ id }) => id === 'booth')?.spans);
  });
  it.each([
    ['yard', true, true, false],
    ['cans', true, true, true],
    ['lamp', false, true, false],
    ['booth', false, false, false],
  ])('sprayed %s goes by the light, and by an air of its own, only where that is said', async (sprayId, ...said) => {
    const [spraysByDaylight, isOut, airbrushesInside] = said;
    const typed = dayBetween(2, 8, 80);
    const { project } = await start('satin', [], sprayId, typed);
    expect(project.shop).toMatchObject({ place: COPENHAGEN, spraysByDaylight, yardDay: isOut ? typed : null, airbrushesInside });
    expect(findRecordFaults('shop', project.shop)).toEqual([]);
  });
  it('keeps a place that was typed, wherever it is sprayed', async () => {
    const typed = { latitude: 60.4, longitude: 5.3 };
    await store.edit('place', (edit) => edit.patch('shop', 'shop', { place: typed }));
    shop = { ...shop, place: typed };
    expect((await start('satin', [], 'booth')).project.shop.place).toEqual(typed);
  });
  it.each([
    ['gloss', 'glossEnamel', ['Gloss blue', 'Gloss clear']],
    ['metal', 'brassOverBlack', ['Gloss black', 'Brass', 'Satin clear']],
    ['bone', 'oldBone', ['Bone white']],
  ] as const)('in %s takes what the kit %s bought, and no two of its films quarrel', async (finish, kitId, wanted) => {
    const { project, products } = await start(finish, ['smoothing', kitId]);
    const used = project.rungs.flatMap(({ productId }) => products.get(productId ?? '')?.name ?? []);
    for (const name of wanted) expect(used, findFinish(finish).name).toContain(name);
    const [ladder] = project.ladders;
    const [part] = project.parts;
    if (!ladder || !part) throw new Error('no ladder');
    const rungs = ladder.rungIds.flatMap((id) => project.rungs.find((rung) => rung.id === id) ?? []);
    const certain = checkStack(
      part.materialId,
      gatherStack(rungs, products, () => null),
    ).filter(({ sure }) => sure === 'certain');
    expect(certain).toEqual([]);
  });
});
