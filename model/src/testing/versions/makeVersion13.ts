import { LIGHTS_ADDED_IN_14 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';

/** The sample as version 13 of the format had it: it names nothing that came later, and its lights lie in one row. */
export function makeVersion13(sample = makeSampleProject()) {
  return { ...sample, version: 13, lightPlans: sample.lightPlans.map((plan) => without(plan, LIGHTS_ADDED_IN_14)) };
}
