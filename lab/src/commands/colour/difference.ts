import { difference as ciede2000 } from '@zinc-ladder/core/colour/lab';
import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { readLab } from '../../readColour';
import type { LabCommand } from '../labCommand';

/** `difference --a 50,2.7,-79.8 --b 50,0,-82.7` → CIEDE2000 and how `a` differs from `b`. */
export const difference: LabCommand = {
  name: 'difference',
  usage: 'difference --a L,a,b|#rrggbb --b L,a,b|#rrggbb',
  options: ['a', 'b'],
  run: ({ options }) => {
    const a = readLab('a', options['a']);
    const b = readLab('b', options['b']);
    const { band, words } = tellDifference(a, b);
    return { dE00: Math.round(ciede2000(a, b) * 1e6) / 1e6, band, words };
  },
};
