import type { Person } from '@zinc-ladder/model/records/shop/person';
import { withEvening } from '@zinc-ladder/core/plan/ideas/whatIf/evening';
import { stayLonger } from '@zinc-ladder/core/plan/ideas/whatIf/longer';
import type { WhatIf, WhatIfKind } from '@zinc-ladder/core/plan/ideas/whatIf/whatIf';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { Edit } from '../../edits/edit';
import { growSchool } from '../ladder/growChanges';
import { addRung } from '../ladder/rungChanges';
import { leaveOut } from '../ladder/rungStateChanges';

interface Taking {
  readonly records: PlanRecords;
  readonly nowMs: number;
  readonly makeId: () => string;
}

/** How each kind of idea is made real, by the acts that a finisher has for it. */
const TAKE: { readonly [Kind in WhatIfKind]: (edit: Edit, whatIf: WhatIf<Kind>, taking: Taking) => Promise<unknown> } = {
  // A heater is turned on by hand: the sensor tells when it is warm.
  heater: () => Promise.resolve(),
  evening: (edit, whatIf, { records: { shop } }) =>
    edit.patch('shop', shop.id, { exceptions: withEvening(shop.exceptions, whatIf, { note: '' }) }),
  rack: (edit, { places }, { records: { shop } }) => edit.patch('shop', shop.id, { rackPlaces: shop.rackPlaces + places }),
  sprayPlace: (edit, _, { records: { shop } }) => edit.patch('shop', shop.id, { boothPlaces: shop.boothPlaces + 1 }),
  lamplight: (edit, _, { records: { shop } }) => edit.patch('shop', shop.id, { spraysByDaylight: false }),
  indoors: (edit, _, { records: { shop } }) => edit.patch('shop', shop.id, { spraysByDaylight: false, yardDay: null }),
  airbrushIndoors: (edit, _, { records: { shop } }) => edit.patch('shop', shop.id, { airbrushesInside: true }),
  leaveOut: (edit, { rungId }, { nowMs }) => leaveOut(edit, rungId, nowMs),
  leaveOutLoop: async (edit, { rungIds }, { nowMs }) => {
    for (const id of rungIds) await leaveOut(edit, id, nowMs);
  },
  dryer: async (edit, { rungIds, minutes }, { makeId }) => {
    for (const id of rungIds) await addBeside(edit, id, 'above', 'warmDry', minutes, makeId());
  },
  scuff: (edit, { beforeRungId, minutes }, { makeId }) => addBeside(edit, beforeRungId, 'below', 'scuff', minutes, makeId()),
  longer: (edit, { minutes }, { records: { shop } }) =>
    edit.patch('shop', shop.id, {
      hours: shop.hours.map((span) => stayLonger(span, minutes)),
      sprayHours: shop.sprayHours.map((span) => stayLonger(span, minutes)),
    }),
  school: async (edit, { partId, smoothing }, { records, makeId }) => {
    const ladder = records.ladders.find((entry) => entry.partId === partId);
    if (ladder) await growSchool(edit, ladder.id, smoothing, records.products, makeId);
  },
  thinner: async (edit, { rungIds, share }) => {
    for (const id of rungIds) {
      const rung = await edit.need('rungs', id);
      if (rung.coatMicrometres !== null) await edit.patch('rungs', id, { coatMicrometres: Math.round(rung.coatMicrometres * share) });
    }
  },
};

/** Makes a what-if real. */
export async function applyToShop<Kind extends WhatIfKind>(
  edit: Edit,
  records: PlanRecords,
  whatIf: WhatIf<Kind>,
  nowMs: number,
  makeId: () => string,
): Promise<void> {
  await TAKE[whatIf.kind](edit, whatIf, { records, nowMs, makeId });
}

async function addBeside(
  edit: Edit,
  rungId: string,
  side: 'above' | 'below',
  methodId: string,
  minutes: number,
  id: string,
): Promise<void> {
  const { ladderId } = await edit.need('rungs', rungId);
  const ladder = await edit.need('ladders', ladderId);
  const part = await edit.need('parts', ladder.partId);
  const at = ladder.rungIds.indexOf(rungId) + (side === 'above' ? 1 : 0);
  const rung = { ...rungForPart(methodId, null, part), id, ladderId, minutes };
  await addRung(edit, ladderId, rung, at);
}

/**
 * Takes hands away for a time: an appointment, an illness.
 *
 * @param person whose hands; null: those of a shop with one finisher
 */
export async function takeTime(
  edit: Edit,
  shop: Shop,
  person: Person | null,
  startMs: number,
  endMs: number,
  title: string,
): Promise<void> {
  const time = { startMs: Math.round(startMs), endMs: Math.round(endMs), title };
  const busy = [...(person ?? shop).busy, time].sort((a, b) => a.startMs - b.startMs);
  if (person) await edit.patch('persons', person.id, { busy });
  else await edit.patch('shop', shop.id, { busy });
}
