import { LIGHTS_ADDED_IN_14 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';
import { makeVersion14 } from './makeVersion14';

/** The sample as version 13 of the format had it: it names nothing that came later, and its lights lie in one row. */
export function makeVersion13(sample = makeSampleProject()) {
  const later = makeVersion14(sample);
  return { ...later, version: 13, lightPlans: later.lightPlans.map((plan) => without(plan, LIGHTS_ADDED_IN_14)) };
}
