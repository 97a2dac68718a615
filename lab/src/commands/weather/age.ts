import { createRehearsal } from '@zinc-ladder/core/weather/seen/rehearsal';
import { gatherFields } from '@zinc-ladder/core/weather/field/weatherFields';
import type { WeatherPass } from '@zinc-ladder/core/weather/seen/pass';
import { paintForTechnique, passFor } from '@zinc-ladder/core/weather/technique/passFor';
import { LabError, readNumber } from '../../labError';
import { readLab } from '../../readColour';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';
import { readMeshFile, readSetup, readTechnique, round } from './readWeather';

/** `weather-age FILE RECIPE.json`, the recipe `{"base":"#…","passes":[{"technique","paint","amount","wiped","size","seed","scatter"}]}` → age 0–100 and each zone's part. */
export const weatherAge: LabCommand = {
  name: 'weather-age',
  usage: 'weather-age FILE RECIPE.json [--points n] [--reach mm] [--seed n]',
  options: ['points', 'reach', 'seed'],
  run: ({ options, files }) => {
    const recipe = readJson(files[1]) as { base?: unknown; passes?: unknown } | null;
    if (!recipe || !Array.isArray(recipe.passes)) throw new LabError(`${files[1] ?? 'the recipe'} holds no passes`);
    const base = readLab('base', String(recipe.base ?? ''));
    const passes = recipe.passes.map((entry: unknown, at) => readPass((entry ?? {}) as Record<string, unknown>, at));
    const fields = gatherFields(readMeshFile(files[0]), readSetup(options));
    const { age, zones } = createRehearsal(fields, fields.up, base).age(passes);
    return { age: round(age), zones: Object.fromEntries(Object.entries(zones).map(([zone, value]) => [zone, round(value)])) };
  },
};

function readPass(given: Record<string, unknown>, at: number): WeatherPass {
  const technique = readTechnique(typeof given['technique'] === 'string' ? given['technique'] : undefined);
  const number = (name: string, usual: number, least: number, most: number): number =>
    readNumber(`passes[${at}].${name}`, given[name] === undefined ? String(usual) : JSON.stringify(given[name]), least, most);
  const colour = readLab(`passes[${at}].paint`, typeof given['paint'] === 'string' ? given['paint'] : technique.usualHex);
  const usual = paintForTechnique(technique, colour);
  return passFor(
    technique,
    { ...usual, scatterPerCoat: number('scatter', usual.scatterPerCoat, 0.001, 1000) },
    {
      amount: number('amount', technique.usualAmount, 0, 1),
      wiped: number('wiped', technique.usualWiped ?? 0, 0, 1),
      sizeMillimetres: number('size', technique.usualSizeMillimetres, 0.05, 200),
      seed: Math.round(number('seed', at + 1, 0, 2 ** 31)),
    },
  );
}
