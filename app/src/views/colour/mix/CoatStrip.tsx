import { coatOfMix, coatRow } from '@zinc-ladder/core/colour/coats/coatsOver';
import type { MixPart } from '@zinc-ladder/core/colour/paint';
import { labOfProduct, scatterOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useState } from 'react';
import { useTable } from '../../../data/queries';
import { CoatRowStrip } from '../CoatRowStrip';

/** How a mix covers what is under it, coat by coat. */
export function CoatStrip({
  mix,
  mirrored,
}: {
  readonly mix: readonly (MixPart & { readonly product: Product })[];
  readonly mirrored: number;
}) {
  const under = useTable('products').filter((product) => labOfProduct(product) !== null && !product.classId.endsWith('Clear'));
  const [underId, setUnderId] = useState<string | null>(null);
  const chosen =
    under.find((product) => product.id === underId) ??
    under.find((product) => product.classId === 'metallicLacquer') ??
    under.find((product) => product.classId === 'primer') ??
    under[0];
  const backing = chosen ? labOfProduct(chosen) : null;
  const row =
    backing && mix.length > 0
      ? coatRow(
          coatOfMix(
            mix.map((part) => {
              const { value, spread } = scatterOf(part.product);
              return { ...part, scatterPerCoat: value, scatterSpread: spread };
            }),
            mirrored,
          ),
          backing,
          mirrored,
        )
      : null;
  if (!row || !chosen) return null;
  const isGuessed = mix.some((part) => scatterOf(part.product).isGuessed);
  return (
    <div>
      <CoatRowStrip row={row} underName={`${chosen.name.split(',')[0]} below`} />
      <div className="mt-1 flex flex-wrap items-center gap-2 text-sm">
        <select aria-label="Over" className="field w-52" value={chosen.id} onChange={(event) => setUnderId(event.target.value)}>
          {under.map((product) => (
            <option key={product.id} value={product.id}>
              over {product.name}
            </option>
          ))}
        </select>
        <span className="text-dim">
          {isGuessed
            ? 'How much a coat hides is guessed from its thickness and pigment; a card over black and white tells it (Coats).'
            : 'By cards over black and white.'}
        </span>
      </div>
    </div>
  );
}
