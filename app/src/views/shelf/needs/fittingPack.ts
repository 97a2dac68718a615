import type { Pack } from '@zinc-ladder/model/records/shelf/pack';

/** How many of one pack cover an amount. */
export type FittingPack = Pack & { readonly count: number };

/** The pack that covers an amount for least money; of those without a price the one with least over. Null: nobody sells any. */
export function fittingPack(packs: readonly Pack[], missing: number): FittingPack | null {
  if (missing <= 0) return null;
  const [best] = packs
    .map((pack) => ({ ...pack, count: Math.max(1, Math.ceil(missing / pack.amount - 1e-9)) }))
    .toSorted(
      (a, b) =>
        Number(a.price === null) - Number(b.price === null) ||
        (a.price ?? 0) * a.count - (b.price ?? 0) * b.count ||
        a.amount * a.count - b.amount * b.count,
    );
  return best ?? null;
}
