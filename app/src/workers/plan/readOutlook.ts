import type { DrillOutcome, DrillWish } from '@zinc-ladder/core/plan/ideas/buildDrill';
import { drill } from '@zinc-ladder/core/plan/ideas/buildDrill';
import type { Mending } from '@zinc-ladder/core/plan/ideas/mendedShop';
import { mendedShop } from '@zinc-ladder/core/plan/ideas/mendedShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { PlayedPlan } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import type { ShopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { createShopPlanner, planShopAtOnce } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { shownPlays } from '@zinc-ladder/core/plan/play/chance';
import { shopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import type { TriageSet } from '@zinc-ladder/core/plan/ideas/triage';
import { triage } from '@zinc-ladder/core/plan/ideas/triage';
import type { ShopSource, SupposedOrder } from './readShop';
import { readPlanQuestion } from './readShop';

/** Bound and chance of a plan of the shop; null before there is one. */
export async function readOutlook(source: ShopSource, plan: PlayedPlan, seed: number): Promise<ShopOutlook | null> {
  const asked = await readPlanQuestion(source);
  return asked && shopOutlook(asked.input, plan, shownPlays(Object.keys(plan.order).length), seed);
}

/** Plays for the chances of a triage: of many orders, told while somebody waits. */
const TRIAGE_RUNS = 400;

/** What comes of letting props go, told as it is found; null before there is a shop. */
export async function readTriage(
  source: ShopSource,
  orderBefore: Readonly<Record<string, number>>,
  seed: number,
  send: (sets: readonly TriageSet[]) => unknown,
): Promise<readonly TriageSet[] | null> {
  const asked = await readPlanQuestion(source);
  if (!asked) return null;
  const steps = triage(asked.input, { seed, runs: TRIAGE_RUNS, fortuneSeed: seed, orderBefore });
  let told: readonly TriageSet[] | null = null;
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (step.value !== told && step.value.length > 0) await send(step.value);
    told = step.value;
  }
}

/** How much later a prop is ready. */
export interface PropMoved {
  readonly propId: string;
  readonly readyMs: number;
  /** below nothing: sooner */
  readonly laterMinutes: number;
}

/** What it costs to wait for something ordered, against having it there; by first plans, which are alike in all else. Props without a place are left out. */
export async function readWaiting(source: ShopSource, ordered: SupposedOrder): Promise<readonly PropMoved[]> {
  const asked = [await readPlanQuestion(source), await readPlanQuestion({ ...source, ordered })];
  const [there, waiting] = asked.map((question) => question && planShopAtOnce(question.input, { objective: question.objective }));
  return there && waiting ? movedBetween(there, waiting) : [];
}

/** Plans looked at for a prop by itself: more found nothing better on the demo's. */
const ROUNDS_ALONE = 300;

/**
 * When the prop of a damaged part is ready by each way out, against without the damage: with the shop's hours to itself and made as soon as it can be. Beside
 * other props the difference drowns in which of them is let wait. Null where it has no place.
 */
export async function readMending(
  source: ShopSource,
  propId: string,
  mendings: readonly Mending[],
): Promise<readonly (PropMoved | null)[]> {
  const asked = await readPlanQuestion(source);
  if (!asked) return mendings.map(() => null);
  const parts = asked.input.parts.filter((part) => part.propId === propId);
  const own = new Set(parts.map(({ id }) => id));
  const alone = {
    ...asked.input,
    parts,
    props: asked.input.props.filter(({ id }) => id === propId),
    joins: asked.input.joins.filter(({ hostPartId, guestPartId }) => own.has(hostPartId) && own.has(guestPartId)),
  };
  const now = planAlone(alone);
  return mendings.map((mending) => movedBetween(now, planAlone(mendedShop(alone, mending)))[0] ?? null);
}

function planAlone(input: ShopPlanInput): ShopPlan {
  const planner = createShopPlanner(input, { objective: 'readyFirst' });
  for (let looked = 0; looked < ROUNDS_ALONE && !planner.improve(50).isOver; looked += 50);
  return planner.plan();
}

function movedBetween(before: ShopPlan, after: ShopPlan): readonly PropMoved[] {
  if (before.kind !== 'planned' || after.kind !== 'planned') return [];
  const ready = new Map(before.props.map(({ propId, readyMs }) => [propId, readyMs]));
  return after.props.flatMap(({ propId, readyMs }) => {
    const was = ready.get(propId);
    return readyMs === null || was === null || was === undefined ? [] : [{ propId, readyMs, laterMinutes: (readyMs - was) / 60_000 }];
  });
}

/** What of some props can be done by a date, working through; null before there is a shop. */
export async function readDrill(source: ShopSource, wish: DrillWish, seed: number): Promise<DrillOutcome | null> {
  const asked = await readPlanQuestion(source);
  return asked && drill(asked.input, wish, seed);
}
