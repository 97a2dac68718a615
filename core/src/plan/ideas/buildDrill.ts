import type { Interval } from '../../time/interval';
import { withoutIntervals } from '../../time/interval';
import type { WeeklySpan } from '../../time/workingHours';
import { handsMinutes } from '../shopPlan/handsMinutes';
import type { ShopPlan } from '../shopPlan/shopPlan';
import { planShop, planShopAtOnce } from '../shopPlan/planShop';
import type { PlanPart, ShopPlanInput } from '../shop/shopPlanInput';
import { handsByPerson } from '../shop/shopHands';
import { lastReady } from '../shopPlan/timeToSpare';

/** How a prop is to be finished against the clock. */
export interface DrillWish {
  readonly propIds: readonly string[];
  readonly deadlineMs: number;
  /** hours in which hands sleep and films cure, local minutes of each day; null: through the night */
  readonly sleep: { readonly startMinute: number; readonly endMinute: number } | null;
  /** once more this part, to see whether it would fit; null: none */
  readonly oneMorePartId: string | null;
}

/** A stretch in which somebody's hands are there and have nothing to do. */
export interface IdleHands extends Interval {
  /** null where nobody is named */
  readonly personId: string | null;
}

/** What came of it. Moments are epoch ms. */
export interface DrillOutcome {
  /** with hands there at all hours but sleep, everything shared and pipelined; null where something has no place */
  readonly readyMs: number | null;
  readonly isInTime: boolean;
  readonly handsMinutes: number;
  readonly setups: number;
  /** stretches in which hands are there, and nothing is ready for them, up to the end; longest first */
  readonly idle: readonly IdleHands[];
  readonly idleMinutes: number;
  /** ready when each part is finished before the next is begun; null where one has no place */
  readonly oneByOneMs: number | null;
  /** ready with one more of the asked part */
  readonly oneMore: { readonly partId: string; readonly readyMs: number | null; readonly isInTime: boolean } | null;
  readonly plan: ShopPlan;
}

const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

/** The shop for the length of a drill: only these props, due at the deadline; who keeps the shop's hours is there always but for sleep and appointments. */
export function drillInput(input: ShopPlanInput, { propIds, deadlineMs, sleep }: DrillWish): ShopPlanInput {
  const asked = new Set(propIds);
  const parts = input.parts.filter((part) => asked.has(part.propId));
  const partIds = new Set(parts.map((part) => part.id));
  return {
    ...input,
    hours: awakeHours(sleep),
    exceptions: [],
    props: input.props.filter((prop) => asked.has(prop.id)).map((prop) => ({ ...prop, dueMs: deadlineMs })),
    parts,
    joins: input.joins.filter((join) => partIds.has(join.hostPartId) && partIds.has(join.guestPartId)),
  };
}

function awakeHours(sleep: DrillWish['sleep']): WeeklySpan[] {
  if (!sleep || sleep.startMinute === sleep.endMinute) return EVERY_DAY.map((weekday) => ({ weekday, startMinute: 0, endMinute: 1440 }));
  const { startMinute, endMinute } = sleep;
  const spans =
    startMinute < endMinute
      ? [
          { startMinute: 0, endMinute: startMinute },
          { startMinute: endMinute, endMinute: 1440 },
        ]
      : [{ startMinute: endMinute, endMinute: startMinute }];
  return EVERY_DAY.flatMap((weekday) => spans.filter((span) => span.endMinute > span.startMinute).map((span) => ({ weekday, ...span })));
}

/**
 * Finishing against the clock: one plan over all parts that sands one while another dries, the time hands stand idle in it, the same parts
 * one after another, and one part more.
 *
 * @param seed of the search
 */
export function drill(input: ShopPlanInput, wish: DrillWish, seed = 1): DrillOutcome {
  const against = drillInput(input, wish);
  const plan = planShop(against, { seed });
  const readyMs = readyOf(plan);
  const idle = plan.kind === 'planned' && readyMs !== null ? idleStretches(plan, input.nowMs, readyMs) : [];
  const copied = against.parts.find((part) => part.id === wish.oneMorePartId);
  const more = copied ? readyOf(planShop({ ...against, parts: [...against.parts, copyOf(copied)] }, { seed })) : null;
  return {
    readyMs,
    isInTime: readyMs !== null && readyMs <= wish.deadlineMs,
    handsMinutes: plan.kind === 'planned' ? handsMinutes(plan.rungs) : 0,
    setups: plan.kind === 'planned' ? plan.setups : 0,
    idle,
    idleMinutes: idle.reduce((sum, span) => sum + (span.end - span.start) / 60_000, 0),
    oneByOneMs: oneByOne(against),
    oneMore: copied ? { partId: copied.id, readyMs: more, isInTime: more !== null && more <= wish.deadlineMs } : null,
    plan,
  };
}

function readyOf(plan: ShopPlan): number | null {
  return plan.kind === 'planned' && plan.unplaced.length === 0 ? (lastReady(plan.props) ?? plan.madeForMs) : null;
}

function idleStretches(plan: Extract<ShopPlan, { kind: 'planned' }>, fromMs: number, toMs: number): IdleHands[] {
  const idle = plan.handsByPerson.flatMap(({ personId, windows }) => {
    const there = windows
      .map(({ start, end }) => ({ start: Math.max(start, fromMs), end: Math.min(end, toMs) }))
      .filter(({ start, end }) => end > start);
    const own = plan.rungs.filter((rung) => rung.personId === personId);
    const busy = own.flatMap((rung) => rung.chunks).toSorted((a, b) => a.start - b.start);
    return withoutIntervals(there, busy).map((span): IdleHands => ({ ...span, personId }));
  });
  return idle.toSorted((a, b) => b.end - b.start - (a.end - a.start));
}

/** Each part begun when the one before is ready; joins between them are left aside, which favours this way. */
function oneByOne(input: ShopPlanInput): number | null {
  let nowMs = input.nowMs;
  for (const part of input.parts) {
    if (part.rungs.every((rung) => rung.status.kind === 'done' || rung.status.kind === 'leftOut')) continue;
    const ready = readyOf(planShopAtOnce({ ...input, nowMs, parts: [part], joins: [] }));
    if (ready === null) return null;
    nowMs = ready;
  }
  return nowMs;
}

function copyOf(part: PlanPart): PlanPart {
  return {
    ...part,
    id: `${part.id} again`,
    // Nothing of it is on a bed yet.
    print: part.print && { ...part.print, piecesLeft: part.pieces, startedAtMs: null },
    rungs: part.rungs
      .filter((rung) => rung.status.kind !== 'leftOut')
      .map((rung) => ({
        ...rung,
        id: `${rung.id} again`,
        status: { kind: 'open' },
        lockedAtMs: null,
        notBeforeMs: null,
        hardRungId: null,
      })),
  };
}

/** Hands hours from now to the deadline, minutes: what a drill can spend at most. */
export function drillHandsMinutes(input: ShopPlanInput, wish: DrillWish): number {
  const spans = handsByPerson(drillInput(input, wish), input.nowMs, wish.deadlineMs).flatMap(({ windows }) => windows);
  return spans.reduce((sum, span) => sum + (span.end - span.start) / 60_000, 0);
}
