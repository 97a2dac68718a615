import { makeSampleProject } from './sampleProject';
import { without } from './without';

/** The sample as version 10 of the format had it: nothing was measured on pictures. */
export function makeVersion10(): Record<string, unknown> {
  return { ...without(makeSampleProject(), { dimensions: [], measurings: [] }), version: 10 };
}
