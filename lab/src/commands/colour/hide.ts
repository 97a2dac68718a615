import { coatRow, contrastRatio } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { readNumber } from '../../labError';
import { findInStock, readLab, readStock, roundLab } from '../../readColour';
import type { LabCommand } from '../labCommand';

const round = (value: number): number => Math.round(value * 1e4) / 1e4;

/** `hide STOCK.json --paint yellow --over "#232221" --coats 3` → colour after each coat, contrast ratio, coats to hide. */
export const hide: LabCommand = {
  name: 'hide',
  usage: 'hide STOCK.json --paint id --over L,a,b|#rrggbb [--coats n]',
  options: ['paint', 'over', 'coats'],
  run: ({ options, files }) => {
    const stock = readStock(files[0]);
    const paint = findInStock(stock, options['paint']);
    const row = coatRow(paint, readLab('over', options['over']), stock.mirrored);
    const coats = options['coats'] === undefined ? null : readNumber('coats', options['coats'], 0, 100);
    return {
      coats: row.steps.map((step) => ({
        coats: step.coats,
        lab: roundLab(step.lab),
        hex: hexOfLab(step.lab),
        toFull: round(step.toFull),
        contrastRatio: round(step.contrast),
      })),
      full: roundLab(row.full),
      toHide: row.toHide,
      toFullColour: row.toFullColour,
      range: row.range,
      ...(coats === null ? {} : { contrastRatio: round(contrastRatio(paint, coats, stock.mirrored)) }),
    };
  },
};
