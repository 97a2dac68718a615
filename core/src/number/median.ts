/** The middle of some values, the mean of both middles where their number is even; 0 for none. */
export function median(values: ArrayLike<number>): number {
  const rising = Float64Array.from(values).sort();
  const half = rising.length >> 1;
  if (rising.length === 0) return 0;
  return rising.length % 2 === 1 ? (rising[half] as number) : ((rising[half - 1] as number) + (rising[half] as number)) / 2;
}
