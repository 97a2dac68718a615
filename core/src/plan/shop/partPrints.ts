import { WALL_CLOCK, orderArc } from './ladderArcs';
import { HANDS } from './shopCalendars';
import type { PlanArc, PlanTask } from '../problem/problem';
import type { PlanPart, PlanPrint, PlanProp, ShopPlanInput } from './shopPlanInput';

/** Name of the printers among a problem's resources. */
export const PRINTERS = 'printers';

/** Name of the task that prints a bed of a part, the first by itself. */
export function printTaskId(partId: string, bed = 0): string {
  return bed === 0 ? `print of ${partId}` : `print ${bed + 1} of ${partId}`;
}

/** The part a task prints, and which of its beds; null: it is a rung. Ids of records have no spaces. */
export function printedBed(taskId: string): { readonly partId: string; readonly bed: number } | null {
  const [, bed, partId] = /^print (?:(\d+) )?of (.+)$/u.exec(taskId) ?? [];
  return partId === undefined ? null : { partId, bed: bed === undefined ? 0 : Number(bed) - 1 };
}

/** The part a task prints; null: it is a rung. */
export function printedPart(taskId: string): string | null {
  return printedBed(taskId)?.partId ?? null;
}

/** Beds longer than this are not begun where the finisher has not said how many pieces go on one, min (guessed: a day's half). */
const USUAL_BED_MINUTES = 720;

/** How many pieces usually go on one bed: as many as print in half a day, at least one. */
export function usualBedPieces(pieces: number, pieceMinutes: number): number {
  return Math.max(1, Math.min(pieces, Math.floor(USUAL_BED_MINUTES / pieceMinutes)));
}

/** More beds of one part are not planned one by one: then several go on as one. */
const MOST_BEDS = 30;

/** Pieces of each bed that is still to come off, in order; the first may be printing. */
export function bedsOf({ piecesLeft, bedPieces }: Pick<PlanPrint, 'piecesLeft' | 'bedPieces'>): number[] {
  const each = Math.max(bedPieces, Math.ceil(piecesLeft / MOST_BEDS));
  return Array.from({ length: Math.ceil(piecesLeft / each) }, (_, bed) => Math.min(each, piecesLeft - bed * each));
}

/** The bed a task prints: its part, how many pieces lie on it and how many of such fail; null: it prints none. */
export function bedOfTask(
  taskId: string,
  parts: ReadonlyMap<string, PlanPart>,
): { readonly partId: string; readonly pieces: number; readonly failureShare: number } | null {
  const printed = printedBed(taskId);
  const print = parts.get(printed?.partId ?? '')?.print;
  const pieces = printed && print ? bedsOf(print)[printed.bed] : undefined;
  return printed && print && pieces !== undefined ? { partId: printed.partId, pieces, failureShare: print.failureShare } : null;
}

/** What is still printed of a part: a task for each bed, in order, and the arcs between them and to its ladder. */
export interface PartPrinting {
  readonly tasks: readonly PlanTask[];
  readonly arcs: readonly PlanArc[];
}

/**
 * The printing of a part: one printer bed by bed, without hands, by day and night; each bed begun in hours in which anybody is there, its
 * pieces off together. The first rung may begin with the pieces already printed, if the work then never has to wait for a piece. It begins
 * no sooner than the last bed, whose start depends on when somebody is there. The printer is held until a bed is off.
 */
export function printPart(part: PlanPart, prop: PlanProp | undefined, { nowMs }: Pick<ShopPlanInput, 'nowMs'>): PartPrinting {
  const { print } = part;
  if (print === null) return { tasks: [], arcs: [] };
  const first = part.rungs.find(({ status }) => status.kind === 'open');
  const tasks: PlanTask[] = [];
  const arcs: PlanArc[] = [];
  let off = part.pieces - print.piecesLeft;
  for (const [bed, pieces] of bedsOf(print).entries()) {
    const isUnderWay = bed === 0 && print.startedAtMs !== null;
    const whole = bedMinutes(print, pieces, isUnderWay ? nowMs : null);
    // Pieces that are off before are worked on first.
    const ahead = first ? Math.max(0, Math.min(whole - 1, Math.floor((off * first.minutes) / part.pieces))) : 0;
    const id = printTaskId(part.id, bed);
    tasks.push({
      id,
      name: `${part.name}: printing`,
      minutes: whole - ahead,
      calendarId: null,
      // A bed is cleared and a print begun by somebody; it then goes on through the night.
      ...(!isUnderWay && { begunInCalendarId: HANDS }),
      familyId: null,
      demands: [{ resourceId: PRINTERS, amount: 1 }],
      holds: ahead > 0 ? [{ resourceId: PRINTERS, amount: 1, clockId: WALL_CLOCK, progress: ahead, ownerId: null }] : [],
      leastChunkMinutes: null,
      notBeforeMinute: null,
      groupId: part.propId,
      dueMinute: prop?.dueMs == null ? null : Math.floor(prop.dueMs / 60_000),
      weight: prop?.weight ?? 1,
      isUnderWay,
      fixed: null,
    });
    if (first) arcs.push(orderArc(id, first.id, { kind: 'order' }));
    const before = tasks[bed - 1];
    if (before) {
      const held = before.holds[0]?.progress ?? 0;
      arcs.push({ ...orderArc(before.id, id, { kind: 'order' }), pieces: [{ lo: held, hi: null }] });
    }
    off += pieces;
  }
  return { tasks, arcs };
}

/** Beds that are printing now, by their hours; one that is overdue is taken as off. */
export function bedsPrinting({ parts, nowMs }: Pick<ShopPlanInput, 'parts' | 'nowMs'>): number {
  return parts.filter(({ print }) => print !== null && (bedOffMs(print) ?? nowMs) > nowMs).length;
}

/** Beds that can print at once: one a printer, and every bed that is printing already even if the shop says fewer printers. */
export function bedsAtOnce(input: Pick<ShopPlanInput, 'parts' | 'nowMs' | 'printers'>): number {
  return Math.max(input.printers, bedsPrinting(input));
}

/** Minutes until a bed is off, if nothing on it fails: whole, at least 1. One that is overdue is taken as all but off. */
function bedMinutes({ pieceMinutes, startedAtMs }: PlanPrint, pieces: number, nowMs: number | null): number {
  const gone = startedAtMs === null || nowMs === null ? 0 : Math.max(0, nowMs - startedAtMs) / 60_000;
  return Math.max(1, Math.ceil(pieces * pieceMinutes - gone));
}

/** Pieces on the bed, or on the next that is begun. */
export function piecesOnBed({ piecesLeft, bedPieces }: Pick<PlanPrint, 'piecesLeft' | 'bedPieces'>): number {
  return Math.min(piecesLeft, bedPieces);
}

/** When what is on the bed is off; null: nothing is on it. */
export function bedOffMs(print: Omit<PlanPrint, 'failureShare'>): number | null {
  return print.startedAtMs === null ? null : print.startedAtMs + piecesOnBed(print) * print.pieceMinutes * 60_000;
}
