import type { ProjectFile } from '../../file/projectFile';
import { makeVersion6 } from './makeVersion6';
import { without } from '../without';

/** The sample as version 5 of the format had it: finish and age were one choice, and there was no weather. */
export function makeVersion5(): Record<string, unknown> {
  const sample = makeVersion6() as unknown as ProjectFile;
  return {
    ...without(sample, { weatherPlans: [], techniqueCards: [] }),
    version: 5,
    ladders: sample.ladders.map((ladder) => (ladder.route ? { ...ladder, route: without(ladder.route, { age: 'new' }) } : ladder)),
  };
}
