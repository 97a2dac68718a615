import { parseArgs } from 'node:util';
import { chance } from './commands/plan/chance';
import { compat } from './commands/film/compat';
import { cure } from './commands/film/cure';
import { dewPoint } from './commands/film/dewPoint';
import { difference } from './commands/colour/difference';
import { fit } from './commands/plan/fit';
import { grit } from './commands/surface/grit';
import { hide } from './commands/colour/hide';
import { loops } from './commands/plan/loops';
import { maskOrder } from './commands/film/maskOrder';
import { mesh } from './commands/surface/mesh';
import { mix } from './commands/colour/mix';
import type { LabCommand } from './commands/labCommand';
import { jobshop } from './commands/plan/jobshop';
import { plan } from './commands/plan/plan';
import { again } from './commands/reference/again';
import { match } from './commands/reference/match';
import { measure } from './commands/reference/measure';
import { report } from './commands/reference/report';
import { twins } from './commands/reference/twins';
import { battery } from './commands/light/battery';
import { chain } from './commands/light/chain';
import { glow } from './commands/light/glow';
import { led } from './commands/light/led';
import { strip } from './commands/light/strip';
import { form } from './commands/worn/form';
import { magnets } from './commands/worn/magnets';
import { sight } from './commands/worn/sight';
import { buy } from './commands/shelf/buy';
import { needs } from './commands/shelf/needs';
import { stock } from './commands/shelf/stock';
import { predict } from './commands/surface/predict';
import { triage } from './commands/plan/triage';
import { validate } from './commands/validate';
import { weatherAge } from './commands/weather/age';
import { weatherFields } from './commands/weather/fields';
import { weatherHand } from './commands/weather/hand';
import { weatherNoise } from './commands/weather/noise';
import { weatherPass } from './commands/weather/pass';
import { weatherPhoto } from './commands/weather/photo';
import { weatherTechniques } from './commands/weather/techniques';
import { LabError } from './labError';

/** What a call of the lab gives: one JSON line, or one line of what was wrong with the input. */
export interface LabOutcome {
  readonly exitCode: 0 | 1 | 2;
  readonly out: string;
  readonly err: string;
}

const COMMANDS: readonly LabCommand[] = [
  dewPoint,
  cure,
  plan,
  chance,
  triage,
  jobshop,
  grit,
  mesh,
  loops,
  fit,
  difference,
  mix,
  predict,
  hide,
  maskOrder,
  measure,
  match,
  twins,
  again,
  report,
  led,
  strip,
  battery,
  glow,
  chain,
  form,
  sight,
  magnets,
  needs,
  buy,
  stock,
  compat,
  validate,
  weatherTechniques,
  weatherNoise,
  weatherFields,
  weatherPass,
  weatherAge,
  weatherPhoto,
  weatherHand,
];

function answer(words: readonly string[]): object {
  const [name, ...rest] = words;
  const command = COMMANDS.find((entry) => entry.name === name);
  if (!command)
    throw new LabError(
      `${name === undefined ? 'a command is needed' : `no command "${name}"`}: ${COMMANDS.map((entry) => entry.usage).join(' | ')}`,
    );
  try {
    const args = joinNegatives(rest);
    const { values, positionals } = parseArgs({
      args,
      allowPositionals: true,
      options: Object.fromEntries([
        ...command.options.map((option) => [option, { type: 'string' }] as const),
        ...(command.flags ?? []).map((flag) => [flag, { type: 'boolean' }] as const),
      ]),
    });
    const options = Object.fromEntries(
      Object.entries(values).map(([name, value]) => [name, value === undefined ? undefined : String(value)]),
    );
    return command.run({ options, files: positionals });
  } catch (error) {
    if (error instanceof LabError) throw error;
    if (error instanceof TypeError && 'code' in error) throw new LabError(`${error.message}; usage: ${command.usage}`);
    throw error;
  }
}

/** `--temp -5` as `--temp=-5`: a leading minus is a number here, not another option. */
function joinNegatives(words: readonly string[]): string[] {
  const joined: string[] = [];
  for (const word of words) {
    const last = joined.at(-1);
    if (/^-\d/u.test(word) && last?.startsWith('--')) joined[joined.length - 1] = `${last}=${word}`;
    else joined.push(word);
  }
  return joined;
}

/** Runs the words of a command line. */
export function runLab(words: readonly string[]): LabOutcome {
  try {
    return { exitCode: 0, out: `${JSON.stringify(answer(words))}\n`, err: '' };
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    return { exitCode: error instanceof LabError ? 2 : 1, out: '', err: `${message.replaceAll('\n', ' ')}\n` };
  }
}
