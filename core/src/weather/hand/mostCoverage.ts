/** Coverage that a technique tends to on a part: what the rehearsal shows at amount 1 is `1 − 1/e` of it, so that a hand of 1 lays on as stated. */
export function mostCoverage(coverageAtFull: number): number {
  return Math.min(1, coverageAtFull / (1 - Math.exp(-1)));
}
