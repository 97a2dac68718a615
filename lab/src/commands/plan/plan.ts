import { buildShopProblem } from '@zinc-ladder/core/plan/shop/buildShopProblem';
import type { Objective } from '@zinc-ladder/core/plan/problem/objective';
import { OBJECTIVES } from '@zinc-ladder/core/plan/problem/objective';
import { toPlayed } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import { datesMet, shopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { checkPlan } from '@zinc-ladder/core/plan/judge/checkPlan';
import { checkShopPlan } from '@zinc-ladder/core/plan/verify/checkShopPlan';
import { plannedPlacements } from '@zinc-ladder/core/plan/shopPlan/plannedPlacements';
import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { createShopPlanner } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { prepareProblem } from '@zinc-ladder/core/plan/problem/preparedProblem';
import { readyBound } from '@zinc-ladder/core/plan/judge/readyBound';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { LabError, readNumber } from '../../labError';
import { readSoundProject } from '../../readFile';
import type { LabCommand } from '../labCommand';

/** Plays for shown chances, against fortunes no order was chosen on. */
const FRESH_RUNS = 1000;
const FRESH_SEED = 20_011;

/**
 * `plan FILE [--made-for OBJECTIVE] [--seconds S] [--seed N] [--from ISO]` → rungs with start and end, when all is ready, the bound, what the
 * independent checker finds, and how sure the dates are by fresh fortunes. From when the file was saved unless told otherwise; without
 * `--seconds` the whole search, which is the same on any machine.
 */
export const plan: LabCommand = {
  name: 'plan',
  usage: 'plan FILE [--made-for surest|readyFirst|fewestEvenings|fewestCleanings] [--seconds S] [--seed N] [--from ISO]',
  options: ['made-for', 'seconds', 'seed', 'from'],
  run: ({ files, options }) => {
    const input = readPlanInput(files[0], options['from']);
    const made = planFor(input, options['seconds'], options['seed'], readObjective(options['made-for']));
    const outlook = shopOutlook(input, toPlayed(made), FRESH_RUNS, FRESH_SEED);
    const { problem } = buildShopProblem(input, made.horizonDays);
    const iso = (ms: number): string => new Date(ms).toISOString();
    return {
      from: iso(input.nowMs),
      ready: iso(made.readyMs),
      bound: iso(readyBound(prepareProblem(problem)) * 60_000),
      setups: made.setups,
      evenings: made.evenings,
      madeFor: made.objective,
      foundBy: made.foundBy,
      rounds: made.rounds,
      rungs: made.rungs.map((rung) => ({
        id: rung.rungId,
        part: rung.partId,
        person: rung.personId,
        start: iso(rung.startMs),
        end: iso(rung.endMs),
        setupMinutes: rung.setupMinutes,
        session: rung.session?.id ?? null,
      })),
      prints: made.prints.map(({ partId, startMs, lastOffMs }) => ({ part: partId, start: iso(startMs), end: iso(lastOffMs) })),
      props: made.props.map((prop) => ({
        id: prop.propId,
        ready: prop.readyMs === null ? null : iso(prop.readyMs),
        due: prop.dueMs === null ? null : iso(prop.dueMs),
      })),
      datesMet: datesMet(outlook, input.props),
      chances: outlook.props.flatMap(({ propId, chanceOfDate }) => {
        const prop = input.props.find((entry) => entry.id === propId);
        return chanceOfDate === null || !prop ? [] : [{ propId, name: prop.name, dueMs: prop.dueMs, chance: chanceOfDate }];
      }),
      unplaced: made.unplaced,
      violations: [
        ...checkPlan(problem, { placements: plannedPlacements(problem, made), unplaced: made.unplaced }),
        ...checkShopPlan(input, made).map(({ rungId, rule, detail }) => ({ taskId: rungId, rule, detail })),
      ],
    };
  },
};

/** The planner's input from a project file. */
export function readPlanInput(file: string | undefined, from: string | undefined): ShopPlanInput {
  const { project } = readSoundProject(file);
  const nowMs = from === undefined ? project.savedAtMs : Date.parse(from);
  if (Number.isNaN(nowMs)) throw new LabError(`--from must be a moment such as 2026-05-28T18:40:00+02:00, got "${from ?? ''}"`);
  return gatherPlan(project, gatherAirs(project.shop, project.climateReadings, nowMs), nowMs);
}

/** A plan, after so many seconds or the whole search. */
export function planFor(
  input: ShopPlanInput,
  seconds: string | undefined,
  seed: string | undefined,
  objective: Objective = 'readyFirst',
): Extract<ShopPlan, { kind: 'planned' }> {
  const planner = createShopPlanner(input, { objective, seed: readNumber('seed', seed ?? '1', 0, 4_294_967_295) });
  const limitMs = seconds === undefined ? Infinity : readNumber('seconds', seconds, 0, 3600) * 1000;
  const began = performance.now();
  while (performance.now() - began < limitMs && !planner.improve(5).isOver);
  const made = planner.plan();
  if (made.kind === 'faulty') throw new LabError(`the ladders contradict each other: ${JSON.stringify(made.faults)}`);
  return made;
}

/** What a plan is made for, by its name. */
export function readObjective(name: string | undefined): Objective {
  const found = OBJECTIVES.find((objective) => objective === (name ?? 'readyFirst'));
  if (!found) throw new LabError(`--made-for must be one of ${OBJECTIVES.join(', ')}, got "${name ?? ''}"`);
  return found;
}
