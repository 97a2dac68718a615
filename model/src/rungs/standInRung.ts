import { BANDS } from '@zinc-ladder/core/ladder/bands';
import type { Rung } from '../records/ladder/rung';

type Step = Pick<Rung, 'id' | 'methodId' | 'band' | 'name'>;

/**
 * The rung that replaces one that was removed, so that joins and references to it stay. It is the rung of the same method with the same
 * name, or at the same place among the rungs of that method; else the last rung of its band or an earlier one; else the first rung.
 *
 * @param gone the rung that went and the ladder it stood on, bottom first; null: nothing is known of it
 * @param candidates the rungs there are now, bottom first
 */
export function standInRung<Found extends Step>(
  gone: { readonly rung: Step; readonly ladder: readonly Step[] } | null,
  candidates: readonly Found[],
): Found | null {
  if (!gone) return candidates.find((rung) => rung.methodId === 'bond') ?? candidates.at(-1) ?? null;
  const { rung, ladder } = gone;
  const same = candidates.filter((entry) => entry.methodId === rung.methodId);
  const ordinal = ladder.filter((entry) => entry.methodId === rung.methodId).findIndex((entry) => entry.id === rung.id);
  if (same.length > 0)
    return same.find((entry) => entry.name === rung.name) ?? same[Math.min(Math.max(0, ordinal), same.length - 1)] ?? null;
  const rank = (band: string): number => BANDS.findIndex((entry) => entry.id === band);
  return candidates.findLast((entry) => rank(entry.band) <= rank(rung.band)) ?? candidates[0] ?? null;
}
