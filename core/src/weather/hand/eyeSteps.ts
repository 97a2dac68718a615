/** Steps of coverage that are told apart by eye side by side, from too little to too much (guessed: each about half as much again). */
export const EYE_STEPS = [0.02, 0.05, 0.1, 0.17, 0.26, 0.38, 0.55, 0.75] as const;

/** Half of the interval of a coverage judged by eye beside such a row: about a step to both sides (guessed until cards say more). */
export function eyeHalf(coverage: number): number {
  return 0.03 + 0.35 * coverage;
}
