import type { Addition } from '@zinc-ladder/core/colour/cards/correctMix';
import { correctMix } from '@zinc-ladder/core/colour/cards/correctMix';
import type { LearnedStrengths, StrengthCard } from '@zinc-ladder/core/colour/cards/learnStrengths';
import { learnStrengths } from '@zinc-ladder/core/colour/cards/learnStrengths';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { paintOf } from '@zinc-ladder/core/colour/paint';
import type { Recipe, RecipeLimits, RecipeShelf } from '@zinc-ladder/core/colour/recipe/searchRecipes';
import { searchRecipes, shelveRecipes } from '@zinc-ladder/core/colour/recipe/searchRecipes';

/** A paint as it is sent to the desk. */
export interface DeskPaint {
  readonly id: string;
  readonly lab: Lab;
  readonly strength: number;
  /** strength that is usual for its kind of pigment: cards teach against it; left out: white's */
  readonly usual?: number;
}

/** Paints, and what their surface mirrors. */
export interface DeskShelf {
  readonly paints: readonly DeskPaint[];
  readonly mirrored: number;
}

/** A batch that came out wrong. */
export interface DeskBatch {
  readonly lab: Lab;
  readonly parts: number;
  /** parts × strength of what was mixed */
  readonly mass: number;
}

/** Everything about mixes that takes longer than a moment; lives in a worker. */
export interface ColourApi {
  /** recipes for a target; the table of a shelf is made once and kept while the shelf stays the same */
  readonly recipes: (shelf: DeskShelf, target: Lab, limits: RecipeLimits) => readonly Recipe[];
  readonly correct: (shelf: DeskShelf, batch: DeskBatch, target: Lab, mostParts: number) => readonly Addition[];
  readonly learn: (shelf: DeskShelf, cards: readonly StrengthCard[], fixedId: string | null) => LearnedStrengths;
}

/** A desk with an empty shelf. */
export function createColourApi(): ColourApi {
  let known: { readonly key: string; readonly shelf: RecipeShelf } | null = null;
  const shelve = (given: DeskShelf): RecipeShelf => {
    const key = JSON.stringify(given);
    if (known?.key !== key) known = { key, shelf: shelveRecipes(paintsOf(given), given.mirrored) };
    return known.shelf;
  };
  return {
    recipes: (shelf, target, limits) => (shelf.paints.length === 0 ? [] : searchRecipes(shelve(shelf), target, limits)),
    correct: (shelf, batch, target, mostParts) =>
      correctMix(
        paintOf('batch', batch.lab, batch.mass / batch.parts, shelf.mirrored),
        batch.parts,
        paintsOf(shelf),
        target,
        shelf.mirrored,
        mostParts,
      ),
    learn: (shelf, cards, fixedId) =>
      learnStrengths(paintsOf(shelf), cards, fixedId, shelf.mirrored, new Map(shelf.paints.map(({ id, usual = 1 }) => [id, usual]))),
  };
}

function paintsOf({ paints, mirrored }: DeskShelf) {
  return paints.map((paint) => paintOf(paint.id, paint.lab, paint.strength, mirrored));
}
