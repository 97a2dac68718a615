import type { DonePass } from '@zinc-ladder/core/weather/hand/hand';
import { nextPass } from '@zinc-ladder/core/weather/hand/hand';
import { photoHalf } from '@zinc-ladder/core/weather/photograph/readCoverage';
import { LabError, readNumber } from '../../labError';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';
import { round } from './readWeather';

/** `weather-hand PASSES.json --target 0.3`, the file `{"most":0.8,"passes":[{"amount":0.3,"coverage":0.12,"half":0.05}]}` → the hand, what the next pass brings, how much to lay on. */
export const weatherHand: LabCommand = {
  name: 'weather-hand',
  usage: 'weather-hand PASSES.json --target share',
  options: ['target'],
  run: ({ options, files }) => {
    const target = readNumber('target', options['target'], 0, 1);
    const file = readJson(files[0]) as { most?: unknown; passes?: unknown } | unknown[] | null;
    const list: unknown = Array.isArray(file) ? file : file?.passes;
    if (!Array.isArray(list)) throw new LabError(`${files[0] ?? 'the file'} holds no passes`);
    const given = Array.isArray(file) ? undefined : file?.most;
    const most = readNumber('most', given === undefined ? '1' : JSON.stringify(given), 0.001, 1);
    const passes = list.map((entry: unknown, at): DonePass => {
      const { amount, coverage, half } = (entry ?? {}) as { amount?: unknown; coverage?: unknown; half?: unknown };
      const measured =
        coverage === null || coverage === undefined ? null : readNumber(`passes[${at}].coverage`, JSON.stringify(coverage), 0, 1);
      return {
        amount: readNumber(`passes[${at}].amount`, JSON.stringify(amount ?? null), 0, 10),
        coverage: measured,
        half: half === undefined ? photoHalf(measured ?? 0, 'pair') : readNumber(`passes[${at}].half`, JSON.stringify(half), 0, 1),
      };
    });
    const { hand, next, low, high, verdict, amount } = nextPass(passes, most, target);
    return { hand: round(hand), next: round(next), low: round(low), high: round(high), verdict, amount: round(amount) };
  },
};
