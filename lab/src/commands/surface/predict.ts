import { backingOf, coatOfMix, labOver } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { readNumber } from '../../labError';
import { findInStock, readLab, readRecipe, readStock, roundLab } from '../../readColour';
import type { LabCommand } from '../labCommand';

/** `predict STOCK.json --recipe "green:8,ochre:3" [--over "#a7a8aa" --coats 2]` → the colour of a mix, hiding or over a backing. */
export const predict: LabCommand = {
  name: 'predict',
  usage: 'predict STOCK.json --recipe id:parts,… [--over L,a,b|#rrggbb --coats n]',
  options: ['recipe', 'over', 'coats'],
  run: ({ options, files }) => {
    const stock = readStock(files[0]);
    const recipe = readRecipe(stock, options['recipe']);
    const mix = coatOfMix(
      recipe.map((part) => ({ ...part, scatterPerCoat: findInStock(stock, part.paint.id).scatterPerCoat })),
      stock.mirrored,
    );
    const full = mix.paint.lab;
    if (options['over'] === undefined) return { lab: roundLab(full), hex: hexOfLab(full) };
    const coats = readNumber('coats', options['coats'] ?? '1', 0, 100);
    const lab = labOver(mix, coats, backingOf(readLab('over', options['over']), stock.mirrored), stock.mirrored);
    return { lab: roundLab(lab), hex: hexOfLab(lab) };
  },
};
