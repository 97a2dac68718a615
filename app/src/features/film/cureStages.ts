import type { CureOutlook, FilmState } from '@zinc-ladder/core/cure/cureClock';
import { filmStateAt } from '@zinc-ladder/core/cure/cureClock';
import type { Milestone } from '@zinc-ladder/core/cure/dryingData';
import { MILESTONES } from '@zinc-ladder/core/cure/dryingData';
import { groupBy } from '../../base/groupBy';

/** A stage of a cure strip: from one milestone to the next. */
export interface CureStage {
  readonly startMs: number;
  readonly endMs: number;
  readonly state: FilmState;
  /** what is reached at its end */
  readonly reached: readonly Milestone[];
}

/** The stages of a film from wet to hard, in the order they come; milestones of one moment end one stage together. */
export function cureStages(outlook: CureOutlook): CureStage[] {
  const moments = MILESTONES.flatMap((name) => {
    const atMs = outlook.milestones[name];
    return atMs === null ? [] : [{ name, atMs }];
  }).sort((a, b) => a.atMs - b.atMs);
  const stages: CureStage[] = [];
  let startMs = outlook.laidAtMs;
  for (const [atMs, group] of groupBy(moments, (moment) => Math.round(moment.atMs / 60_000) * 60_000)) {
    stages.push({
      startMs,
      endMs: Math.max(atMs, startMs + 1),
      state: filmStateAt(outlook, startMs),
      reached: group.map((moment) => moment.name),
    });
    startMs = Math.max(atMs, startMs + 1);
  }
  return stages;
}

/** How far along equal stages a moment lies, 0–1. */
export function positionAt(stages: readonly CureStage[], atMs: number): number {
  const count = stages.length;
  if (count === 0) return 1;
  for (let index = 0; index < count; index += 1) {
    const stage = stages[index];
    if (stage && atMs < stage.endMs) return Math.max(0, index + (atMs - stage.startMs) / (stage.endMs - stage.startMs)) / count;
  }
  return 1;
}
