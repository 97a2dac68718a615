import { triage as triageSteps } from '@zinc-ladder/core/plan/ideas/triage';
import { readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';
import { readPlanInput } from './plan';

const RUNS = 1000;
const FRESH_SEED = 20_011;

/**
 * `triage FILE [--seconds S] [--seed N] [--from ISO]` → what comes of letting props go, the best first, with the chance of each date by fresh
 * fortunes. Without `--seconds` the whole search.
 */
export const triage: LabCommand = {
  name: 'triage',
  usage: 'triage FILE [--seconds S] [--seed N] [--from ISO]',
  options: ['seconds', 'seed', 'from'],
  run: ({ files, options }) => {
    const input = readPlanInput(files[0], options['from']);
    const seed = readNumber('seed', options['seed'] ?? '1', 0, 4_294_967_295);
    const limitMs = options['seconds'] === undefined ? Infinity : readNumber('seconds', options['seconds'], 0, 3600) * 1000;
    const steps = triageSteps(input, { seed, runs: RUNS, fortuneSeed: FRESH_SEED });
    const began = performance.now();
    let step = steps.next();
    while (!step.done && performance.now() - began < limitMs) step = steps.next();
    return { sets: step.value };
  },
};
