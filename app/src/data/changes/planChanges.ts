import type { WhatIf } from '@zinc-ladder/core/plan/whatIfs';
import type { Shop } from '@zinc-ladder/model/records/shop';
import type { Edit } from '../edit';

/** Makes a what-if real. A heater is turned on by hand: the sensor tells when it is warm. */
export async function applyToShop(edit: Edit, shop: Shop, whatIf: WhatIf): Promise<void> {
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
      return edit.patch('rungs', whatIf.rungId, { state: 'leftOut' });
    case 'thinner':
      for (const id of whatIf.rungIds) {
        const rung = await edit.need('rungs', id);
        if (rung.coatMicrometres !== null)
          await edit.patch('rungs', id, { coatMicrometres: Math.round(rung.coatMicrometres * whatIf.share) });
      }
  }
}

/** Takes hands away for a time: an appointment, an illness. */
export async function takeTime(edit: Edit, shop: Shop, startMs: number, endMs: number, title: string): Promise<void> {
  const busy = [...shop.busy, { startMs: Math.round(startMs), endMs: Math.round(endMs), title }].sort((a, b) => a.startMs - b.startMs);
  await edit.patch('shop', shop.id, { busy });
}
