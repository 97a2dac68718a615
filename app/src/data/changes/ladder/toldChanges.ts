import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import type { ToldRung } from '@zinc-ladder/model/gather/plan/toldEnds';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Edit } from '../../edits/edit';
import { addEntry, placeOfRung, toMinutes } from './benchChanges';
import { bringTo } from './rungStateChanges';

/**
 * Logs rungs as done that were done earlier, all or none of them. Minutes that nobody took are not known, and not learned from.
 *
 * @param told bottom first, in the states they were seen in
 * @param lastMinutes what the last of them took; null: by its timer up to then, not known where that never ran
 * @param airAt the air at a moment, of the shop or where cans are sprayed; null: not known
 * @throws ShopError `nothingToDo` where one of them is in another state by now
 */
export async function tellDone(
  edit: Edit,
  told: readonly ToldRung[],
  lastMinutes: number | null,
  personId: string | null,
  airAt: (atMs: number, place: WorkPlace) => LoggedAir | null,
  makeId: () => string,
): Promise<void> {
  for (const [at, { rung: seen, endMs }] of told.entries()) {
    const isLast = at === told.length - 1;
    const minutes = isLast ? lastMinutes : null;
    const rung = await bringTo(edit, seen.id, 'done', endMs, seen.state, minutes === null ? null : Math.round(minutes * 60_000));
    if (personId !== rung.doerId) await edit.patch('rungs', rung.id, { doerId: personId });
    await addEntry(
      edit,
      rung,
      'done',
      endMs,
      rung.workedMs > 0 ? toMinutes(rung.workedMs) : null,
      { text: isLast ? TOLD : `${TOLD}; its moment is reckoned back` },
      { nowMs: endMs, air: airAt(endMs, await placeOfRung(edit, rung)), makeId, personId },
    );
  }
}

const TOLD = 'told afterwards';
