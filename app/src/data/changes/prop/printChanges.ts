import { piecesOnBed, usualBedPieces } from '@zinc-ladder/core/plan/shop/partPrints';
import { pieceMinutesOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Edit } from '../../edits/edit';
import { changeMeasures } from './partChanges';

/** Share of pieces that fail until the finisher says otherwise; guessed, one in twenty. */
export const USUAL_FAILURES = 0.05;

/** All of a part is still to be printed. */
export async function putOnPrinter(edit: Edit, part: Part): Promise<void> {
  const bedPieces = usualBedPieces(part.count, pieceMinutesOf(part));
  await edit.patch(
    'parts',
    part.id,
    { print: { piecesLeft: part.count, bedPieces, startedAtMs: null, failureShare: USUAL_FAILURES } },
    part,
  );
}

/** A bed is begun now: the one before is off, has failed, or there was none. */
export async function beginBed(edit: Edit, part: Part, nowMs: number): Promise<void> {
  if (part.print) await edit.patch('parts', part.id, { print: { ...part.print, startedAtMs: Math.round(nowMs) } }, part);
}

/**
 * What is on the bed is off, but for what failed and is printed again; with the last of it the part is here. The next is not begun by itself: the bed
 * has to be cleared.
 */
export async function takeOffBed(edit: Edit, part: Part, failed = 0): Promise<void> {
  if (!part.print) return;
  const piecesLeft = part.print.piecesLeft - piecesOnBed(part.print) + failed;
  await edit.patch('parts', part.id, { print: piecesLeft > 0 ? { ...part.print, piecesLeft, startedAtMs: null } : null }, part);
}

/** All of it is here. */
export async function takeOffPrinter(edit: Edit, part: Part): Promise<void> {
  await edit.patch('parts', part.id, { print: null }, part);
}

/** Another number of pieces. While some are still to come, those that are added come too; no more are on the printer than there are. */
export async function changeCount(edit: Edit, part: Part, count: number): Promise<void> {
  const print = part.print && {
    ...part.print,
    piecesLeft: Math.min(part.print.piecesLeft + Math.max(0, count - part.count), count),
    bedPieces: Math.min(part.print.bedPieces, count),
  };
  await changeMeasures(edit, part, { count, print });
}
