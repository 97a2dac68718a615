import { READING_ADDED_IN_18, SHOP_ADDED_IN_18 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';
import { makeVersion18 } from './makeVersion18';

/** The sample as version 17 of the format had it: one air, and a place only where spraying keeps to its daylight. */
export function makeVersion17(sample = makeSampleProject()) {
  const before = makeVersion18(sample);
  const { place, spraysByDaylight } = sample.shop;
  return {
    ...before,
    version: 17,
    shop: { ...without(before.shop, { ...SHOP_ADDED_IN_18, place, spraysByDaylight }), daylightAt: spraysByDaylight ? place : null },
    climateReadings: sample.climateReadings.map((reading) => without(reading, READING_ADDED_IN_18)),
  };
}
