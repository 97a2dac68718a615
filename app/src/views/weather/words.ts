import { findAge } from '@zinc-ladder/core/ladder/ages';
import { looksLike } from '@zinc-ladder/core/weather/seen/age';

/** A share as whole percents; what is there, but less than one, says so. */
export function percent(share: number): string {
  if (share > 0 && share < 0.005) return 'under 1 %';
  return `${Math.round(share * 100)} %`;
}

/** How a figure of age reads: `worn`. */
export function ageWords(age: number): string {
  return findAge(looksLike(age)).name.toLowerCase();
}
