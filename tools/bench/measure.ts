/** Median time of some runs after two to warm up, ms. */
export function medianMs(work: () => unknown, runs = 9): number {
  work();
  work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? Number.NaN;
}

/** A fixed piece of plain work on this machine in this run, against which the rest is told: sorting 200,000 numbers. */
export function referenceMs(): number {
  return medianMs(() => {
    let seed = 1;
    const values = Float64Array.from({ length: 200_000 }, () => (seed = (seed * 16_807) % 2_147_483_647));
    return values.sort();
  });
}
