import { makeSampleProject } from './sampleProject';
import { without } from './without';

/** The sample as version 8 of the format had it: planned by the methods' minutes, nothing known of printers. */
export function makeVersion8(): Record<string, unknown> {
  const sample = makeSampleProject();
  return {
    ...sample,
    version: 8,
    shop: without(sample.shop, { goesByOwnPace: true, printers: 1 }),
    parts: sample.parts.map((part) => without(part, { print: null })),
  };
}
