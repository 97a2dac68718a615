import type { Photo, PhotoPoint } from '@zinc-ladder/core/weather/photograph/photo';
import { photoOfPixels } from '@zinc-ladder/core/weather/photograph/photo';
import { readCoverage } from '@zinc-ladder/core/weather/photograph/readCoverage';
import { LabError } from '../../labError';
import { readLab } from '../../readColour';
import { readJson } from '../../readFile';
import { readPicture } from '../../readPicture';
import type { LabCommand } from '../labCommand';
import { round } from './readWeather';

/** `weather-photo AFTER.png --clean CLEAN.png --pins PINS.json --base … --deposit … --area x,y,width,height` → share covered, its interval, or why not. */
export const weatherPhoto: LabCommand = {
  name: 'weather-photo',
  usage:
    'weather-photo AFTER.png [--clean CLEAN.png] [--pins PINS.json] --base L,a,b|#rrggbb --deposit L,a,b|#rrggbb [--area x,y,width,height]; pins: {"pairs":[{"after":[x,y],"clean":[x,y]}],"clean":[[x,y]]}',
  options: ['clean', 'pins', 'base', 'deposit', 'area'],
  run: ({ options, files }) => {
    const base = readLab('base', options['base']);
    const deposit = readLab('deposit', options['deposit']);
    const after = readPhoto(files[0]);
    const clean = options['clean'] === undefined ? null : readPhoto(options['clean']);
    const pins = options['pins'] === undefined ? { pairs: [], clean: [] } : readPins(options['pins']);
    const reading = readCoverage({
      after: after.photo,
      clean: clean?.photo ?? null,
      pairs: pins.pairs,
      cleanPins: pins.clean,
      base,
      deposit,
      area: readArea(options['area'], after.width, after.height),
    });
    const rounded = (value: number | null): number | null => (value === null ? null : round(value));
    return {
      coverage: rounded(reading.coverage),
      low: rounded(reading.low),
      high: rounded(reading.high),
      refusal: reading.refusal,
      how: reading.how,
    };
  },
};

function readPhoto(path: string | undefined): { readonly photo: Photo; readonly width: number; readonly height: number } {
  const { data, width, height } = readPicture(path);
  return { photo: photoOfPixels(data, width, height), width, height };
}

function readPins(path: string) {
  const file = readJson(path) as { pairs?: unknown; clean?: unknown } | null;
  const point = (value: unknown): PhotoPoint => {
    if (!Array.isArray(value) || value.length !== 2 || !value.every((part) => typeof part === 'number' && Number.isFinite(part)))
      throw new LabError(`${path}: a pin must be two numbers`);
    return [value[0] as number, value[1] as number];
  };
  const list = (value: unknown): unknown[] => (Array.isArray(value) ? (value as unknown[]) : []);
  return {
    pairs: list(file?.pairs).map((pair) => {
      const given = (pair ?? {}) as { after?: unknown; clean?: unknown };
      return { after: point(given.after), clean: point(given.clean) };
    }),
    clean: list(file?.clean).map(point),
  };
}

function readArea(text: string | undefined, width: number, height: number) {
  if (text === undefined) return { left: 0, top: 0, width, height };
  const [left = NaN, top = NaN, wide = NaN, high = NaN] = text.split(',').map(Number);
  if (![left, top, wide, high].every(Number.isFinite) || wide <= 0 || high <= 0)
    throw new LabError(`--area must be x,y,width,height, got "${text}"`);
  return { left, top, width: wide, height: high };
}
