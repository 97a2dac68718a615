import { gritLadder, UNDER_COATS } from '@zinc-ladder/core/surface/grit/gritLadder';
import { findGrit, GRITS } from '@zinc-ladder/core/surface/grit/gritTable';
import { LabError } from '../../labError';
import type { LabCommand } from '../labCommand';

/** `grit --from P100 --to P400 [--powered] [--under colour]` → the papers, what each leaves, and which are wasted. */
export const grit: LabCommand = {
  name: 'grit',
  usage: `grit --from P100 --to P400 [--powered] [--under ${UNDER_COATS.map((coat) => coat.id).join('|')}]`,
  options: ['from', 'to', 'under'],
  flags: ['powered'],
  run: ({ options }) => {
    const under = UNDER_COATS.find((coat) => coat.id === options['under']) ?? null;
    if (options['under'] !== undefined && !under)
      throw new LabError(`--under must be one of ${UNDER_COATS.map((coat) => coat.id).join(', ')}`);
    const [from, to] = [readGrit('from', options['from']), readGrit('to', options['to'])];
    if (to.grainMicrometres > from.grainMicrometres) throw new LabError(`--to ${to.name} is coarser than --from ${from.name}`);
    const steps = gritLadder(from, to, options['powered'] === 'true', under);
    return {
      grits: steps.map((step) => step.name),
      steps: steps.map(({ name, grainMicrometres, scratchMicrometres, jump, isWasted }) => ({
        grit: name,
        grain: grainMicrometres,
        scratch: Math.round(scratchMicrometres * 100) / 100,
        jump: Math.round(jump * 1000) / 1000,
        wasted: isWasted,
      })),
    };
  },
};

function readGrit(option: string, text: string | undefined) {
  if (text === undefined) throw new LabError(`--${option} is needed`);
  try {
    return findGrit(text);
  } catch {
    throw new LabError(`--${option} must be one of ${GRITS.map((entry) => entry.name).join(', ')}, got "${text}"`);
  }
}
