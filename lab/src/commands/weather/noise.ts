import { hashOfCell, octaveNoise, shareOfOctaveNoise } from '@zinc-ladder/core/weather/places/noise';
import { LabError, readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';
import { round } from './readWeather';

/** `weather-noise --at 0.5,0.5,0.5 --seed 1` → hash of its cell, noise of three octaves, and the share of places under that. */
export const weatherNoise: LabCommand = {
  name: 'weather-noise',
  usage: 'weather-noise --at x,y,z --seed n',
  options: ['at', 'seed'],
  run: ({ options }) => {
    const [x = NaN, y = NaN, z = NaN, ...more] = (options['at'] ?? '').split(',').map((part) => (part.trim() === '' ? NaN : Number(part)));
    if (![x, y, z].every(Number.isFinite) || more.length > 0)
      throw new LabError(`--at must be three numbers, got "${options['at'] ?? ''}"`);
    const seed = Math.round(readNumber('seed', options['seed'] ?? '1', 0, 2 ** 31));
    const noise = octaveNoise(x, y, z, seed);
    return { hash: hashOfCell(Math.floor(x), Math.floor(y), Math.floor(z), seed), noise, share: round(shareOfOctaveNoise(noise)) };
  },
};
