import { describe, expect, it } from 'vitest';
import { datesMetWith } from './rankWhatIfs';
import { tryWhatIf } from './tryWhatIf';
import { createShopPlanner, planShop, planShopAtOnce } from '../shopPlan/planShop';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { datesMet, shopOutlook } from '../shopPlan/shopOutlook';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';
import type { TriageSet } from './triage';
import { planOrder, toPlayed } from '../shopPlan/planOrder';
import { betterOrder, isAsPlanned, rankSets, triage } from './triage';

/** Three props on an evening of four hours: two take an hour and a quarter, one nearly all of it. */
const evening = [4, 5].map((weekday) => ({ weekday, startMinute: 18 * 60, endMinute: 22 * 60 }));
const dueMs = Date.parse('2026-05-28T22:00:00Z');
function crowded(change: Partial<ShopPlanInput> = {}): ShopPlanInput {
  const one = (id: string, minutes: number) => ({ ...part(id, [rung(`sand ${id}`, 'cut', { minutes })]), propId: id });
  return shop([one('big', 220), one('cuff', 75), one('badge', 75)], {
    hours: evening,
    props: ['big', 'cuff', 'badge'].map((id) => ({ id, name: id, dueMs, weight: 1 })),
    ...change,
  });
}
function letGo(input: ShopPlanInput): readonly TriageSet[] {
  const steps = triage(input, { seed: 1, runs: 400, fortuneSeed: 3 });
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}

describe('what to let go', () => {
  it('is the one that stands in the way of the two others', () => {
    const [best] = letGo(crowded());
    expect(best?.letGo).toEqual(['big']);
    const chances = Object.fromEntries((best?.chances ?? []).map(({ propId, chance }) => [propId, chance]));
    expect(chances['big']).toBeLessThan(0.1);
    expect(Math.min(chances['cuff'] ?? 0, chances['badge'] ?? 0)).toBeGreaterThan(0.8);
    const sum = Object.values(chances).reduce((all, chance) => all + chance, 0);
    expect(best?.datesMet).toBeCloseTo(sum / 3, 9);
  });

  it('comes true when it is done: the order handed on keeps the dates it was told with', () => {
    const input = crowded();
    const [best] = letGo(input);
    const props = input.props.map((prop) => (best?.letGo.includes(prop.id) ? { ...prop, dueMs: null } : prop));
    const plan = planShopAtOnce({ ...input, props }, { objective: 'surest', orderBefore: best?.order ?? {} });
    if (plan.kind !== 'planned') throw new Error('faulty');
    const told = (best?.chances ?? []).filter(({ propId }) => !best?.letGo.includes(propId));
    const shown = shopOutlook({ ...input, props }, toPlayed(plan), 400, 3).props.filter(({ chanceOfDate }) => chanceOfDate !== null);
    expect(shown.map(({ propId, chanceOfDate }) => [propId, chanceOfDate])).toEqual(told.map(({ propId, chance }) => [propId, chance]));
  });

  it('knows the order there was before where nothing better was found', () => {
    const input = crowded();
    const plan = planShop(input, { objective: 'surest' });
    const orderBefore = planOrder(plan);
    const search = triage(input, { seed: 1, runs: 50, fortuneSeed: 3, orderBefore });
    let step = search.next();
    while (!step.done) step = search.next();
    const [best] = step.value;
    expect(best?.isAsBefore).toBe(Object.entries(orderBefore).every(([id, key]) => best?.order[id] === key));
    expect(best?.isAsBefore).toBe(true);
    expect(letGo(input)[0]?.isAsBefore).toBe(false);
  });

  it('is told as it is found: the best order so far first, and what is told later is no worse', () => {
    const told: (readonly TriageSet[])[] = [];
    const steps = triage(crowded(), { seed: 1, runs: 400, fortuneSeed: 3 });
    let atFirst = 0;
    for (let step = steps.next(), count = 1; !step.done; step = steps.next(), count += 1) {
      if (step.value.length === 0 || step.value === told.at(-1)) continue;
      told.push(step.value);
      atFirst ||= count;
    }
    expect(told[0]).toHaveLength(1);
    expect(told[0]?.[0]?.chances.map(({ propId }) => propId)).toEqual(['big', 'cuff', 'badge']);
    const best = told.map(([first]) => first?.datesMet ?? NaN);
    expect(best).toEqual(best.toSorted((a, b) => a - b));
    // Some two hundred plays, of thousands.
    expect(atFirst).toBeLessThan(100);
  });

  it('is nothing where there is time for all', () => {
    const [best] = letGo(crowded({ hours: evening.map((span) => ({ ...span, startMinute: 8 * 60 })) }));
    expect(best?.letGo).toEqual([]);
    expect(best?.datesMet).toBeGreaterThan(0.99);
  });

  it('goes by weight', () => {
    const { props } = crowded();
    const [best] = letGo(crowded({ props: props.map((prop) => (prop.id === 'big' ? { ...prop, weight: 5 } : prop)) }));
    expect(best?.chances.find(({ propId }) => propId === 'big')?.chance).toBeGreaterThan(0.5);
  });

  it('is not asked of one date, or of none', () => {
    const { props } = crowded();
    expect(letGo(crowded({ props: props.map((prop) => ({ ...prop, dueMs: prop.id === 'big' ? dueMs : null })) }))).toEqual([]);
    expect(letGo(crowded({ props: props.map((prop) => ({ ...prop, dueMs: null })) }))).toEqual([]);
  });

  it('tells of a set only what letting less go does not give', () => {
    const set = (ids: string, met: number): TriageSet => ({
      letGo: ids === '' ? [] : ids.split(' '),
      datesMet: met,
      chances: [],
      order: {},
      isAsBefore: false,
    });
    const ranked = rankSets([set('', 0.4), set('a', 0.6), set('a b', 0.601), set('b', 0.39), set('a', 0.55), set('b c', 0.7)]);
    expect(ranked).toEqual([set('b c', 0.7), set('a', 0.6), set('', 0.4)]);
  });
});

