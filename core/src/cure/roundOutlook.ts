import type { CureOutlook } from './cureClock';
import type { Milestone } from './dryingData';
import { MILESTONES } from './dryingData';

const MINUTE_MS = 60_000;

/** An outlook on whole minutes for showing: what opens or is reached is rounded up, what closes down, so that nothing is promised too soon or too long. */
export function roundOutlook(outlook: CureOutlook): CureOutlook {
  return {
    ...outlook,
    milestones: Object.fromEntries(MILESTONES.map((name) => [name, up(outlook.milestones[name])])) as Record<Milestone, number | null>,
    recoatWindows: outlook.recoatWindows.map(({ opensMs, closesMs }) => ({
      opensMs: up(opensMs) ?? opensMs,
      closesMs: closesMs === null ? null : Math.floor(closesMs / MINUTE_MS) * MINUTE_MS,
    })),
  };
}

function up(ms: number | null): number | null {
  // A hair above a whole minute, from adding up rates, is that minute.
  return ms === null ? null : Math.ceil(ms / MINUTE_MS - 1e-6) * MINUTE_MS;
}
