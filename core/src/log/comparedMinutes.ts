/** Planned and actual minutes of one logged rung; null where one is not known. */
export interface LoggedMinutes {
  readonly key: string;
  readonly planned: number | null;
  readonly actual: number | null;
}

/** Planned and actual minutes added up by a key. */
export interface MinutesSum {
  readonly key: string;
  readonly planned: number;
  readonly actual: number;
  readonly count: number;
}

/** The sums with the whole. */
export interface ComparedMinutes {
  /** by key, most actual minutes first */
  readonly sums: readonly MinutesSum[];
  readonly planned: number;
  readonly actual: number;
  readonly count: number;
  /** actual ÷ planned; null where nothing was planned */
  readonly ratio: number | null;
}

/** Compares what was planned with what it took, over the rungs that have both. */
export function compareMinutes(entries: readonly LoggedMinutes[]): ComparedMinutes {
  const byKey = new Map<string, { planned: number; actual: number; count: number }>();
  const whole = { planned: 0, actual: 0, count: 0 };
  for (const { key, planned, actual } of entries) {
    if (planned === null || actual === null) continue;
    const sum = byKey.get(key) ?? { planned: 0, actual: 0, count: 0 };
    for (const target of [sum, whole]) {
      target.planned += planned;
      target.actual += actual;
      target.count += 1;
    }
    byKey.set(key, sum);
  }
  const sums = [...byKey].map(([key, sum]) => ({ key, ...sum })).sort((a, b) => b.actual - a.actual);
  return { sums, ...whole, ratio: whole.planned > 0 ? whole.actual / whole.planned : null };
}
