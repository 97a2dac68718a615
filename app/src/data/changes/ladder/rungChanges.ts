import { onPiecesNow } from '@zinc-ladder/model/gather/grow/onPiecesNow';
import type { RungWhere } from '@zinc-ladder/model/gather/grow/rungForPart';
import { usualMinutes } from '@zinc-ladder/model/gather/grow/rungForPart';
import { rungPieceArea } from '@zinc-ladder/model/rungs/rungPieceArea';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { LARGEST_REGION, LEAST_REGION } from '@zinc-ladder/model/records/ladder/rung';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { endMeetings } from './meetingChanges';
import { putBackIn } from './rungStateChanges';

/** Puts a rung onto a ladder at a place, bottom first. */
export async function addRung(edit: Edit, ladderId: string, rung: Rung, index: number): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  await edit.put('rungs', { ...rung, ladderId });
  await edit.patch('ladders', ladderId, { rungIds: [...ladder.rungIds.slice(0, index), rung.id, ...ladder.rungIds.slice(index)] });
}

/** Moves a rung to another place on its ladder. */
export async function moveRung(edit: Edit, ladderId: string, rungId: string, index: number): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  const without = ladder.rungIds.filter((id) => id !== rungId);
  const at = Math.max(0, Math.min(without.length, index));
  await edit.patch('ladders', ladderId, { rungIds: [...without.slice(0, at), rungId, ...without.slice(at)] });
}

/**
 * Takes a rung off its ladder. A part that was to be joined once it had climbed it is joined from the one below, or, where there is none, above it on.
 */
export async function removeRung(edit: Edit, rungId: string): Promise<void> {
  const { ladderId } = await edit.need('rungs', rungId);
  const { rungIds } = await edit.need('ladders', ladderId);
  await endSharedWork(edit, new Set([rungId]));
  const at = rungIds.indexOf(rungId);
  const guestRungId = rungIds[at - 1] ?? rungIds[at + 1] ?? null;
  for (const join of await edit.find('joins', 'guestRungId', rungId)) await edit.patch('joins', join.id, { guestRungId });
  await edit.remove('rungs', rungId);
}

/** Before rungs go: what was done on two joined parts at once by one of them is done there no more, and is put back in where it was left out for it. */
export async function endSharedWork(edit: Edit, rungIds: ReadonlySet<string>): Promise<void> {
  await endMeetings(edit, 'guestRungId', rungIds);
  for (const { guestRungId } of await endMeetings(edit, 'hostRungId', rungIds))
    // Its state alone changes, whenever that is.
    if (guestRungId !== null) await putBackIn(edit, guestRungId, 0);
}

/**
 * Adds a copy of a rung right above it, not yet begun.
 *
 * @param seenRungIds the ladder as the finisher saw it: on another, the copy they asked for is there already
 * @throws ShopError `nothingToDo`
 */
export async function duplicateRung(edit: Edit, rungId: string, copyId: string, seenRungIds?: readonly string[]): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  const ladder = await edit.need('ladders', rung.ladderId);
  if (seenRungIds && seenRungIds.join() !== ladder.rungIds.join()) throw new ShopError('nothingToDo');
  const part = await edit.need('parts', ladder.partId);
  const copy: Rung = {
    ...rung,
    ...onPiecesNow(rung, part),
    id: copyId,
    revision: 0,
    state: 'open',
    startedAtMs: null,
    workedMs: 0,
    doneAtMs: null,
  };
  await addRung(edit, rung.ladderId, copy, ladder.rungIds.indexOf(rungId) + 1);
}

/**
 * A coat all round becomes two, from below and from above with a turn in between; each has half the minutes. Together they lay what
 * the one did.
 */
export async function coatInTwoTurns(edit: Edit, rungId: string, topId: string): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  if (rung.side !== 'all') throw new ShopError('nothingToDo');
  const half = Math.ceil(rung.minutes / 2);
  const fields = {
    minutes: half,
    minutesFormula: `half of ${rung.minutes} min, one side at a time`,
    areaSquareCentimetres: rung.areaSquareCentimetres === null ? null : regionOf(rung.areaSquareCentimetres / 2),
  };
  await duplicateRung(edit, rungId, topId);
  await edit.patch('rungs', rungId, { ...fields, side: 'under', name: `${rung.name}, underside` });
  await edit.patch('rungs', topId, { ...fields, side: 'top', name: `${rung.name}, top side`, lockedAtMs: null, notBeforeMs: null });
}

/**
 * A rung that may be set down becomes two, one after the other, that can be steered each by itself. Each takes its share of the surface: together they
 * use up what the one did.
 *
 * @param firstMinutes what the first keeps, at least 1 and less than all
 */
export async function splitRung(edit: Edit, rungId: string, restId: string, firstMinutes: number, seenMinutes?: number): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  if (seenMinutes !== undefined && seenMinutes !== rung.minutes) throw new ShopError('nothingToDo');
  const first = Math.max(1, Math.min(rung.minutes - 1, Math.round(firstMinutes)));
  const ladder = await edit.need('ladders', rung.ladderId);
  const area = rungPieceArea(rung, await edit.need('parts', ladder.partId));
  await duplicateRung(edit, rungId, restId);
  const share = (minutes: number): Partial<Rung> => ({
    minutes,
    minutesFormula: `${minutes} of ${rung.minutes} min, split by hand`,
    areaSquareCentimetres: regionOf((area * minutes) / rung.minutes),
  });
  await edit.patch('rungs', rungId, share(first));
  await edit.patch('rungs', restId, { ...share(rung.minutes - first), name: `${rung.name}, rest`, lockedAtMs: null });
}

/**
 * Says what a rung is done on: faces or a region of a piece, and how many pieces of a set. Minutes that are the method's own follow; those that were typed, split or taken
 * from a record stay.
 *
 * @param rung as it was seen
 */
export async function setWhere(edit: Edit, rung: Rung, where: Partial<RungWhere>): Promise<void> {
  const ladder = await edit.need('ladders', rung.ladderId);
  const part = await edit.need('parts', ladder.partId);
  const isUsual = rung.minutesFormula === usualMinutes(rung.methodId, rung, part).formula;
  const { minutes, formula } = usualMinutes(rung.methodId, { ...rung, ...where }, part);
  await edit.patch('rungs', rung.id, { ...where, ...(isUsual ? { minutes, minutesFormula: formula } : {}) }, rung);
}

/** A surface as a rung can say it, cm²; null, all of its faces, where it is not known. */
export function regionOf(areaSquareCentimetres: number): number | null {
  return areaSquareCentimetres > 0 ? Math.min(LARGEST_REGION, Math.max(LEAST_REGION, areaSquareCentimetres)) : null;
}
