import { makeSampleProject } from './sampleProject';

/** The sample as version 13 of the format had it: it names nothing that came later. */
export function makeVersion13() {
  return { ...makeSampleProject(), version: 13 };
}
