/**
 * A finisher's hand for one technique: how much of a stated amount really lands. Coverage after passes is `Z · (1 − exp(−Σ amount · hand))`, Z what the
 * rehearsal shows of the technique with no end of passes. The hand is not known: a lognormal guess on a grid, made narrower by every measured pass.
 */
export interface HandBelief {
  /** factors of the stated amount */
  readonly factors: readonly number[];
  /** chance of each; they add up to 1 */
  readonly chances: readonly number[];
}

/** A pass that was done, and what was measured after it. */
export interface DonePass {
  /** stated amount, as the rehearsal counts it */
  readonly amount: number;
  /** coverage after it, 0 … 1; null where nothing was measured */
  readonly coverage: number | null;
  /** half of the interval that holds in 95 of 100 */
  readonly half: number;
  /** what it was measured by; `single`, one picture alone, never says stop */
  readonly how?: string;
}

const GRID = 61;
/** Deviation of hands among finishers, as a logarithm (guessed: one in six lays on twice as much or more). */
const HAND_SPREAD = 0.6;
/** Deviation of one pass of a hand, as a logarithm (guessed). */
const PASS_SPREAD = 0.2;
/** An interval's half in deviations, where it holds in 95 of 100. */
const HALF_IN_DEVIATIONS = 1.96;
const LEAST_DEVIATION = 0.004;

/** What is believed before the first pass. */
export const PRIOR_HAND: HandBelief = (() => {
  const logs = Array.from({ length: GRID }, (_, at) => ((at / (GRID - 1)) * 6 - 3) * HAND_SPREAD);
  const weights = logs.map((log) => Math.exp(-0.5 * (log / HAND_SPREAD) ** 2));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return { factors: logs.map(Math.exp), chances: weights.map((weight) => weight / sum) };
})();

/** Coverage after passes whose amounts add up to that. */
export function coverageAfter(dose: number, hand: number, most: number): number {
  return most * (1 - Math.exp(-dose * hand));
}

/**
 * What is believed of a hand after some passes. A measured coverage is the sum of all passes before it, so each measurement is used for the
 * passes since the previous one only.
 *
 * @param most coverage the technique tends to on this part, 0 … 1
 */
export function learnHand(passes: readonly DonePass[], most: number, prior: HandBelief = PRIOR_HAND): HandBelief {
  let dose = 0;
  let before: { readonly dose: number; readonly coverage: number; readonly deviation: number } = { dose: 0, coverage: 0, deviation: 0 };
  let chances = [...prior.chances];
  for (const { amount, coverage, half } of passes) {
    dose += amount;
    if (coverage === null) continue;
    const added = dose - before.dose;
    const deviation = Math.max(LEAST_DEVIATION, half / HALF_IN_DEVIATIONS);
    const left = Math.max(0, most - before.coverage);
    chances = chances.map((chance, at) => {
      const hand = prior.factors[at] as number;
      const expected = before.coverage + left * (1 - Math.exp(-added * hand));
      // An uneven hand moves what is expected as well: half by how steep the curve is there.
      const uneven = left * Math.exp(-added * hand) * added * hand * PASS_SPREAD;
      const carried = before.deviation * Math.exp(-added * hand);
      const spread = Math.hypot(deviation, uneven, carried);
      return (chance * Math.exp(-0.5 * ((coverage - expected) / spread) ** 2)) / spread;
    });
    before = { dose, coverage, deviation };
    const sum = chances.reduce((total, chance) => total + chance, 0);
    // A reading that no hand explains leaves the belief as it was: the reading, not the hand, is wrong.
    chances = sum > 1e-200 ? chances.map((chance) => chance / sum) : [...prior.chances];
  }
  return { factors: prior.factors, chances };
}

/** A pass of the same technique elsewhere, with what it tended to there. */
export interface EarlierPass {
  readonly done: readonly DonePass[];
  readonly most: number;
}

/** Earlier passes that are counted, the newest: a hand changes with months. */
const MOST_EARLIER = 6;
/** A hand on another part is not quite the same: what was learned there is believed as if it were this much (deviation of the logarithm) less sure. */
const OTHER_PART_SPREAD = 0.15;

/**
 * What is believed of a hand before a pass, by earlier ones of the same technique.
 *
 * @param earlier the oldest first
 */
export function handByEarlier(earlier: readonly EarlierPass[]): HandBelief {
  const learned = earlier.slice(-MOST_EARLIER).reduce((belief, { done, most }) => learnHand(done, most, belief), PRIOR_HAND);
  if (learned === PRIOR_HAND) return PRIOR_HAND;
  const { factors } = learned;
  const logs = factors.map(Math.log);
  const spread = factors.map((_, at) =>
    logs.reduce(
      (sum, log, from) =>
        sum + (learned.chances[from] as number) * Math.exp(-0.5 * (((logs[at] as number) - log) / OTHER_PART_SPREAD) ** 2),
      0,
    ),
  );
  const total = spread.reduce((sum, chance) => sum + chance, 0);
  return { factors, chances: spread.map((chance) => chance / total) };
}

