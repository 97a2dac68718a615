import { quantile, shareWithin } from '@zinc-ladder/core/plan/play/chance';
import { buildShopProblem } from '@zinc-ladder/core/plan/shop/buildShopProblem';
import { prepareProblem } from '@zinc-ladder/core/plan/problem/preparedProblem';
import { shopOdds } from '@zinc-ladder/core/plan/shopPlan/shopOdds';
import { planOrder, toPlayed } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import { keysOfOrder, shopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { replanChance } from '@zinc-ladder/core/plan/surest/replanChance';
import { readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';
import { planFor, readObjective, readPlanInput } from './plan';

/** Planned anew each evening a play takes seconds; so few are enough to see whether it pays. */
const REPLANNED_RUNS = '20';
const PLAYS_AN_EVENING = 60;

/**
 * `chance FILE [--made-for OBJECTIVE] [--runs N] [--seed N] [--drying-spread S] [--replan] [--from ISO]` → when all is ready in half and in four
 * of five runs, and the chance of every date. `--drying-spread` is the deviation of the logarithm of how long films really take. With
 * `--replan` each prop says as well what came of planning anew at the end of every evening within the plays.
 */
export const chance: LabCommand = {
  name: 'chance',
  usage: 'chance FILE [--made-for OBJECTIVE] [--runs N] [--seed N] [--drying-spread S] [--replan] [--from ISO]',
  options: ['made-for', 'runs', 'seed', 'drying-spread', 'from'],
  flags: ['replan'],
  run: ({ files, options }) => {
    const input = readPlanInput(files[0], options['from']);
    const isReplanned = options['replan'] === 'true';
    const runs = Math.round(readNumber('runs', options['runs'] ?? (isReplanned ? REPLANNED_RUNS : '1000'), 1, 100_000));
    const seed = readNumber('seed', options['seed'] ?? '1', 0, 4_294_967_295);
    const made = planFor(input, undefined, options['seed'], readObjective(options['made-for']));
    const spread = options['drying-spread'] === undefined ? undefined : readNumber('drying-spread', options['drying-spread'], 0, 2);
    const outlook = shopOutlook(input, toPlayed(made), runs, seed, spread);
    const shop = buildShopProblem(input, made.horizonDays);
    const anew = isReplanned
      ? replanChance(prepareProblem(shop.problem), keysOfOrder(shop.problem, planOrder(made)), {
          odds: shopOdds(input, shop, spread),
          runs,
          seed,
          playsAnEvening: PLAYS_AN_EVENING,
        })
      : [];
    const iso = (ms: number): string => new Date(ms).toISOString();
    const replanned = (propId: string): object => {
      const ready = anew.find(({ groupId }) => groupId === propId)?.readyMinutes;
      const dueMs = input.props.find(({ id }) => id === propId)?.dueMs ?? null;
      if (!ready) return {};
      return {
        replanned: {
          p50: iso(quantile(ready, 0.5) * 60_000),
          p80: iso(quantile(ready, 0.8) * 60_000),
          chanceOfDate: dueMs === null ? null : shareWithin(ready, dueMs / 60_000),
        },
      };
    };
    return {
      planned: iso(made.readyMs),
      notBefore: iso(outlook.notBeforeMs),
      p50: iso(outlook.p50Ms),
      p80: iso(outlook.p80Ms),
      props: outlook.props.map(({ propId, notBeforeMs, p50Ms, p80Ms, chanceOfDate }) => ({
        id: propId,
        notBefore: iso(notBeforeMs),
        p50: iso(p50Ms),
        p80: iso(p80Ms),
        chanceOfDate,
        ...replanned(propId),
      })),
      risks: outlook.risks,
      missedWindows: outlook.missedWindows,
    };
  },
};
