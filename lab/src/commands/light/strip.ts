import { ADDRESSABLE_MILLIAMPS } from '@zinc-ladder/core/light/batteryHours';
import { ENOUGH_SHARE, STRIP_REFUSAL_WORDS, stripVolts } from '@zinc-ladder/core/light/stripVolts';
import { LabError } from '../../labError';
import { fieldsOf, hasField, listAt, numberAt } from '../../readFields';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

const MOST_LEDS = 20_000;

/**
 * `strip FILE` → voltage at each LED of a strip and where to feed it again. File: `{"volts","leds","milliampsEach"?: 60 as an addressable LED at full white, or "ohmsEach","ohmsPerLed","leadOhms",
 * "feeds":[index],"enough"?: share of the supply}`.
 */
export const strip: LabCommand = {
  name: 'strip',
  usage: 'strip FILE',
  options: [],
  run: ({ files }) => {
    const file = { ...fieldsOf(readJson(files[0]), files[0] ?? 'the file'), path: '' };
    const leds = numberAt(file, 'leds', { least: 0, most: MOST_LEDS });
    if (!Number.isInteger(leds)) throw new LabError('leds must be a whole number');
    if (leds === 0) throw new LabError(STRIP_REFUSAL_WORDS.noLeds);
    const found = stripVolts(
      {
        volts: numberAt(file, 'volts', { least: 0.1, most: 48 }),
        leds,
        load: hasField(file, 'ohmsEach')
          ? { ohmsEach: numberAt(file, 'ohmsEach', { least: 1e-3 }) }
          : { milliampsEach: numberAt(file, 'milliampsEach', { least: 0, most: 10_000, usual: ADDRESSABLE_MILLIAMPS }) },
        ohmsPerLed: numberAt(file, 'ohmsPerLed', { least: 0, most: 1e6 }),
        leadOhms: numberAt(file, 'leadOhms', { least: 0, most: 1e6, usual: 0 }),
        feeds: hasField(file, 'feeds')
          ? listAt(file, 'feeds', (value, path) => {
              if (typeof value !== 'number' || !Number.isInteger(value) || value < 0 || value >= leds)
                throw new LabError(`${path} must be the place of an LED, 0 to ${leds - 1}`);
              return value;
            })
          : [0],
      },
      numberAt(file, 'enough', { least: 0, most: 1, usual: ENOUGH_SHARE }),
    );
    if ('refusal' in found) throw new LabError(STRIP_REFUSAL_WORDS[found.refusal]);
    return found;
  },
};
