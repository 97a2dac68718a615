import { PRINT_ADDED_IN_16, REGION_ADDED_IN_16, WEATHER_ADDED_IN_16 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';
import { makeVersion16 } from './makeVersion16';

/** The sample as version 15 of the format had it: no part sits anywhere, no region is sprayed through a stencil, pieces are printed one by one. */
export function makeVersion15(sample = makeSampleProject()) {
  return {
    ...makeVersion16(sample),
    version: 15,
    parts: sample.parts.map((part) => ({ ...part, print: part.print && without(part.print, PRINT_ADDED_IN_16) })),
    weatherPlans: sample.weatherPlans.map((plan) => ({
      ...without(plan, WEATHER_ADDED_IN_16),
      regions: plan.regions.map((region) => without(region, REGION_ADDED_IN_16)),
    })),
  };
}
