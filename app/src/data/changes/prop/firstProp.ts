import type { GeoPosition } from '@zinc-ladder/core/climate/daylight';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Shop, TypicalDayValues, WeekSpan } from '@zinc-ladder/model/records/shop/shop';
import type { Edit } from '../../edits/edit';
import { growOnto } from '../ladder/growChanges';
import { addKit, KITS } from './kits';
import { keepMesh } from './meshChanges';
import type { PartFields } from './partChanges';
import { addPart } from './partChanges';
import type { PropFields } from './propChanges';
import { addProp } from './propChanges';

const on = (weekdays: readonly number[], startHour: number, endHour: number): WeekSpan[] =>
  weekdays.map((weekday) => ({ weekday, startMinute: startHour * 60, endMinute: endHour * 60 }));
const WORKDAYS = [1, 2, 3, 4, 5];
const WEEKEND = [6, 7];
const ALL_DAYS = [...WORKDAYS, ...WEEKEND];

/** When people are mostly at it. */
export const USUAL_HOURS: readonly { readonly id: string; readonly name: string; readonly spans: readonly WeekSpan[] }[] = [
  { id: 'both', name: 'Evenings and weekends', spans: [...on(WORKDAYS, 18, 21), ...on(WEEKEND, 9, 17)] },
  { id: 'evenings', name: 'Evenings, Monday to Friday', spans: on(WORKDAYS, 18, 22) },
  { id: 'weekends', name: 'Weekends', spans: on(WEEKEND, 9, 18) },
  { id: 'workdays', name: 'By day, Monday to Friday', spans: on(WORKDAYS, 9, 17) },
  { id: 'always', name: 'Whenever I can, early to late', spans: on(ALL_DAYS, 8, 23) },
];

/** Where spraying is done; by light alone it goes from sunrise to sunset, as far as those hours let it. */
export const SPRAY_WAYS: readonly {
  readonly id: string;
  readonly name: string;
  readonly spans: readonly WeekSpan[];
  readonly isOutOfDoors: boolean;
  readonly isByLight: boolean;
  readonly airbrushesInside: boolean;
}[] = [
  {
    id: 'yard',
    name: 'Out of doors, by daylight',
    spans: on(ALL_DAYS, 9, 20),
    isOutOfDoors: true,
    isByLight: true,
    airbrushesInside: false,
  },
  {
    id: 'cans',
    name: 'Cans out of doors by daylight, the airbrush inside',
    spans: on(ALL_DAYS, 9, 22),
    isOutOfDoors: true,
    isByLight: true,
    airbrushesInside: true,
  },
  {
    id: 'lamp',
    name: 'Out of doors, by lamplight too',
    spans: on(ALL_DAYS, 9, 20),
    isOutOfDoors: true,
    isByLight: false,
    airbrushesInside: false,
  },
  {
    id: 'booth',
    name: 'In a booth, whenever I am there',
    spans: on(ALL_DAYS, 6, 24),
    isOutOfDoors: false,
    isByLight: false,
    airbrushesInside: false,
  },
];

/** What a newcomer says of shop, prop and first part. */
export interface FirstProp {
  readonly hoursId: string;
  readonly sprayId: string;
  /** where the shop is likely to be, for its daylight; null: not known */
  readonly place: GeoPosition | null;
  /** an ordinary day out there; null: the shop's, or what was said before */
  readonly yardDay: TypicalDayValues | null;
  readonly kitIds: readonly string[];
  readonly prop: PropFields;
  readonly part: PartFields;
  readonly route: LadderRoute;
  readonly mesh: { readonly file: File; readonly format: MeshReference['format'] } | null;
}

/** What a newcomer's answers make of the shop: hours, light and air; what is not answered stays. */
export function shopAsAnswered(
  shop: Shop,
  { hoursId, sprayId, place, yardDay }: Pick<FirstProp, 'hoursId' | 'sprayId' | 'place' | 'yardDay'>,
): Pick<Shop, 'hours' | 'sprayHours' | 'place' | 'spraysByDaylight' | 'airbrushesInside' | 'yardDay'> {
  const hours = USUAL_HOURS.find(({ id }) => id === hoursId)?.spans ?? shop.hours;
  const way = SPRAY_WAYS.find(({ id }) => id === sprayId);
  return {
    hours: [...hours],
    sprayHours: [...(way?.spans ?? shop.sprayHours)],
    place: shop.place ?? (place && { latitude: place.latitude, longitude: place.longitude }),
    spraysByDaylight: way?.isByLight ?? shop.spraysByDaylight,
    airbrushesInside: way?.airbrushesInside ?? shop.airbrushesInside,
    yardDay: way?.isOutOfDoors ? (yardDay ?? shop.yardDay) : null,
  };
}

/** Sets hours, puts kits on the shelf, and adds a prop with its first part and ladder. */
export async function startFirstProp(edit: Edit, shop: Shop, said: FirstProp, makeId: () => string): Promise<void> {
  await edit.patch('shop', shop.id, shopAsAnswered(shop, said));
  for (const kit of KITS) if (said.kitIds.includes(kit.id)) await addKit(edit, kit, makeId);
  const [propId, partId] = [makeId(), makeId()];
  await addProp(edit, propId, said.prop, await edit.list('props'));
  await addPart(edit, partId, propId, said.part, await edit.list('parts'));
  if (said.mesh) await keepMesh(edit, partId, said.mesh.file, said.mesh.format, makeId());
  const grown = growFor(await edit.need('parts', partId), said.route, { metres: said.prop.viewingMetres });
  if (grown.kind === 'grown') {
    await growOnto(edit, partId, said.route, grown.rungs, boughtFirst(await edit.list('products'), said.kitIds), {}, makeId);
  }
}

/** The products a ladder is grown from: a plain starter gives way where a kit has something of its class. */
function boughtFirst(products: readonly Product[], kitIds: readonly string[]): Product[] {
  const kits = KITS.filter(({ id }) => kitIds.includes(id));
  const names = new Set(kits.flatMap((kit) => kit.products.map(({ name }) => name)));
  const bought = products.filter(({ name }) => names.has(name));
  const classes = new Set(bought.map(({ classId }) => classId));
  return products.filter(({ name, classId }) => names.has(name) || !classes.has(classId));
}
