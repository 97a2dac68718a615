import { SUPPLY_KINDS } from '@zinc-ladder/core/shelf/supplyKinds';
import { lightSteps } from '@zinc-ladder/model/gather/light/lightSteps';
import { readLights } from '@zinc-ladder/model/gather/light/readLights';
import { gatherKit } from '@zinc-ladder/model/gather/shelf/gatherKit';
import { matchStock } from '@zinc-ladder/model/gather/shelf/lists/matchStock';
import { readStockCsv } from '@zinc-ladder/model/gather/shelf/lists/readStockCsv';
import { KEPT_UNSET } from '@zinc-ladder/model/products/keptUnset';
import { LEVELS } from '@zinc-ladder/model/records/shelf/kept';
import { addGroup, addLights, putLightRungs, removeGroup } from '../data/changes/light/lightChanges';
import { arrive, newSupplier, order } from '../data/changes/shelf/buyChanges';
import { countCan } from '../data/changes/shelf/canChanges';
import { takeStockList } from '../data/changes/shelf/stockListChanges';
import { countSupply, listKit, newSupply } from '../data/changes/shelf/supplyChanges';
import type { ShopAct } from './shopAct';
import { chosen, on } from './shopAct';

/** What is done with the shelf and with lights. */
export const SHELF_ACTS: readonly ShopAct[] = [
  on('a can more', 'products', (edit, product, { makeId }) =>
    edit.put('cans', {
      id: makeId(),
      revision: 0,
      productId: product.id,
      sizeMillilitres: 400,
      leftMillilitres: 400,
      ...KEPT_UNSET,
      half: null,
      emptyGrams: null,
    }),
  ),
  on('count a can', 'cans', (edit, can, { choice, nowMs }) => countCan(edit, can.id, (choice(1) % 400) + 0.5, nowMs, choice(2) % 2 === 0)),
  on('look at a can', 'cans', (edit, can, { choice }) => edit.patch('cans', can.id, { level: chosen([null, ...LEVELS], choice(1)) })),
  {
    name: 'a supply more',
    plan:
      ({ choice, makeId, nowMs }) =>
      async (edit) => {
        const kind = chosen(SUPPLY_KINDS, choice(0));
        if (kind) await edit.put('supplies', newSupply(kind, kind.isGritted ? 180 : null, makeId(), nowMs));
      },
  },
  on('count a supply', 'supplies', (edit, supply, { choice, nowMs }) => countSupply(edit, supply, choice(1) % 50, nowMs)),
  {
    name: 'a supplier more',
    plan:
      ({ choice, makeId }) =>
      (edit) =>
        edit.put('suppliers', newSupplier(`Shop ${choice(0) % 5}`, makeId())),
  },
  on('write down a pack', 'suppliers', async (edit, supplier, { records, choice, makeId }) => {
    const product = chosen(records.products, choice(1));
    const supply = chosen(records.supplies, choice(2));
    const isSupply = choice(3) % 2 === 0 && supply !== null;
    if (!isSupply && !product) return;
    await edit.put('packs', {
      id: makeId(),
      revision: 0,
      productId: isSupply ? null : (product?.id ?? null),
      supplyId: isSupply ? supply.id : null,
      supplierId: supplier.id,
      amount: 1 + (choice(1) % 400),
      price: choice(2) % 3 === 0 ? null : choice(2) % 50,
    });
  }),
  on('order a pack', 'packs', (edit, pack, { choice, nowMs, makeId }) =>
    order(edit, [{ ...pack, count: 1 + (choice(1) % 3) }], nowMs, makeId),
  ),
  {
    name: 'it has come',
    plan: ({ records, choice, nowMs, makeId }) => {
      const awaited = chosen(records.purchases.filter(({ arrivedAtMs }) => arrivedAtMs === null), choice(0)); // prettier-ignore
      return awaited && ((edit) => arrive(edit, awaited.id, nowMs, makeId));
    },
  },
  on('begin lights', 'props', (edit, prop, { makeId, records, choice }) =>
    addLights(edit, prop.id, 'Lamp', makeId(), chosen(records.parts, choice(1))?.id ?? null),
  ),
  on('a group more', 'lightPlans', (edit, plan, { makeId }) => addGroup(edit, plan.id, makeId())),
  on('a group away', 'lightPlans', async (edit, plan, { choice }) => {
    const group = chosen(plan.groups, choice(1));
    if (group) await removeGroup(edit, plan.id, group.id);
  }),
  {
    name: 'put lights on a ladder',
    plan: ({ records, choice, makeId }) => {
      const plan = chosen(records.lightPlans.filter(({ partId }) => records.ladders.some((ladder) => ladder.partId === partId)), choice(0)); // prettier-ignore
      return plan && ((edit) => putLightRungs(edit, plan, lightSteps(plan, readLights(plan, null)), makeId));
    },
  },
  {
    name: 'put a kit on the list',
    plan: ({ records, nowMs, makeId }) => {
      const { supplies } = gatherKit(records.parts, records);
      return supplies.some(({ kept }) => kept === null) ? (edit) => listKit(edit, supplies, nowMs, makeId) : null;
    },
  },
  {
    name: 'take in a stock list',
    plan: ({ records, choice, nowMs, makeId }) => {
      const [shop] = records.shop;
      if (!shop) return null;
      const name = chosen(records.products, choice(0))?.name ?? 'Tape';
      const csv = `product;left;unit;supplier;pack;lot\n${name};${choice(1) % 300};ml;Post ${choice(2) % 3};${100 + (choice(2) % 3)};\nYellow tape;${choice(3) % 20};m;;;L${choice(3) % 2}\n`;
      const effects = matchStock(readStockCsv(csv).rows, { ...records, shop });
      return effects.some(({ kind }) => kind !== 'skip') ? (edit) => takeStockList(edit, effects, nowMs, makeId) : null;
    },
  },
];
