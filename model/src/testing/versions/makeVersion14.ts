import { WEATHER_ADDED_IN_15 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';
import { makeVersion15 } from './makeVersion15';

/** The sample as version 14 of the format had it: parts are weathered as if they had one colour. */
export function makeVersion14(sample = makeSampleProject()) {
  const later = makeVersion15(sample);
  return { ...later, version: 14, weatherPlans: later.weatherPlans.map((plan) => without(plan, WEATHER_ADDED_IN_15)) };
}
