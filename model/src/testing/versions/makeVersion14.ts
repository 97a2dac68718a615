import { WEATHER_ADDED_IN_15 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';

/** The sample as version 14 of the format had it: parts are weathered as if they had one colour. */
export function makeVersion14(sample = makeSampleProject()) {
  return { ...sample, version: 14, weatherPlans: sample.weatherPlans.map((plan) => without(plan, WEATHER_ADDED_IN_15)) };
}
