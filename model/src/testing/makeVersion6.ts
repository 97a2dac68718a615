import { makeSampleProject } from './sampleProject';
import { without } from './without';

/** The sample as version 6 of the format had it: there were no routes of one's own. */
export function makeVersion6(): Record<string, unknown> {
  return { ...without(makeSampleProject(), { ownRoutes: [] }), version: 6 };
}
