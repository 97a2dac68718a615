import { lockOf } from '../shop/buildShopProblem';
import type { Objective } from '../problem/objective';
import { bedsPrinting, printedPart } from '../shop/partPrints';
import { canDo } from '../shop/shopHands';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';

/** Something about a shop that a finisher should know beside its plan: none of these leaves it without one. */
export type PlanNote =
  /** made for the surest dates, and no open prop has one: it is made to be ready first */
  | { readonly kind: 'noDates' }
  /** a date that lies behind can only be missed: it counts for nothing in what is kept */
  | { readonly kind: 'datePast'; readonly propId: string }
  /** locked to times at which there are not hands enough */
  | { readonly kind: 'lockedTogether'; readonly rungIds: readonly string[] }
  /** printing that is not over by the last day the plan looks at */
  | { readonly kind: 'printTooLong'; readonly partId: string }
  /** more beds are printing than the shop has printers: as many are planned with */
  | { readonly kind: 'moreBedsThanPrinters'; readonly beds: number; readonly printers: number }
  /** somebody who has no hours on any day the plan looks at */
  | { readonly kind: 'personWithoutHours'; readonly personId: string };

/** The parts of a plan that decide which notes are shown beside it. */
export interface NotedPlan {
  readonly objective: Objective;
  readonly rungs: readonly { readonly rungId: string; readonly startMs: number; readonly endMs: number }[];
  readonly unplaced: readonly { readonly taskId: string }[];
  readonly handsByPerson: readonly { readonly personId: string | null; readonly windows: readonly unknown[] }[];
}

/** What should be said beside a plan, most telling first. */
export function planNotes(input: ShopPlanInput, plan: NotedPlan): PlanNote[] {
  const notes: PlanNote[] = [];
  const openParts = input.parts.filter(({ rungs }) => rungs.some(({ status }) => status.kind === 'open' || status.kind === 'begun'));
  const openProps = new Set(openParts.map(({ propId }) => propId));
  const open = input.props.filter(({ id }) => openProps.has(id));
  const together = lockedTogether(input, plan);
  if (together.length > 0) notes.push({ kind: 'lockedTogether', rungIds: together });
  for (const partId of new Set(plan.unplaced.flatMap(({ taskId }) => printedPart(taskId) ?? [])))
    notes.push({ kind: 'printTooLong', partId });
  const beds = bedsPrinting(input);
  if (beds > input.printers) notes.push({ kind: 'moreBedsThanPrinters', beds, printers: input.printers });
  for (const { personId, windows } of plan.handsByPerson)
    if (personId !== null && windows.length === 0) notes.push({ kind: 'personWithoutHours', personId });
  for (const { id, dueMs } of open) if (dueMs !== null && dueMs < input.nowMs) notes.push({ kind: 'datePast', propId: id });
  if (plan.objective === 'surest' && open.length > 0 && open.every(({ dueMs }) => dueMs === null)) notes.push({ kind: 'noDates' });
  return notes;
}

/** Locked rungs that overlap where those who can do them do not reach for all. */
function lockedTogether({ parts, nowMs, persons }: ShopPlanInput, plan: NotedPlan): string[] {
  const able = (rung: PlanRung): readonly string[] =>
    persons.length === 0 ? ['the finisher'] : persons.filter((person) => canDo(person, rung)).map(({ id }) => id);
  const locked = new Map(
    parts.flatMap(({ rungs }) => rungs.filter((rung) => lockOf(rung, nowMs) !== null).map((rung) => [rung.id, able(rung)] as const)),
  );
  const times = plan.rungs.filter(({ rungId }) => locked.has(rungId));
  const clashing = times.filter((time) => {
    const at = times.filter((other) => other.startMs <= time.startMs && time.startMs < other.endMs);
    return !hasOneEach(at.map(({ rungId }) => locked.get(rungId) ?? []));
  });
  return times
    .filter((time) => clashing.some((other) => other.startMs < time.endMs && time.startMs < other.endMs))
    .map(({ rungId }) => rungId);
}

/** Whether everyone in a list of choices can have one of their own: augmenting paths (Kuhn 1955). */
function hasOneEach(choices: readonly (readonly string[])[]): boolean {
  const takenBy = new Map<string, number>();
  const find = (index: number, seen: Set<string>): boolean =>
    (choices[index] ?? []).some((name) => {
      if (seen.has(name)) return false;
      seen.add(name);
      const holder = takenBy.get(name);
      if (holder !== undefined && !find(holder, seen)) return false;
      takenBy.set(name, index);
      return true;
    });
  return choices.every((_, index) => find(index, new Set()));
}
