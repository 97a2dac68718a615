import type { Ladder } from '../../records/ladder/ladder';
import type { Part } from '../../records/prop/part';

/** Parts of two props that should match; null where the other prop has none. */
export interface PartPair {
  readonly a: Part | null;
  readonly b: Part | null;
}

/**
 * Parts of two props beside each other: first those of one name, then those of one material and finish in their order; the rest stands alone.
 *
 * @param ladders by part
 */
export function pairParts(
  a: readonly Part[],
  b: readonly Part[],
  ladders: ReadonlyMap<string, Pick<Ladder, 'route'>>,
): readonly PartPair[] {
  const kindOf = ({ id, materialId }: Part): string => `${materialId} ${ladders.get(id)?.route?.finish ?? ''}`;
  const nameOf = ({ name }: Part): string => name.trim().toLowerCase();
  const left = new Set(b);
  const pairs = new Map<Part, Part>();
  for (const same of [nameOf, kindOf])
    for (const one of a) {
      if (pairs.has(one)) continue;
      const twin = [...left].find((other) => same(other) === same(one));
      if (!twin) continue;
      pairs.set(one, twin);
      left.delete(twin);
    }
  return [...a.map((one): PartPair => ({ a: one, b: pairs.get(one) ?? null })), ...[...left].map((one): PartPair => ({ a: null, b: one }))];
}
