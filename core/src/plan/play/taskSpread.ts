import type { RandomSource } from '../../random/seededRandom';

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

/** Minutes that are known. */
export const CERTAIN: TaskSpread = { low: 1, mode: 1, high: 1, againChance: 0, againShare: 0 };

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
