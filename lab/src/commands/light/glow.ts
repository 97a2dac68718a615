import { EVEN_PERCENT, GLOW_REFUSAL_WORDS, readGlow } from '@zinc-ladder/core/light/glow';
import type { LedColour } from '@zinc-ladder/core/light/glowColour';
import { LED_COLOURS, seeLight, spectrumOfLed, transmissionOf } from '@zinc-ladder/core/light/glowColour';
import { LabError } from '../../labError';
import { fieldsOf, hasField, numberAt, textAt } from '../../readFields';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

/**
 * `glow FILE` → hot spots of a row of LEDs on its skin (per cent), the distance at which it is even, sheets of foam instead, and the colour seen. File, mm:
 * `{"pitch","distance","leds","beam"?: degrees,"even"?: per cent,"led"?: "warm"|…,"skin"?: "#hex" against white}`.
 */
export const glow: LabCommand = {
  name: 'glow',
  usage: 'glow FILE',
  options: [],
  run: ({ files }) => {
    const file = { ...fieldsOf(readJson(files[0]), files[0] ?? 'the file'), path: '' };
    const found = readGlow(
      {
        pitch: numberAt(file, 'pitch', { least: 0, most: 1e5 }),
        distance: numberAt(file, 'distance', { least: 0, most: 1e5 }),
        leds: numberAt(file, 'leds', { least: 0, most: 20_000 }),
        beam: numberAt(file, 'beam', { usual: 120 }),
      },
      numberAt(file, 'even', { least: 0.1, most: 99, usual: EVEN_PERCENT }),
    );
    if ('refusal' in found) throw new LabError(GLOW_REFUSAL_WORDS[found.refusal]);
    const skin = hasField(file, 'skin') ? textAt(file, 'skin') : null;
    if (skin !== null && !/^#[0-9a-f]{6}$/iu.test(skin)) throw new LabError(`skin must be a colour as #d6a04f, got "${skin}"`);
    const seen = seeLight(spectrumOfLed(ledOf(textAt(file, 'led', 'warm'))), skin === null ? null : transmissionOf(skin.toLowerCase()));
    return {
      ripple: found.ripplePercent,
      distanceForEven: found.distanceForEven,
      sheetsForEven: found.sheetsForEven,
      hex: seen.hex,
      lightShare: seen.share,
      chromaticity: [seen.x, seen.y],
    };
  },
};

function ledOf(name: string): LedColour {
  const colour = LED_COLOURS.find((one) => one === name);
  if (!colour) throw new LabError(`led must be one of ${LED_COLOURS.join(', ')}`);
  return colour;
}
