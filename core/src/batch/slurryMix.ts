/** A slurry to brush into layer lines. */
export interface SlurryRecipe {
  readonly id: 'puttySolvent' | 'woodWater';
  readonly name: string;
  readonly solid: string;
  readonly liquid: string;
  /** parts of solid to one of liquid by volume, to milkshake thickness (common practice; the numbers are guessed) */
  readonly partsSolid: number;
  readonly note: string;
}

/** Slurries of common practice. */
export const SLURRIES: readonly SlurryRecipe[] = [
  {
    id: 'puttySolvent',
    name: 'Putty and solvent',
    solid: 'one-part putty',
    liquid: 'its solvent',
    partsSolid: 2,
    note: 'Thin until it runs off the brush like a milkshake. Solvent: outdoors, respirator, no flame. Softens solvent-soluble filament.',
  },
  {
    id: 'woodWater',
    name: 'Wood filler and water',
    solid: 'water-based wood filler',
    liquid: 'water',
    partsSolid: 2.5,
    note: 'Milkshake thickness; several thin coats. It stays soft under: prime soon.',
  },
];

/**
 * Solid and liquid for an amount of slurry, ml.
 *
 * @throws RangeError for an amount that is not above 0
 */
export function mixSlurry(
  recipe: SlurryRecipe,
  totalMillilitres: number,
): { readonly solidMillilitres: number; readonly liquidMillilitres: number } {
  if (!(totalMillilitres > 0 && Number.isFinite(totalMillilitres))) throw new RangeError(`an amount of ${totalMillilitres} ml is none`);
  const liquidMillilitres = totalMillilitres / (recipe.partsSolid + 1);
  return { solidMillilitres: totalMillilitres - liquidMillilitres, liquidMillilitres };
}
