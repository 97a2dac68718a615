import { lockOf } from './buildShopProblem';
import type { Objective } from './objective';
import { printedPart } from './partPrints';
import type { ShopPlanInput } from './shopPlanInput';

/** Something about a shop that a finisher should know beside its plan: none of these leaves it without one. */
export type PlanNote =
  /** made for the surest dates, and no open prop has one: it is made to be ready first */
  | { readonly kind: 'noDates' }
  /** a date that lies behind can only be missed: it counts for nothing in what is kept */
  | { readonly kind: 'datePast'; readonly propId: string }
  /** locked to times at which there are not hands enough */
  | { readonly kind: 'lockedTogether'; readonly rungIds: readonly string[] }
  /** printing that is not over by the last day the plan looks at */
  | { readonly kind: 'printTooLong'; readonly partId: string };

/** What of a plan decides what is said beside it. */
export interface NotedPlan {
  readonly objective: Objective;
  readonly rungs: readonly { readonly rungId: string; readonly startMs: number; readonly endMs: number }[];
  readonly unplaced: readonly { readonly taskId: string }[];
}

/** What should be said beside a plan, most telling first. */
export function planNotes(input: ShopPlanInput, plan: NotedPlan): PlanNote[] {
  const notes: PlanNote[] = [];
  const openParts = input.parts.filter(({ rungs }) => rungs.some(({ status }) => status.kind === 'open' || status.kind === 'begun'));
  const openProps = new Set(openParts.map(({ propId }) => propId));
  const open = input.props.filter(({ id }) => openProps.has(id));
  const together = lockedTogether(input, plan);
  if (together.length > 0) notes.push({ kind: 'lockedTogether', rungIds: together });
  for (const { taskId } of plan.unplaced) {
    const partId = printedPart(taskId);
    if (partId !== null) notes.push({ kind: 'printTooLong', partId });
  }
  for (const { id, dueMs } of open) if (dueMs !== null && dueMs < input.nowMs) notes.push({ kind: 'datePast', propId: id });
  if (plan.objective === 'surest' && open.length > 0 && open.every(({ dueMs }) => dueMs === null)) notes.push({ kind: 'noDates' });
  return notes;
}

/** Locked rungs that overlap where hands do not reach for all of them. */
function lockedTogether({ parts, nowMs, handsPairs }: ShopPlanInput, plan: NotedPlan): string[] {
  const locked = new Set(parts.flatMap(({ rungs }) => rungs.filter((rung) => lockOf(rung, nowMs) !== null).map(({ id }) => id)));
  const times = plan.rungs.filter(({ rungId }) => locked.has(rungId));
  const clashing = times.filter(
    (time) => times.filter((other) => other.startMs < time.endMs && time.startMs < other.endMs).length > handsPairs,
  );
  return clashing.map(({ rungId }) => rungId);
}
