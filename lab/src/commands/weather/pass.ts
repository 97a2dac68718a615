import { createRehearsal } from '@zinc-ladder/core/weather/seen/rehearsal';
import { gatherFields, thinOut } from '@zinc-ladder/core/weather/field/weatherFields';
import { paintForTechnique, passFor } from '@zinc-ladder/core/weather/technique/passFor';
import { readNumber } from '../../labError';
import { readLab } from '../../readColour';
import type { LabCommand } from '../labCommand';
import { readMeshFile, readSetup, readTechnique, round } from './readWeather';

/** Every so manieth point is looked at through the eye's disc. */
const EVERY = 4;

/** `weather-pass FILE --technique washWiped --amount 0.6 --wiped 0.7 --size 1 --seed 1 --base "#3c5c4c" --paint "#1c1a18" --distance 1.5`. */
export const weatherPass: LabCommand = {
  name: 'weather-pass',
  usage:
    'weather-pass FILE --technique id --base L,a,b|#rrggbb --paint L,a,b|#rrggbb [--amount share] [--wiped share] [--size mm] [--seed n] [--distance m] [--points n] [--reach mm]',
  options: ['technique', 'amount', 'wiped', 'size', 'seed', 'base', 'paint', 'distance', 'points', 'reach'],
  run: ({ options, files }) => {
    const technique = readTechnique(options['technique']);
    const share = (name: string, usual: number): number => readNumber(name, options[name] ?? String(usual), 0, 1);
    const base = readLab('base', options['base']);
    const paint = readLab('paint', options['paint']);
    const setup = readSetup(options);
    const pass = passFor(technique, paintForTechnique(technique, paint), {
      amount: share('amount', technique.usualAmount),
      wiped: share('wiped', technique.usualWiped ?? 0),
      sizeMillimetres: readNumber('size', options['size'] ?? String(technique.usualSizeMillimetres), 0.05, 200),
      seed: setup.seed,
    });
    const fields = gatherFields(readMeshFile(files[0]), { ...setup, seed: 1 });
    const [sight] = createRehearsal(thinOut(fields, EVERY), fields.up, base).sights(
      [pass],
      readNumber('distance', options['distance'] ?? '1.5', 0, 100),
    );
    if (!sight) throw new Error('a pass gives a sight');
    const { ink, coverage, contrast, tint } = sight;
    return { ink: round(ink), coverage: round(coverage), contrast: round(contrast), tint: round(tint) };
  },
};
