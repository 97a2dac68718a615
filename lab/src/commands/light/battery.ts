import { batteryHours, CELLS } from '@zinc-ladder/core/light/batteryHours';
import { LabError, readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';

function capacityOf(mah: string | undefined, cell: string | undefined): number {
  if (cell === undefined) return readNumber('mah', mah, 1e-3, 1e7);
  const known = Object.entries(CELLS).find(([id]) => id === cell);
  if (!known) throw new LabError(`--cell must be one of ${Object.keys(CELLS).join(', ')}, got "${cell}"`);
  return known[1].milliampHours;
}

/** `battery --mah 2000 --milliamps 85 --usable 0.8` → hours of light. */
export const battery: LabCommand = {
  name: 'battery',
  usage: 'battery --mah mAh|--cell aa --milliamps mA --usable share [--brightness share] [--efficiency share]',
  options: ['mah', 'cell', 'milliamps', 'usable', 'brightness', 'efficiency'],
  run: ({ options }) => ({
    hours: batteryHours({
      milliampHours: capacityOf(options['mah'], options['cell']),
      milliamps: readNumber('milliamps', options['milliamps'], 1e-3, 1e6),
      usable: readNumber('usable', options['usable'] ?? '0.8', 1e-3, 1),
      brightness: readNumber('brightness', options['brightness'] ?? '1', 1e-3, 1),
      efficiency: readNumber('efficiency', options['efficiency'] ?? '1', 1e-3, 1),
    }),
  }),
};
