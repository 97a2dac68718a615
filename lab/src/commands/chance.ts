import { shopOutlook } from '@zinc-ladder/core/plan/shopOutlook';
import { readNumber } from '../labError';
import type { LabCommand } from './labCommand';
import { planFor, readObjective, readPlanInput } from './plan';

/**
 * `chance FILE [--made-for OBJECTIVE] [--runs N] [--seed N] [--drying-spread S] [--from ISO]` → when all is ready in half and in four of five
 * runs, and the chance of every date. `--drying-spread` is the deviation of the logarithm of how long films really take.
 */
export const chance: LabCommand = {
  name: 'chance',
  usage: 'chance FILE [--made-for OBJECTIVE] [--runs N] [--seed N] [--drying-spread S] [--from ISO]',
  options: ['made-for', 'runs', 'seed', 'drying-spread', 'from'],
  run: ({ files, options }) => {
    const input = readPlanInput(files[0], options['from']);
    const runs = Math.round(readNumber('runs', options['runs'] ?? '1000', 1, 100_000));
    const seed = readNumber('seed', options['seed'] ?? '1', 0, 4_294_967_295);
    const made = planFor(input, undefined, options['seed'], readObjective(options['made-for']));
    const spread = options['drying-spread'];
    const outlook = shopOutlook(input, made, runs, seed, spread === undefined ? undefined : readNumber('drying-spread', spread, 0, 2));
    const iso = (ms: number): string => new Date(ms).toISOString();
    return {
      planned: iso(made.readyMs),
      notBefore: iso(outlook.notBeforeMs),
      p50: iso(outlook.p50Ms),
      p80: iso(outlook.p80Ms),
      props: outlook.props.map(({ propId, notBeforeMs, p50Ms, p80Ms, chanceOfDate }) => ({
        id: propId,
        notBefore: iso(notBeforeMs),
        p50: iso(p50Ms),
        p80: iso(p80Ms),
        chanceOfDate,
      })),
      risks: outlook.risks,
      missedWindows: outlook.missedWindows,
    };
  },
};
