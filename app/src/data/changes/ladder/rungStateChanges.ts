import { onPiecesNow } from '@zinc-ladder/model/gather/grow/onPiecesNow';
import type { Rung, RungState } from '@zinc-ladder/model/records/ladder/rung';
import { changeRungState } from '@zinc-ladder/model/rungs/changeRungState';
import type { Edit } from '../../edits/edit';
import { endMeetings } from './meetingChanges';
import { ShopError } from '../../edits/shopError';

/**
 * Brings a rung into another state; every act on a rung's state goes through here.
 *
 * @param seen the state the finisher saw when asking; null: whatever it is in
 * @param saidMs the work as the finisher tells it; null: by the timer
 * @returns the rung as it is then
 * @throws ShopError `nothingToDo` when it is not in the state that was seen, or is there already; `timerForgotten` when its timer ran for days
 */
export async function bringTo(
  edit: Edit,
  rungId: string,
  to: RungState,
  nowMs: number,
  seen: RungState | null = null,
  saidMs: number | null = null,
): Promise<Rung> {
  const rung = await edit.need('rungs', rungId);
  if (seen !== null && rung.state !== seen) throw new ShopError('nothingToDo');
  const change = changeRungState(rung, to, nowMs, saidMs);
  if (change.kind === 'nothingToDo') throw new ShopError('nothingToDo');
  if (change.kind === 'tooLong') throw new ShopError('timerForgotten');
  // What is put back in is done by itself again.
  if (rung.state === 'leftOut') await endMeetings(edit, 'guestRungId', new Set([rungId]));
  const fields = { ...change.fields, ...(rung.state === 'done' ? await again(edit, rung) : {}) };
  await edit.patch('rungs', rungId, fields);
  return { ...rung, ...fields };
}

async function again(edit: Edit, rung: Rung): Promise<Partial<Rung>> {
  const ladder = await edit.get('ladders', rung.ladderId);
  const part = ladder && (await edit.get('parts', ladder.partId));
  return part ? onPiecesNow(rung, part) : {};
}

/** Puts a rung that was left out back in. */
export async function putBackIn(edit: Edit, rungId: string, nowMs: number): Promise<void> {
  await bringTo(edit, rungId, 'open', nowMs, 'leftOut');
}

/** Leaves a rung out. */
export async function leaveOut(edit: Edit, rungId: string, nowMs: number, seen: RungState | null = null): Promise<void> {
  await bringTo(edit, rungId, 'leftOut', nowMs, seen);
}
