import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { joinedRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { rungArea } from '@zinc-ladder/model/gather/shelf/rungTakes';
import { joinEffect } from '@zinc-ladder/model/rungs/joinEffect';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { MOST_MINUTES } from '@zinc-ladder/model/records/ladder/rung';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { regionOf } from './rungChanges';
import { leaveOut } from './rungStateChanges';

/**
 * Work that stands on both ladders after a join is done once: the guest's rungs are left out, and the host's take their minutes, less the getting
 * ready that is done once. A join at each says that it is done on both: what the guest has to itself keeps its place between them.
 *
 * @throws ShopError `nothingToDo` where nothing is doubled
 */
export async function doDoubledOnce(edit: Edit, joinId: string, nowMs: number, makeId: () => string): Promise<void> {
  const join = await edit.need('joins', joinId);
  const host = await edit.need('parts', join.hostPartId);
  const guest = await edit.need('parts', join.guestPartId);
  const { doubled } = joinEffect(join, await rungsOf(edit, host.id), await rungsOf(edit, guest.id));
  if (doubled.length === 0) throw new ShopError('nothingToDo');
  for (const pair of doubled) {
    const { minutes, formula } = joinedRungMinutes(findMethod(pair.host.methodId), pair.host.minutes, pair.guest.minutes, guest.name);
    const area = (rungArea(pair.host, host) + rungArea(pair.guest, guest)) / host.count;
    await edit.patch('rungs', pair.host.id, {
      minutes: Math.min(MOST_MINUTES, minutes),
      minutesFormula: formula.slice(0, 400),
      areaSquareCentimetres: regionOf(area),
    });
    await leaveOut(edit, pair.guest.id, nowMs);
    await edit.put('joins', {
      ...join,
      id: makeId(),
      revision: 0,
      hostRungId: pair.host.id,
      guestRungId: pair.guest.id,
      note: '',
      seam: null,
    });
  }
}

async function rungsOf(edit: Edit, partId: string): Promise<Rung[]> {
  const [ladder] = await edit.find('ladders', 'partId', partId);
  return Promise.all((ladder?.rungIds ?? []).map((id) => edit.need('rungs', id)));
}
