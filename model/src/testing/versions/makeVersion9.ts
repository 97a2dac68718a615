import type { ProjectFile } from '../../file/projectFile';
import { makeVersion10 } from './makeVersion10';
import { without } from '../without';

/** The sample as version 9 of the format had it: hands were a count, and nobody had a name. */
export function makeVersion9(handsPairs = 1): Record<string, unknown> {
  const sample = makeVersion10() as unknown as ProjectFile;
  return {
    ...without(sample, { persons: [] }),
    version: 9,
    shop: { ...sample.shop, handsPairs },
    rungs: sample.rungs.map((rung) => without(rung, { personId: null, doerId: null })),
    logEntries: sample.logEntries.map((entry) => without(entry, { personId: null })),
  };
}
