import { READING_ADDED_IN_18, SHOP_ADDED_IN_18 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';

/** The sample as version 17 of the format had it: one air, and a place only where spraying keeps to its daylight. */
export function makeVersion17(sample = makeSampleProject()) {
  const { place, spraysByDaylight, ...shop } = sample.shop;
  return {
    ...sample,
    version: 17,
    shop: { ...without(shop, SHOP_ADDED_IN_18), daylightAt: spraysByDaylight ? place : null },
    climateReadings: sample.climateReadings.map((reading) => without(reading, READING_ADDED_IN_18)),
  };
}
