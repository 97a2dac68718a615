import { FORWARD_VOLTS, STRING_REFUSAL_WORDS, stringResistor } from '@zinc-ladder/core/light/stringResistor';
import { LabError, readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';

/** Forward voltage of an LED: a number, or a colour for the middle of what is usual for it. */
function forwardOf(text: string): number {
  const usual = Object.entries(FORWARD_VOLTS).find(([colour]) => colour === text.trim());
  if (usual) return (usual[1].least + usual[1].most) / 2;
  if (Number.isNaN(Number(text)) || text.trim() === '')
    throw new LabError(`--forward must be numbers or ${Object.keys(FORWARD_VOLTS).join(', ')}, with commas between them; got "${text}"`);
  return readNumber('forward', text, 0.1, 48);
}

/** `led --supply 9 --forward 2.0,2.0 --milliamps 20` → resistor of a string, next value up of E24, and its heat. Colours stand for usual voltages. */
export const led: LabCommand = {
  name: 'led',
  usage: 'led --supply V --forward V|colour[,…] --milliamps mA',
  options: ['supply', 'forward', 'milliamps'],
  run: ({ options }) => {
    const found = stringResistor({
      supplyVolts: readNumber('supply', options['supply'], 0, 48),
      forwardVolts: (options['forward'] ?? '').split(',').map(forwardOf),
      milliamps: readNumber('milliamps', options['milliamps'], 0, 10_000),
    });
    if ('refusal' in found) throw new LabError(STRING_REFUSAL_WORDS[found.refusal]);
    const { ohms, ratingWatts, milliamps, watts, brightness } = found;
    return { resistorOhms: ohms, ratingWatts, milliamps, watts, brightness };
  },
};
