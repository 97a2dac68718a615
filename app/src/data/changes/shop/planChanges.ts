import type { Person } from '@zinc-ladder/model/records/shop/person';
import type { WhatIf } from '@zinc-ladder/core/plan/ideas/whatIfs';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { DaySpan, Shop } from '@zinc-ladder/model/records/shop/shop';
import type { Edit } from '../../edits/edit';
import { growSchool } from '../ladder/growChanges';
import { addRung } from '../ladder/rungChanges';
import { leaveOut } from '../ladder/rungStateChanges';

/** Makes a what-if real. A heater is turned on by hand: the sensor tells when it is warm. */
export async function applyToShop(edit: Edit, records: PlanRecords, whatIf: WhatIf, nowMs: number, makeId: () => string): Promise<void> {
  const { shop } = records;
  switch (whatIf.kind) {
    case 'heater':
      return;
    case 'evening': {
      const { date, startMinute, endMinute } = whatIf;
      const others = shop.exceptions.filter((entry) => entry.date !== date);
      const before = shop.exceptions.find((entry) => entry.date === date);
      const spans = [...(before?.spans ?? []), { startMinute, endMinute }];
      const exceptions = [...others, { date, spans, note: before?.note ?? '' }].sort((a, b) => (a.date < b.date ? -1 : 1));
      return edit.patch('shop', shop.id, { exceptions });
    }
    case 'rack':
      return edit.patch('shop', shop.id, { rackPlaces: shop.rackPlaces + whatIf.places });
    case 'sprayPlace':
      return edit.patch('shop', shop.id, { boothPlaces: shop.boothPlaces + 1 });
    case 'leaveOut':
      return leaveOut(edit, whatIf.rungId, nowMs);
    case 'leaveOutLoop':
      for (const id of whatIf.rungIds) await leaveOut(edit, id, nowMs);
      return;
    case 'dryer':
      for (const id of whatIf.rungIds) await addBeside(edit, id, 'above', 'warmDry', whatIf.minutes, makeId());
      return;
    case 'scuff':
      return addBeside(edit, whatIf.beforeRungId, 'below', 'scuff', whatIf.minutes, makeId());
    case 'longer': {
      const longer = <Span extends DaySpan>(span: Span): Span => ({ ...span, endMinute: Math.min(1440, span.endMinute + whatIf.minutes) });
      return edit.patch('shop', shop.id, { hours: shop.hours.map(longer), sprayHours: shop.sprayHours.map(longer) });
    }
    case 'school': {
      const ladder = records.ladders.find((entry) => entry.partId === whatIf.partId);
      if (ladder) await growSchool(edit, ladder.id, whatIf.smoothing, records.products, makeId);
      return;
    }
    case 'thinner':
      for (const id of whatIf.rungIds) {
        const rung = await edit.need('rungs', id);
        if (rung.coatMicrometres !== null)
          await edit.patch('rungs', id, { coatMicrometres: Math.round(rung.coatMicrometres * whatIf.share) });
      }
  }
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
