import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { preferRecipe, searchRecipes, shelveRecipes } from '@zinc-ladder/core/colour/recipe/searchRecipes';
import { readNumber } from '../../labError';
import { findInStock, readLab, readStock, roundLab } from '../../readColour';
import type { LabCommand } from '../labCommand';

/** `mix STOCK.json --target "#3c5c4c" --paints 4 --parts 24` → recipes with predicted Lab and ΔE00, best first. */
export const mix: LabCommand = {
  name: 'mix',
  usage: 'mix STOCK.json --target L,a,b|#rrggbb [--paints 4] [--parts 24] [--must id,id] [--never id,id]',
  options: ['target', 'paints', 'parts', 'must', 'never'],
  run: ({ options, files }) => {
    const stock = readStock(files[0]);
    const target = readLab('target', options['target']);
    const idsOf = (text: string | undefined): string[] =>
      (text ?? '')
        .split(',')
        .filter((id) => id.trim() !== '')
        .map((id) => findInStock(stock, id.trim()).paint.id);
    const recipes = searchRecipes(
      shelveRecipes(
        stock.paints.map(({ paint }) => paint),
        stock.mirrored,
      ),
      target,
      {
        paints: readNumber('paints', options['paints'] ?? '4', 1, 4),
        parts: readNumber('parts', options['parts'] ?? '24', 1, 64),
        mustUse: idsOf(options['must']),
        neverUse: idsOf(options['never']),
      },
    );
    const preferred = preferRecipe(recipes);
    return {
      target: roundLab(target),
      recipes: recipes.map((recipe) => ({
        parts: Object.fromEntries(recipe.parts.map(({ paintId, parts }) => [paintId, parts])),
        totalParts: recipe.totalParts,
        lab: roundLab(recipe.lab),
        hex: hexOfLab(recipe.lab),
        dE00: Math.round(recipe.difference * 1e4) / 1e4,
        isPreferred: recipe === preferred,
      })),
    };
  },
};
