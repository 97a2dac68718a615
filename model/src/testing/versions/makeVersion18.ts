import { RUNG_ADDED_IN_19, SHOP_ADDED_IN_19 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';

/** The sample as version 18 of the format had it: all that was sprayed was sprayed in one place, and every rung done on all pieces. */
export function makeVersion18(sample = makeSampleProject()) {
  return {
    ...sample,
    version: 18,
    shop: without(sample.shop, SHOP_ADDED_IN_19),
    rungs: sample.rungs.map((rung) => without(rung, RUNG_ADDED_IN_19)),
  };
}
