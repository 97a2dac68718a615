import type { DrillOutcome, DrillWish } from '@zinc-ladder/core/plan/ideas/buildDrill';
import { drill } from '@zinc-ladder/core/plan/ideas/buildDrill';
import type { Mending } from '@zinc-ladder/core/plan/ideas/mendedShop';
import { mendedShop } from '@zinc-ladder/core/plan/ideas/mendedShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/planShop';
import type { ShopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { planShopAtOnce } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { shopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import type { TriageSet } from '@zinc-ladder/core/plan/ideas/triage';
import { triage } from '@zinc-ladder/core/plan/ideas/triage';
import type { ShopSource, SupposedOrder } from './readShop';
import { readPlanQuestion } from './readShop';

/** Bound and chance of a plan of the shop; null before there is one. */
export async function readOutlook(
  source: ShopSource,
  plan: Extract<ShopPlan, { kind: 'planned' }>,
  runs: number,
  seed: number,
): Promise<ShopOutlook | null> {
  const asked = await readPlanQuestion(source);
  return asked && shopOutlook(asked.input, plan, runs, seed);
}

/** Plays for the chances of a triage: they are many orders, and each is only told to the per cent. */
const TRIAGE_RUNS = 300;

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

/** What each way out of a damage moves, against the shop without it; by first plans, which are alike in all else. */
export async function readMending(source: ShopSource, mendings: readonly Mending[]): Promise<readonly (readonly PropMoved[])[]> {
  const asked = await readPlanQuestion(source);
  if (!asked) return mendings.map(() => []);
  const plan = (input: ShopPlanInput): ShopPlan => planShopAtOnce(input, { objective: asked.objective });
  const now = plan(asked.input);
  return mendings.map((mending) => movedBetween(now, plan(mendedShop(asked.input, mending))));
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