/** The value under which that share of the chances lies. */
export function quantileOf({ factors, chances }: HandBelief, share: number): number {
  let sum = 0;
  for (let at = 0; at < factors.length; at += 1) {
    const chance = chances[at] as number;
    if (sum + chance >= share) {
      const low = factors[Math.max(0, at - 1)] as number;
      const high = factors[at] as number;
      return low + (high - low) * (chance > 0 ? (share - sum) / chance : 1);
    }
    sum += chance;
  }
  return factors.at(-1) ?? 1;
}

/** The middle of a belief, and the ends between which nine in ten lie. */
export function beliefEnds(belief: HandBelief): { readonly middle: number; readonly low: number; readonly high: number } {
  return { middle: quantileOf(belief, 0.5), low: quantileOf(belief, 0.05), high: quantileOf(belief, 0.95) };
}

/** What is expected of the next pass. */
export interface NextPass {
  /** factor of the stated amount that lands, in the middle */
  readonly hand: number;
  /** amount to lay on next, 0 … 1 */
  readonly amount: number;
  /** expected coverage after the pass, and the interval that holds in 9 of 10 cases */
  readonly next: number;
  readonly low: number;
  readonly high: number;
  /** coverage now: the last measured, and what came since by the hand */
  readonly now: number;
  readonly verdict: Verdict;
}

/** What a reading says against a stop line. */
export type Verdict = 'more' | 'close' | 'stop' | 'outOfReach';

/** First pass: half of what would reach the line. Later ones: this share of what is missing. Both measured by simulation. */
const FIRST_STRENGTH = 0.5;
const LATER_STRENGTH = 0.8;
/** Of the line, what counts as there. */
const ENOUGH = 0.92;
/** A reading whose lower end is over this share of the line says stop. */
export const STOP_SHARE = 0.8;

/**
 * How much to lay on next so that the line is reached and not passed: half strength first, then 0.8 of what is missing, nothing from 0.92 of the line on.
 * Simulated with uneven hands, 6 in 100 end over the line by a quarter, where "until it is there" ends over it in 30.
 *
 * @param most coverage the technique tends to on this part
 * @param target the stop line, a share of the area
 * @param prior what is believed of the hand before: by other passes of the technique, where there are some
 * @param doubt how far `most` may be off, a factor: 1 where it was reckoned on a mesh, more on a shape alone; the ends are so much wider apart
 */
export function nextPass(passes: readonly DonePass[], most: number, target: number, prior: HandBelief = PRIOR_HAND, doubt = 1): NextPass {
  const belief = learnHand(passes, most, prior);
  const hand = quantileOf(belief, 0.5);
  const measured = passes.findLastIndex(({ coverage }) => coverage !== null);
  const from = measured >= 0 ? (passes[measured]?.coverage as number) : 0;
  const since = passes.slice(measured + 1).reduce((sum, { amount }) => sum + amount, 0);
  const after = (dose: number, factor: number, reach = most): number =>
    from + Math.max(0, reach - from) * (1 - Math.exp(-(since + dose) * factor));
  const highest = Math.max(most, Math.min(1, most * doubt));
  const now = after(0, hand);
  const left = Math.max(0, most - now);
  const isThere = now >= ENOUGH * target;
  const isInReach = target < most;
  const missing = isThere ? 0 : isInReach ? -Math.log(Math.max(1e-6, 1 - (target - now) / left)) / hand : 1;
  const amount = Math.min(1, missing * (passes.length === 0 ? FIRST_STRENGTH : LATER_STRENGTH));
  const spread = Math.exp(PASS_SPREAD * 1.645);
  const half = measured >= 0 ? (passes[measured]?.half ?? 0) : 0;
  const verdictNow = (): Verdict => {
    if (passes.length === 0) return 'more';
    if (measured === passes.length - 1)
      return verdictOf({ low: now - half, high: now + half, how: passes[measured]?.how ?? 'pair' }, target);
    // Nothing was measured since: the belief alone may say more, never stop.
    return isThere ? 'close' : 'more';
  };
  return {
    hand,
    amount,
    now,
    next: after(amount, hand),
    low: Math.max(0, after(amount, quantileOf(belief, 0.05) / spread, most / doubt) - half),
    high: Math.min(Math.max(highest, from + half), after(amount, quantileOf(belief, 0.95) * spread, highest) + half),
    verdict: !isInReach && !isThere ? 'outOfReach' : verdictNow(),
  };
}

/**
 * What one reading says: more only where even its upper end is under the line, stop where its lower end is over 0.8 of it. A single photograph never says
 * stop.
 */
export function verdictOf(reading: { readonly low: number; readonly high: number; readonly how: string }, target: number): Verdict {
  if (reading.high < target) return 'more';
  return reading.low > STOP_SHARE * target && reading.how !== 'single' ? 'stop' : 'close';
}
