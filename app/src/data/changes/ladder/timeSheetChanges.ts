import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import type { SheetEffect } from '@zinc-ladder/model/log/matchTimeSheet';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { correctEntry, finishRung, placeOfRung } from './benchChanges';

/**
 * Takes in the rows of a time sheet, oldest first, all or none of them: open rungs are logged as done, minutes of done ones are put right.
 *
 * @param airAt the air at a moment, of the shop or where cans are sprayed; null: not known
 * @throws ShopError `nothingToDo` where no row can be taken
 */
export async function takeTimeSheet(
  edit: Edit,
  effects: readonly SheetEffect[],
  personId: string | null,
  airAt: (atMs: number, place: WorkPlace) => LoggedAir | null,
  makeId: () => string,
): Promise<void> {
  const usable = effects.flatMap((effect) => (effect.kind === 'skip' ? [] : [effect])).toSorted((a, b) => a.row.atMs - b.row.atMs);
  if (usable.length === 0) throw new ShopError('nothingToDo');
  const standing = standingEntries(await edit.list('logEntries'));
  for (const { kind, row, rung } of usable) {
    const air = airAt(row.atMs, await placeOfRung(edit, rung));
    if (kind === 'done') {
      await finishRung(edit, rung.id, row.minutes, row.words, { nowMs: row.atMs, air, makeId, personId }, rung.state);
      continue;
    }
    const entry = standing.find((one) => one.rungId === rung.id && one.kind === 'done');
    if (!entry) throw new ShopError('missing');
    await correctEntry(edit, entry.id, { atMs: row.atMs, actualMinutes: row.minutes, text: row.words || entry.text, air }, makeId);
  }
}