describe('an order that works for the same dates as the plan', () => {
  const set = (letGo: readonly string[], met: number, isAsBefore = false) => ({
    letGo,
    datesMet: met,
    chances: [],
    order: { [letGo.join(' ')]: met },
    isAsBefore,
  });
  const props = ['a', 'b'].map((id) => ({ id, weight: 1 }));
  const plan = {
    props: [
      { propId: 'a', chanceOfDate: 0.8 },
      { propId: 'b', chanceOfDate: 0.02 },
      { propId: 'c', chanceOfDate: null },
    ].map((prop) => ({ ...prop, notBeforeMs: 0, p50Ms: 0, p80Ms: 0, chanceADayLater: null })),
  };
  it('is known by the props it lets go; what has no date is none of them', () => {
    expect(isAsPlanned(set(['b'], 0.5), plan)).toBe(true);
    expect(isAsPlanned(set([], 0.5), plan)).toBe(false);
    expect(isAsPlanned(set(['a', 'b'], 0.5), plan)).toBe(false);
  });
  it('is taken where it keeps clearly more of them than the plan’s 41 %', () => {
    expect(betterOrder([set([], 0.9), set(['b'], 0.44)], plan, props)).toEqual({ b: 0.44 });
    expect(betterOrder([set(['b'], 0.42)], plan, props)).toBeNull();
    expect(betterOrder([set(['b'], 0.6, true)], plan, props)).toBeNull();
    expect(betterOrder([set(['b'], 0.6)], { props: [] }, props)).toBeNull();
  });
});

describe('what an idea is worth in dates', () => {
  const trial = { objective: 'surest', runs: 300, seed: 3 } as const;

  it('is the share of dates it makes sure: Friday evening makes room for the third prop, due on Friday', () => {
    const input = crowded({
      hours: evening.slice(0, 1),
      props: crowded().props.map((prop) => ({ ...prop, dueMs: dueMs + 1440 * MINUTE })),
    });
    const plan = planShop(input, { objective: 'surest' });
    if (plan.kind !== 'planned') throw new Error('faulty');
    const now = shopOutlook(input, toPlayed(plan), 300, 3);
    const order = Object.fromEntries(plan.rungs.map(({ rungId, key }) => [rungId, key]));
    const friday = { kind: 'evening', date: '2026-05-29', startMinute: 18 * 60, endMinute: 22 * 60 } as const;
    const outcome = tryWhatIf(input, friday, { ...trial, orderBefore: order });
    const metNow = datesMet(now, input.props) ?? 1;
    expect((datesMetWith(outcome, now, input.props) ?? 0) - metNow).toBeGreaterThan(0.2);
    // What changes nothing is worth nothing: the same order meets the same fortunes.
    expect(datesMetWith(tryWhatIf(input, { kind: 'longer', minutes: 0 }, { ...trial, orderBefore: order }), now, input.props)).toBeLessThan(
      metNow + 0.01,
    );
  });

  it('is not told where nothing has a date', () => {
    const input = crowded({ props: crowded().props.map((prop) => ({ ...prop, dueMs: null })) });
    const outcome = tryWhatIf(input, { kind: 'sprayPlace' }, trial);
    if (!outcome.outlook) throw new Error('not played');
    expect(datesMetWith(outcome, outcome.outlook, input.props)).toBeNull();
  });
});

describe('a plan made for the surest dates', () => {
  it('is checked, says what it is made for, and begins with the order before', () => {
    const input = crowded();
    const first = planShop(input, { objective: 'surest' });
    if (first.kind !== 'planned') throw new Error('faulty');
    expect([first.objective, first.isFinal, first.broken]).toEqual(['surest', true, []]);
    expect(first.rungs.every(({ startMs }) => startMs >= NOW)).toBe(true);
    const orderBefore = Object.fromEntries(first.rungs.map(({ rungId, key }) => [rungId, key]));
    const again = createShopPlanner(input, { objective: 'surest', orderBefore }).plan();
    expect(again.kind === 'planned' && again.foundBy).toBe('as planned before');
    expect(again.kind === 'planned' && again.rungs.map(({ rungId, startMs }) => [rungId, startMs])).toEqual(
      first.rungs.map(({ rungId, startMs }) => [rungId, startMs]),
    );
  });

  it('begins anew where the order before is of another shop', () => {
    const fresh = createShopPlanner(crowded(), { objective: 'surest' }).plan();
    const other = createShopPlanner(crowded(), { objective: 'surest', orderBefore: { 'of another shop': 3 } }).plan();
    expect(other).toEqual(fresh);
    expect(fresh.kind === 'planned' && fresh.foundBy).not.toBe('as planned before');
  });

  it('has a plan where all dates are past', () => {
    const late = planShop(crowded({ props: crowded().props.map((prop) => ({ ...prop, dueMs: NOW - 1440 * MINUTE })) }), {
      objective: 'surest',
    });
    expect(late.kind === 'planned' && late.unplaced).toEqual([]);
  });
});
