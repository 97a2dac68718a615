import { WALL_CLOCK, orderArc } from './ladderArcs';
import { HANDS } from './shopCalendars';
import type { PlanArc, PlanTask } from '../problem/problem';
import type { PlanPart, PlanPrint, PlanProp, PlanRung, ShopPlanInput } from './shopPlanInput';

/** Name of the printers among a problem's resources. */
export const PRINTERS = 'printers';

const PRINT_OF = 'print of ';

/** Name of the task that prints a part. */
export function printTaskId(partId: string): string {
  return `${PRINT_OF}${partId}`;
}

/** The part a task prints; null: it is a rung. */
export function printedPart(taskId: string): string | null {
  return taskId.startsWith(PRINT_OF) ? taskId.slice(PRINT_OF.length) : null;
}

/** What is still printed of a part: a task of its printer, and the arc its ladder waits by. */
export interface PartPrinting {
  readonly task: PlanTask;
  readonly arcs: readonly PlanArc[];
}

/**
 * The printing of a part: one printer piece by piece, without hands, by day and night; begun in hours in which anybody is there. Its first rung
 * may begin with the pieces that are off, as long as no piece is waited for on the way; the printer is held until the last is off.
 *
 * @returns null where all of it is here
 */
export function printPart(part: PlanPart, prop: PlanProp | undefined, { nowMs }: Pick<ShopPlanInput, 'nowMs'>): PartPrinting | null {
  if (part.print === null) return null;
  const first = part.rungs.find(({ status }) => status.kind === 'open');
  const whole = minutesLeft(part.print, nowMs);
  const ahead = first ? Math.min(whole - 1, minutesAhead(part, first)) : 0;
  const id = printTaskId(part.id);
  const task: PlanTask = {
    id,
    name: `${part.name}: printing`,
    minutes: whole - ahead,
    calendarId: null,
    // A bed is cleared and a print begun by somebody; it then goes on through the night.
    ...(part.print.startedAtMs === null && { begunInCalendarId: HANDS }),
    familyId: null,
    demands: [{ resourceId: PRINTERS, amount: 1 }],
    holds: ahead > 0 ? [{ resourceId: PRINTERS, amount: 1, clockId: WALL_CLOCK, progress: ahead, ownerId: null }] : [],
    leastChunkMinutes: null,
    notBeforeMinute: null,
    groupId: part.propId,
    dueMinute: prop?.dueMs == null ? null : Math.floor(prop.dueMs / 60_000),
    weight: prop?.weight ?? 1,
    isUnderWay: part.print.startedAtMs !== null,
    fixed: null,
  };
  return { task, arcs: first ? [orderArc(id, first.id, { kind: 'order' })] : [] };
}

/** Minutes until the last piece is off, if none fails: whole, at least 1. A piece that is overdue is taken as all but off. */
export function minutesLeft({ piecesLeft, pieceMinutes, startedAtMs }: PlanPrint, nowMs: number): number {
  const onBed = startedAtMs === null ? 0 : Math.min(pieceMinutes, Math.max(0, nowMs - startedAtMs) / 60_000);
  return Math.max(1, Math.ceil(piecesLeft * pieceMinutes - onBed));
}

/** When the piece on the bed is off; null: there is none. */
export function pieceOffMs({ pieceMinutes, startedAtMs }: Pick<PlanPrint, 'pieceMinutes' | 'startedAtMs'>): number | null {
  return startedAtMs === null ? null : startedAtMs + pieceMinutes * 60_000;
}

/** How long before the last piece is off its first rung may begin: each piece must be off when its turn comes. Whole minutes. */
function minutesAhead({ print, pieces }: PlanPart, first: PlanRung): number {
  if (print === null || pieces < 2) return 0;
  const each = first.minutes / pieces;
  // Where pieces come faster than they are worked on, the first of those that are left is what is waited for.
  const lost = Math.max(0, (print.piecesLeft - 1) * (each - print.pieceMinutes));
  return Math.floor(Math.max(0, (pieces - 1) * each - lost));
}
