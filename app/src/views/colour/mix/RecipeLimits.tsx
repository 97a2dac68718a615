import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { SelectField } from '../../../ui/fields/fields';
import { Swatch } from '../../../ui/swatch/Swatch';

/** What a recipe may be. */
export interface RecipeWish {
  readonly paints: number;
  readonly parts: number;
  readonly mayBuy: boolean;
  readonly unit: 'drops' | 'ml' | 'grams';
  readonly mustUse: readonly string[];
  readonly neverUse: readonly string[];
}

/** Four paints, two dozen drops, from the shelf. */
export const USUAL_WISH: RecipeWish = { paints: 4, parts: 24, mayBuy: false, unit: 'drops', mustUse: [], neverUse: [] };

type Use = 'may' | 'must' | 'never';

/** Limits of a recipe: how many paints and drops, which of them. */
export function RecipeLimits({
  wish,
  mixable,
  onChange,
}: {
  readonly wish: RecipeWish;
  readonly mixable: readonly Product[];
  readonly onChange: (wish: RecipeWish) => void;
}) {
  const wishOf = (id: string): Use => (wish.mustUse.includes(id) ? 'must' : wish.neverUse.includes(id) ? 'never' : 'may');
  const setUse = (id: string, use: Use): void =>
    onChange({
      ...wish,
      mustUse: use === 'must' ? [...wish.mustUse, id] : wish.mustUse.filter((entry) => entry !== id),
      neverUse: use === 'never' ? [...wish.neverUse, id] : wish.neverUse.filter((entry) => entry !== id),
    });
  const bound = wish.mustUse.length + wish.neverUse.length;
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <SelectField
          label="At most"
          value={String(wish.paints)}
          options={[1, 2, 3, 4].map((count) => [String(count), `${count} paint${count === 1 ? '' : 's'}`] as const)}
          onChange={(count) => onChange({ ...wish, paints: Number(count), mustUse: wish.mustUse.slice(0, Number(count)) })}
        />
        <SelectField
          label="In all at most"
          value={String(wish.parts)}
          options={[6, 9, 12, 18, 24, 32, 48].map((count) => [String(count), `${count} drops`] as const)}
          onChange={(count) => onChange({ ...wish, parts: Number(count) })}
        />
        <SelectField
          label="Measured in"
          value={wish.unit}
          options={[
            ['drops', 'whole drops'],
            ['ml', 'millilitres'],
            ['grams', 'grams'],
          ]}
          onChange={(unit) => onChange({ ...wish, unit: unit === 'ml' || unit === 'grams' ? unit : 'drops' })}
        />
        <SelectField
          label="From"
          value={wish.mayBuy ? 'buy' : 'shelf'}
          options={[
            ['shelf', 'the shelf'],
            ['buy', 'shelf and what may be bought'],
          ]}
          onChange={(from) => onChange({ ...wish, mayBuy: from === 'buy' })}
        />
      </div>
      <details>
        <summary className="font-label min-h-9 cursor-pointer font-semibold">
          Which paints{bound > 0 ? `: ${wish.mustUse.length} must, ${wish.neverUse.length} never` : ''}
        </summary>
        <ul className="grid gap-1 pt-1 sm:grid-cols-2">
          {mixable.map((product) => (
            <li key={product.id} className="flex items-center gap-2">
              <Swatch colourHex={hexOfProduct(product)} className="h-6 w-6" />
              <span className="min-w-0 flex-1 truncate">{product.name}</span>
              <select
                aria-label={`Use of ${product.name}`}
                className="field w-24"
                value={wishOf(product.id)}
                onChange={(event) => setUse(product.id, event.target.value as Use)}
              >
                <option value="may">may</option>
                <option value="must" disabled={wishOf(product.id) !== 'must' && wish.mustUse.length >= wish.paints}>
                  must
                </option>
                <option value="never">never</option>
              </select>
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}
