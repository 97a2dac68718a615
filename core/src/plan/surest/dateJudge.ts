import type { Fortune } from '../play/fortune';
import { drawFortune } from '../play/fortune';
import { OrderPlayer } from '../play/orderPlayer';
import type { PlayOdds } from '../play/playOdds';
import { readPlayTables } from '../play/playTables';
import type { PreparedProblem } from '../problem/preparedProblem';
import { chanceSeed } from '../play/chance';
import { findTaskGroups } from '../problem/taskGroups';
import { PlayScorer } from './scorePlay';

/** How often orders keep dates, all against the same fortunes: those a shown chance of that seed is drawn from. Drawn once for any number of orders. */
export class DateJudge {
  private readonly player: OrderPlayer;
  private readonly scorer: PlayScorer;
  private readonly groups;
  private readonly fortunes: readonly Fortune[];

  constructor(prepared: PreparedProblem, odds: PlayOdds, runs: number, seed: number) {
    const tables = readPlayTables(prepared);
    this.groups = findTaskGroups(prepared.tasks);
    this.player = new OrderPlayer(tables);
    this.scorer = new PlayScorer(this.player, this.groups);
    this.fortunes = Array.from({ length: runs }, (_, run) => drawFortune(tables, odds, chanceSeed(seed, run)));
  }

  /**
   * The share of plays in which each group of tasks is done by its date.
   *
   * @returns by group id; a group that is done, or has no date, is not among them
   */
  chances(keys: ArrayLike<number>): ReadonlyMap<string, number> {
    const { groups, scorer } = this;
    const kept = new Float64Array(groups.due.length);
    for (const fortune of this.fortunes) {
      this.player.play(keys, fortune);
      scorer.score();
      scorer.ready.forEach((end, group) => {
        if (end <= (groups.due[group] ?? 0)) kept[group] = (kept[group] ?? 0) + 1;
      });
    }
    const chances = new Map<string, number>();
    groups.ids.forEach((id, group) => {
      const isOpen = (scorer.ready[group] ?? Number.NEGATIVE_INFINITY) > Number.NEGATIVE_INFINITY;
      if (id !== null && isOpen && Number.isFinite(groups.due[group])) chances.set(id, (kept[group] ?? 0) / this.fortunes.length);
    });
    return chances;
  }
}
