import { AGES } from '@zinc-ladder/core/ladder/ages';

/** A share as whole percents; what is there, but less than one, says so. */
export function percent(share: number): string {
  if (share > 0 && share < 0.005) return 'under 1 %';
  return `${Math.round(share * 100)} %`;
}

/** Ages by how old a part looks: the whole recipe of a rendered crate came to 50 (guessed from there). */
const LOOKS = [
  [5, 'new'],
  [22, 'inUse'],
  [36, 'worn'],
  [46, 'battered'],
  [Infinity, 'ancient'],
] as const;

/** How a figure of age reads: `worn`. */
export function ageWords(age: number): string {
  const id = LOOKS.find(([below]) => age < below)?.[1] ?? 'ancient';
  return (AGES.find((entry) => entry.id === id)?.name ?? id).toLowerCase();
}
