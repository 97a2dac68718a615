import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import type { SupplyKindId } from '@zinc-ladder/core/shelf/supplyKinds';
import { KEPT_UNSET } from '@zinc-ladder/model/products/keptUnset';
import type { Can } from '@zinc-ladder/model/records/shelf/can';
import type { Pack } from '@zinc-ladder/model/records/shelf/pack';
import type { Purchase } from '@zinc-ladder/model/records/shelf/purchase';
import type { Supplier } from '@zinc-ladder/model/records/shelf/supplier';
import type { Supply } from '@zinc-ladder/model/records/shelf/supply';
import { DEMO_CANS, DEMO_PRODUCTS } from './products';
import { DEMO_MOMENT, DEMO_START } from '../scenario';

const DAY_MS = 86_400_000;

/** Invented shops: one that sends on Saturdays too, one that is slow and cheap, one round the corner. */
export const DEMO_SUPPLIERS: readonly Supplier[] = [
  {
    id: 'paint-post',
    revision: 0,
    name: 'Paint by post',
    days: 2,
    sendingWeekdays: [1, 2, 3, 4, 5, 6],
    carriage: 4.9,
    leastOrder: 0,
    note: '',
  },
  { id: 'trade', revision: 0, name: 'Trade counter', days: 5, sendingWeekdays: [1, 2, 3, 4, 5], carriage: 0, leastOrder: 40, note: '' },
  { id: 'corner', revision: 0, name: 'Shop round the corner', days: 1, sendingWeekdays: [3, 4, 5], carriage: 0, leastOrder: 0, note: '' },
];

/** What a pack of a class holds, ml, and costs, at who sells it; invented prices. */
const PACKS_BY_CLASS: Readonly<Record<string, readonly (readonly [supplierId: string, millilitres: number, price: number])[]>> = {
  metallicLacquer: [
    ['paint-post', 150, 8.4],
    ['paint-post', 400, 13.9],
    ['trade', 400, 11.2],
  ],
  brushAcrylic: [
    ['paint-post', 20, 3.2],
    ['corner', 60, 6.5],
  ],
  airbrushAcrylic: [['paint-post', 30, 4.8]],
  acrylicWash: [['paint-post', 35, 5.6]],
  oilWash: [['paint-post', 35, 5.9]],
  waterClear: [['corner', 100, 7.2]],
  bodyFiller: [['trade', 500, 12.5]],
  tintedEpoxy: [['paint-post', 150, 16.8]],
  slurry: [['trade', 500, 9.8]],
  epoxyGlue: [['corner', 25, 6.9]],
  maskingRubber: [['paint-post', 75, 7.4]],
};
const AEROSOL_PACKS = [
  ['paint-post', 400, 9.6],
  ['trade', 400, 7.9],
] as const;

/** Every product in the packs it is sold in. */
function demoPacks(): Pack[] {
  return DEMO_PRODUCTS.flatMap(({ id, classId }) => {
    const own = PACKS_BY_CLASS[classId] ?? (findProductClass(classId).application === 'aerosol' ? AEROSOL_PACKS : []);
    return own.map(([supplierId, amount, price]): Pack => ({
      id: `pack-${id}-${supplierId}-${amount}`,
      revision: 0,
      productId: id,
      supplyId: null,
      supplierId,
      amount,
      price,
    }));
  });
}

type SupplyRow = readonly [
  id: string,
  name: string,
  kindId: SupplyKindId,
  grit: number | null,
  widthMillimetres: number | null,
  left: number,
  place: string,
  pack: readonly [supplierId: string, amount: number, price: number] | null,
];

