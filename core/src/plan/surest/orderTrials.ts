import type { Fortune } from '../play/fortune';
import type { PlayOdds } from '../play/playOdds';
import { drawFortune } from '../play/fortune';
import { OrderPlayer } from '../play/orderPlayer';
import type { PlayTables } from '../play/playTables';
import type { TaskGroups } from '../problem/taskGroups';
import { PlayScorer } from './scorePlay';

/** An order with its outcome under each of the common fortunes. */
export interface TriedOrder {
  readonly keys: Float64Array;
  readonly scores: readonly number[];
  readonly mean: number;
  /** the share of weighted dates kept, over the same plays */
  readonly kept: number;
}

/** After so many plays it is asked each time whether an order can still catch up. */
const LOOK_EVERY = 4;
/** Plays times tasks between two pauses: some five milliseconds of a usual shop, one play where there are thousands of tasks. */
const PAUSE_UNITS = 5000;
/**
 * Where the common fortunes begin: the same for every search, so that two searches of one shop are led to the same choices, and apart from
 * those a shown chance is drawn from, so that no order is shown by what it was chosen on.
 */
const COMMON_FORTUNES = Math.imul(0x5e_a7c5, 0x9e_3779_b1);
/** An order is dropped when it lies behind by more than chance explains: so many deviations of the mean paired difference. */
const HOPELESS = 2;

/** Plays orders against the same fortunes, so that the difference of two orders is their own. No two searches of one shop differ in them. */
export class OrderTrials {
  readonly player: OrderPlayer;
  readonly scorer: PlayScorer;
  /** plays so far */
  plays = 0;
  private readonly fortunes: Fortune[] = [];

  constructor(
    private readonly tables: PlayTables,
    groups: TaskGroups,
    private readonly odds: PlayOdds,
    readonly skipped: Uint8Array,
  ) {
    this.player = new OrderPlayer(tables);
    this.scorer = new PlayScorer(this.player, groups);
  }

  /**
   * Plays an order, with pauses: hundreds of plays of thousands of tasks take seconds.
   *
   * @param from first and `until` last fortune (the last not among them)
   * @param rival an order it must come near to: where it lies hopelessly behind after some plays, null is returned
   * @param leeway what it may lie behind
   */
  *trying(
    keys: Float64Array,
    from: number,
    until: number,
    rival: TriedOrder | null = null,
    leeway = 0,
  ): Generator<undefined, TriedOrder | null> {
    const pauseEvery = Math.max(1, Math.floor(PAUSE_UNITS / this.tables.count));
    const scores: number[] = [];
    let sum = 0;
    let kept = 0;
    let behind = 0;
    let behindSquares = 0;
    for (let nth = from; nth < until; nth += 1) {
      if (nth > from && (nth - from) % pauseEvery === 0) yield;
      this.player.play(keys, this.fortune(nth), this.skipped);
      this.plays += 1;
      const played = this.scorer.score();
      scores.push(played.score);
      sum += played.score;
      kept += played.kept;
      if (!rival) continue;
      const difference = played.score - (rival.scores[nth - from] ?? 0);
      behind += difference;
      behindSquares += difference * difference;
      const count = nth - from + 1;
      if (count % LOOK_EVERY !== 0 || nth + 1 >= until) continue;
      const mean = behind / count;
      const error = Math.sqrt(Math.max(0, behindSquares / count - mean * mean) / count);
      if (mean + HOPELESS * error < -leeway) return null;
    }
    const count = Math.max(1, until - from);
    return { keys, scores, mean: sum / count, kept: kept / count };
  }

  /** Plays an order against one fortune. */
  once(keys: Float64Array, nth: number): TriedOrder {
    const { value } = this.trying(keys, nth, nth + 1).next();
    if (!value) throw new RangeError('one play has no pause and no rival');
    return value;
  }

  /** The same order over more fortunes than it was tried on, with pauses. */
  *extending(tried: TriedOrder, until: number): Generator<undefined, TriedOrder> {
    if (tried.scores.length >= until) return tried;
    const more = yield* this.trying(tried.keys, tried.scores.length, until);
    if (!more) return tried;
    const share = tried.scores.length / until;
    return {
      keys: tried.keys,
      scores: [...tried.scores, ...more.scores],
      mean: share * tried.mean + (1 - share) * more.mean,
      kept: share * tried.kept + (1 - share) * more.kept,
    };
  }

  private fortune(nth: number): Fortune {
    const known = this.fortunes[nth];
    if (known) return known;
    const drawn = drawFortune(this.tables, this.odds, COMMON_FORTUNES + nth);
    this.fortunes[nth] = drawn;
    return drawn;
  }
}
