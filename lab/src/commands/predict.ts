import { backingOf, labOver } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { mixLab, mixMass, mixRatio } from '@zinc-ladder/core/colour/paint';
import { readNumber } from '../labError';
import { findInStock, readLab, readRecipe, readStock, roundLab } from '../readColour';
import type { LabCommand } from './labCommand';

/** `predict STOCK.json --recipe "green:8,ochre:3" [--over "#a7a8aa" --coats 2]` → the colour of a mix, hiding or over a backing. */
export const predict: LabCommand = {
  name: 'predict',
  usage: 'predict STOCK.json --recipe id:parts,… [--over L,a,b|#rrggbb --coats n]',
  options: ['recipe', 'over', 'coats'],
  run: ({ options, files }) => {
    const stock = readStock(files[0]);
    const recipe = readRecipe(stock, options['recipe']);
    const full = mixLab(recipe, stock.mirrored);
    if (options['over'] === undefined) return { lab: roundLab(full), hex: hexOfLab(full) };
    const total = recipe.reduce((sum, { parts }) => sum + parts, 0);
    // Parts by volume scatter as much as they are there.
    const scatterPerCoat = recipe.reduce((sum, { paint, parts }) => sum + (parts / total) * findInStock(stock, paint.id).scatterPerCoat, 0);
    const paint = { id: 'mix', lab: full, ratio: mixRatio(recipe), strength: mixMass(recipe) / total };
    const coats = readNumber('coats', options['coats'] ?? '1', 0, 100);
    const lab = labOver({ paint, scatterPerCoat }, coats, backingOf(readLab('over', options['over']), stock.mirrored), stock.mirrored);
    return { lab: roundLab(lab), hex: hexOfLab(lab) };
  },
};
