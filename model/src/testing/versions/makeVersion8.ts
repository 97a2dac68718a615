import { makeSampleProject } from '../sampleProject';
import { makeVersion9 } from './makeVersion9';
import { without } from '../without';

/** The sample as version 8 of the format had it: planned by the methods' minutes, nothing known of printers. */
export function makeVersion8(): Record<string, unknown> {
  const sample = makeSampleProject();
  const later = makeVersion9();
  return {
    ...later,
    version: 8,
    shop: without(later['shop'] as object, { goesByOwnPace: true, printers: 1 }),
    parts: sample.parts.map((part) => without(part, { print: null })),
  };
}
