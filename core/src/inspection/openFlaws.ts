/** A flaw as far as passes go. */
export interface PassedFlaw {
  readonly foundPassId: string | null;
  readonly fixedPassId: string | null;
}

/** Flaws found and open after each of some passes, in the order of the passes. */
export function countOpenFlaws(passIds: readonly string[], flaws: readonly PassedFlaw[]): number[] {
  const places = new Map(passIds.map((id, place) => [id, place]));
  return passIds.map(
    (_, place) =>
      flaws.filter(({ foundPassId, fixedPassId }) => {
        const found = foundPassId === null ? -1 : (places.get(foundPassId) ?? -1);
        const fixed = fixedPassId === null ? Infinity : (places.get(fixedPassId) ?? Infinity);
        return found <= place && place < fixed;
      }).length,
  );
}
