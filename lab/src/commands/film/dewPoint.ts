import { dewPointCelsius } from '@zinc-ladder/core/climate/dewPoint';
import { readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';

/** `dew-point --temp 25 --rh 50` → `{"dewPoint":13.86…}` in °C. */
export const dewPoint: LabCommand = {
  name: 'dew-point',
  usage: 'dew-point --temp °C --rh %',
  options: ['temp', 'rh'],
  run: ({ options }) => ({
    dewPoint: dewPointCelsius(readNumber('temp', options['temp'], -45, 60), readNumber('rh', options['rh'], 0.1, 100)),
  }),
};
