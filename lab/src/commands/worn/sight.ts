import { readSight } from '@zinc-ladder/core/wearing/sight';
import { readNumber } from '../../labError';
import { readSides } from '../../readSides';
import type { LabCommand } from '../labCommand';

/** `sight --opening 90x35 --distance 28 [--light 0.6]` → what a wearer sees; mm and degrees. */
export const sight: LabCommand = {
  name: 'sight',
  usage: 'sight --opening WxH --distance mm [--light share] [--aside mm] [--above mm]',
  options: ['opening', 'distance', 'light', 'aside', 'above'],
  run: ({ options }) => {
    const [width = 0, height = 0] = readSides('opening', options['opening'], 2);
    return readSight({
      width,
      height,
      distance: readNumber('distance', options['distance'], 0.1, 1e4),
      aside: readNumber('aside', options['aside'] ?? '0', -1e4, 1e4),
      above: readNumber('above', options['above'] ?? '0', -1e4, 1e4),
      transmission: readNumber('light', options['light'] ?? '1', 0, 1),
    });
  },
};
