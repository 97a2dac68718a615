import type { RandomSource } from '../random/seededRandom';

/** How uncertain the minutes of a task are, as shares of the planned ones: a triangle, and the chance that a pass is needed again. */
export interface TaskSpread {
  readonly low: number;
  readonly mode: number;
  readonly high: number;
  /** chance of one pass more */
  readonly againChance: number;
  /** minutes of that pass, as a share of the planned ones */
  readonly againShare: number;
}

/** What the finisher's own log says of a method: actual ÷ planned minutes. */
export interface OwnRatio {
  readonly count: number;
  readonly mean: number;
  readonly deviation: number;
}

/** Minutes that are known. */
export const CERTAIN: TaskSpread = { low: 1, mode: 1, high: 1, againChance: 0, againShare: 0 };

/** Logged rungs from which on the finisher's own ratio is taken. */
export const OWN_FROM = 5;

/** Defaults by what is done; all guessed: sanding overruns, spraying hardly does, and every seventh primer wants another pass. */
const BY_METHOD: Readonly<Record<string, TaskSpread>> = {
  sand: { low: 0.7, mode: 1.05, high: 2.2, againChance: 0.1, againShare: 0.5 },
  firstCut: { low: 0.7, mode: 1.05, high: 2, againChance: 0, againShare: 0 },
  primeSand: { low: 0.7, mode: 1, high: 2, againChance: 0.15, againShare: 0.6 },
  fill: { low: 0.8, mode: 1, high: 1.7, againChance: 0.1, againShare: 0.6 },
  mask: { low: 0.8, mode: 1.1, high: 1.9, againChance: 0, againShare: 0 },
  detail: { low: 0.7, mode: 1.1, high: 2, againChance: 0, againShare: 0 },
};
const USUAL: TaskSpread = { low: 0.85, mode: 1, high: 1.35, againChance: 0, againShare: 0 };

/**
 * The spread of a method: the default until the log has enough of the finisher's own, then a triangle with the log's mean and deviation
 * (for a symmetric triangle the half width is √6 deviations), no narrower than a tenth.
 */
export function spreadOf(methodId: string, own: OwnRatio | undefined): TaskSpread {
  const usual = BY_METHOD[methodId] ?? USUAL;
  if (!own || own.count < OWN_FROM) return usual;
  const half = Math.max(0.1 * own.mean, Math.sqrt(6) * own.deviation);
  return { ...usual, low: Math.max(0.2, own.mean - half), mode: own.mean, high: own.mean + half };
}

/** A share of the planned minutes, drawn: the inverse of the triangle's distribution, and the pass more where chance has it. */
export function drawShare({ low, mode, high, againChance, againShare }: TaskSpread, random: RandomSource): number {
  const extra = againChance > 0 && random() < againChance ? againShare : 0;
  if (high <= low) return mode + extra;
  const draw = random();
  const turn = (mode - low) / (high - low);
  const share =
    draw < turn ? low + Math.sqrt(draw * (high - low) * (mode - low)) : high - Math.sqrt((1 - draw) * (high - low) * (high - mode));
  return share + extra;
}

/** Mean of the share: (low + mode + high) ÷ 3, and what the pass more adds. */
export function meanShare({ low, mode, high, againChance, againShare }: TaskSpread): number {
  return (low + mode + high) / 3 + againChance * againShare;
}
