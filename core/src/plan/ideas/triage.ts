import { buildShopProblem } from '../shop/buildShopProblem';
import { planShopAtOnce, surestOptions } from '../shopPlan/planShop';
import { prepareProblem } from '../problem/preparedProblem';
import type { ShopOutlook } from '../shopPlan/shopOutlook';
import { datesMet } from '../shopPlan/shopOutlook';
import { shopOdds } from '../shopPlan/shopOdds';
import type { PlanProp, ShopPlanInput } from '../shop/shopPlanInput';
import { DateJudge } from '../surest/dateJudge';
import { searchSurest } from '../surest/searchSurest';

/** The chance of a prop's date. */
export interface DateChance {
  readonly propId: string;
  readonly name: string;
  readonly dueMs: number;
  readonly chance: number;
}

/** What comes of letting some props go. */
export interface TriageSet {
  /** props whose dates the order hardly ever keeps; empty: it works for all */
  readonly letGo: readonly string[];
  /** the share of weighted dates one can expect to be met, those let go among them */
  readonly datesMet: number;
  readonly chances: readonly DateChance[];
  /** the order that was played, keys by rung: who lets them go goes on from it */
  readonly order: Readonly<Record<string, number>>;
  /** whether that is the order there was before, rung for rung */
  readonly isAsBefore: boolean;
}

/** How a triage is made. */
export interface TriageOptions {
  readonly seed: number;
  /** plays for each chance, against fortunes that no order was chosen on */
  readonly runs: number;
  readonly fortuneSeed: number;
  /** the order of the plan before, keys by rung */
  readonly orderBefore?: Readonly<Record<string, number>>;
}

/** A date that is met less often than this is not worked for. */
const NEVER = 0.1;
/** After so many plays the best order so far is told: something to look at while the sets are begun with. */
const FIRST_LOOK = 200;
/** A set counts as the better one only by more than chance explains. */
const GAIN = 0.005;

/**
 * What to let go: the surest order for every set of dated props that was begun with, best first. Of sets that are no better than one that lets
 * less go, only the latter is told. Yields whenever there is something new to tell; nothing where fewer than two dates are open.
 */
export function* triage(input: ShopPlanInput, options: TriageOptions): Generator<readonly TriageSet[], readonly TriageSet[]> {
  // As far ahead as the plan looks: what it has a place for must have one here.
  const plan = planShopAtOnce(input, { ...options, objective: 'surest' });
  if (plan.kind === 'faulty') return [];
  const shop = buildShopProblem(input, plan.horizonDays);
  const { problem } = shop;
  const prepared = prepareProblem(problem);
  const odds = shopOdds(input, shop);
  const dates = new DateJudge(prepared, odds, options.runs, options.fortuneSeed);
  const judge = (keys: Float64Array): TriageSet => {
    const kept = dates.chances(keys);
    const chances = input.props.flatMap(({ id, name, dueMs }): DateChance[] => {
      const chance = kept.get(id);
      return chance === undefined || dueMs === null ? [] : [{ propId: id, name, dueMs, chance }];
    });
    const met = datesMet({ props: chances.map(({ propId, chance }) => ({ propId, chanceOfDate: chance })) }, input.props);
    // The props an order lets go are those whose dates it hardly ever keeps, whatever set the search began with.
    const order = Object.fromEntries(problem.tasks.map(({ id }, index) => [id, keys[index] ?? 0]));
    return {
      letGo: givenUp(chances),
      datesMet: met ?? 0,
      chances,
      order,
      isAsBefore: begun?.every((key, index) => key === keys[index]) ?? false,
    };
  };
  const searching = surestOptions(input, shop, options);
  const begun = searching.startKeys;
  const search = searchSurest(prepared, searching);
  let found: readonly TriageSet[] = [];
  let seen = 0;
  for (;;) {
    const step = search.next();
    const { sets, rounds, keys } = step.value;
    if (found.length === 0 && rounds >= FIRST_LOOK && !step.done) found = rankSets([judge(keys)]);
    for (; seen < sets.length; seen += 1) {
      const set = sets[seen];
      if (set) found = rankSets([...found, judge(set.tried.keys)]);
    }
    if (step.done) {
      // The best order of all came out of one of the sets, and went on from there.
      const whole = judge(step.value.keys);
      return seen === 0 || whole.chances.length < 2 ? [] : rankSets([...found, whole]);
    }
    yield found.some(({ chances }) => chances.length > 1) ? found : [];
  }
}

/** Props whose dates are hardly ever kept. */
export function givenUp(chances: readonly Pick<DateChance, 'propId' | 'chance'>[]): string[] {
  return chances.filter(({ chance }) => chance < NEVER).map(({ propId }) => propId);
}

/** More than a set's 400 plays and a plan's 2,000 come to differ by luck in about one of twenty cases. */
const SURELY_BETTER = 0.02;

/** Whether the plan lets the same props go as a set, by the chances of the plan's dates. */
export function isAsPlanned(set: Pick<TriageSet, 'letGo'>, { props }: PlanDates): boolean {
  const dated = props.flatMap(({ propId, chanceOfDate }) => (chanceOfDate === null ? [] : [{ propId, chance: chanceOfDate }]));
  return givenUp(dated).toSorted().join() === set.letGo.toSorted().join();
}

/** An order that works for the same dates as the plan and keeps clearly more of them, keys by rung; null: the longer look found none. */
export function betterOrder(
  sets: readonly TriageSet[],
  plan: PlanDates,
  props: readonly Pick<PlanProp, 'id' | 'weight'>[],
): TriageSet['order'] | null {
  const met = datesMet(plan, props);
  const better = sets.find((set) => !set.isAsBefore && isAsPlanned(set, plan) && met !== null && set.datesMet > met + SURELY_BETTER);
  return better?.order ?? null;
}

type PlanDates = Pick<ShopOutlook, 'props'>;

/** Best first; of one set the better order, and no set that is no better than one that lets less go. */
export function rankSets(sets: readonly TriageSet[]): TriageSet[] {
  const best = new Map<string, TriageSet>();
  for (const set of sets) {
    const key = set.letGo.toSorted().join(' ');
    const known = best.get(key);
    if (!known || set.datesMet > known.datesMet) best.set(key, set);
  }
  const all = [...best.values()];
  return all
    .filter(
      (set) =>
        !all.some(
          (other) =>
            other.letGo.length < set.letGo.length &&
            other.letGo.every((propId) => set.letGo.includes(propId)) &&
            other.datesMet >= set.datesMet - GAIN,
        ),
    )
    .sort((a, b) => b.datesMet - a.datesMet);
}
