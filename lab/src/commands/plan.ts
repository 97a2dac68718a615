import { buildShopProblem } from '@zinc-ladder/core/plan/buildShopProblem';
import { checkPlan } from '@zinc-ladder/core/plan/checkPlan';
import { plannedPlacements } from '@zinc-ladder/core/plan/plannedPlacements';
import { planShop } from '@zinc-ladder/core/plan/planShop';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import { gatherPlan } from '@zinc-ladder/model/gather/gatherPlan';
import { LabError } from '../labError';
import { readSoundProject } from '../readFile';
import type { LabCommand } from './labCommand';

/** `plan FILE [--from ISO]` → rungs with start and end, and when all is ready. From when the file was saved unless told otherwise. */
export const plan: LabCommand = {
  name: 'plan',
  usage: 'plan FILE [--from ISO]',
  options: ['from'],
  run: ({ files, options }) => {
    const { project } = readSoundProject(files[0]);
    const nowMs = options['from'] === undefined ? project.savedAtMs : Date.parse(options['from']);
    if (Number.isNaN(nowMs))
      throw new LabError(`--from must be a moment such as 2026-05-28T18:40:00+02:00, got "${options['from'] ?? ''}"`);
    const input = gatherPlan(project, gatherAir(project.shop, project.climateReadings, nowMs), nowMs);
    const made = planShop(input);
    if (made.kind === 'faulty') throw new LabError(`the ladders contradict each other: ${JSON.stringify(made.faults)}`);
    const { problem } = buildShopProblem(input, made.horizonDays);
    const iso = (ms: number): string => new Date(ms).toISOString();
    return {
      from: iso(nowMs),
      ready: iso(made.readyMs),
      rule: made.foundBy,
      rungs: made.rungs.map((rung) => ({ id: rung.rungId, part: rung.partId, start: iso(rung.startMs), end: iso(rung.endMs) })),
      props: made.props.map((prop) => ({
        id: prop.propId,
        ready: prop.readyMs === null ? null : iso(prop.readyMs),
        due: prop.dueMs === null ? null : iso(prop.dueMs),
      })),
      unplaced: made.unplaced,
      violations: checkPlan(problem, { placements: plannedPlacements(problem, made.rungs), unplaced: made.unplaced }),
    };
  },
};