const SUPPLY_ROWS: readonly SupplyRow[] = [
  ['disc-100', 'Abrasive disc P100', 'abrasiveDisc', 100, null, 9, 'drawer 1', ['trade', 25, 11.5]],
  ['paper-150', 'Abrasive sheet P150', 'abrasiveSheet', 150, null, 6, 'drawer 1', ['corner', 5, 4.2]],
  ['paper-220', 'Abrasive sheet P220', 'abrasiveSheet', 220, null, 11, 'drawer 1', ['corner', 5, 4.2]],
  ['paper-320', 'Abrasive sheet P320', 'abrasiveSheet', 320, null, 3, 'drawer 1', ['trade', 25, 14.9]],
  ['paper-400', 'Abrasive sheet P400', 'abrasiveSheet', 400, null, 8, 'drawer 1', ['trade', 25, 14.9]],
  ['paper-600', 'Abrasive sheet P600', 'abrasiveSheet', 600, null, 5, 'drawer 1', ['trade', 25, 16.5]],
  ['tape-6', 'Masking tape, narrow', 'tape', null, 6, 11, 'hook by the bench', ['paint-post', 18, 4.6]],
  ['tape-25', 'Masking tape, wide', 'tape', null, 25, 30, 'hook by the bench', ['corner', 50, 5.2]],
  ['gloves', 'Nitrile gloves', 'gloves', null, null, 34, 'box by the door', ['trade', 50, 9.9]],
  ['cartridges', 'Vapour cartridges, a pair', 'cartridge', null, null, 22, 'tin with the mask', ['paint-post', 40, 18.5]],
  ['cleaner', 'Airbrush cleaner', 'thinner', null, null, 260, 'metal cupboard', ['paint-post', 500, 8.8]],
  ['cups', 'Mixing cups', 'cups', null, null, 0, 'under the bench', null],
  ['strip-warm', 'Addressable strip, warm, LEDs', 'leds', null, null, 42, 'drawer 3', ['trade', 60, 13.9]],
  ['cells-aa', 'AA cells', 'cells', null, null, 2, 'drawer 3', ['corner', 4, 3.6]],
  ['magnets-8', 'Disc magnets 8 × 3 mm', 'magnets', null, null, 14, 'drawer 3', ['paint-post', 20, 6.4]],
];

function demoSupplies(): Supply[] {
  return SUPPLY_ROWS.map(([id, name, kindId, grit, widthMillimetres, left, place]): Supply => ({
    id,
    revision: 0,
    ...KEPT_UNSET,
    name,
    kindId,
    grit,
    widthMillimetres,
    left,
    countedAtMs: DEMO_MOMENT,
    openedAtMs: kindId === 'cartridge' ? DEMO_START - 60 * DAY_MS : null,
    level: kindId === 'cups' ? 'enough' : null,
    place,
    closedMonths: null,
    openedMonths: null,
  }));
}

/** Fine paper was ordered on Tuesday and should come tomorrow. */
const DEMO_PURCHASE: Purchase = {
  id: 'order-paper-320',
  revision: 0,
  productId: null,
  supplyId: 'paper-320',
  supplierId: 'trade',
  amount: 25,
  count: 1,
  price: 14.9,
  orderedAtMs: Date.parse('2026-05-26T19:10:00+02:00'),
  dueAtMs: Date.parse('2026-05-29T12:00:00+02:00'),
  arrivedAtMs: null,
  note: '',
};

/** Cans that were opened so long ago that their time is over, days before the demo begins. */
const OPENED_DAYS_BEFORE: Readonly<Record<string, number>> = { 'masking-rubber': 250 };

function demoCans(): Can[] {
  return DEMO_CANS.flatMap(([productId, left]) =>
    left.map((leftMillilitres, at): Can => {
      const sizeMillilitres = leftMillilitres > 250 ? Math.max(400, leftMillilitres) : leftMillilitres > 120 ? 400 : 100;
      const isOpen = leftMillilitres < sizeMillilitres;
      const openedMs = DEMO_START - (OPENED_DAYS_BEFORE[productId] ?? 20) * DAY_MS;
      return {
        id: `can-${productId}-${at + 1}`,
        revision: 0,
        productId,
        sizeMillilitres,
        leftMillilitres,
        ...KEPT_UNSET,
        countedAtMs: DEMO_MOMENT,
        boughtAtMs: openedMs - 30 * DAY_MS,
        openedAtMs: isOpen ? openedMs : null,
        place: leftMillilitres > 120 ? 'metal cupboard' : 'shelf over the bench',
        half: null,
        emptyGrams: null,
      };
    }),
  );
}

/** All that stands on the demo's shelf, who sells it and what is on its way. */
export function makeDemoShelf() {
  const packs = SUPPLY_ROWS.flatMap(([id, , , , , , , pack]): Pack[] =>
    pack ? [{ id: `pack-${id}`, revision: 0, productId: null, supplyId: id, supplierId: pack[0], amount: pack[1], price: pack[2] }] : [],
  );
  return {
    cans: demoCans(),
    supplies: demoSupplies(),
    suppliers: [...DEMO_SUPPLIERS],
    packs: [...demoPacks(), ...packs],
    purchases: [DEMO_PURCHASE],
  };
}
