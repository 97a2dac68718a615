/** A chance as it is said: never 0 or 100 % where it is not quite that. */
export function percentWords(chance: number): string {
  if (chance > 0 && chance < 0.005) return 'under 1 %';
  if (chance < 1 && chance > 0.995) return 'over 99 %';
  return `${Math.round(chance * 100)} %`;
}
