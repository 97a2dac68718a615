import { ENTRY_ADDED_IN_12, PRODUCT_ADDED_IN_12 } from '../../file/migrations';
import { makeVersion12 } from './makeVersion12';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';

/** The sample as version 11 of the format had it: nothing was held against each other, noted for next time or learned of how a product dries. */
export function makeVersion11(): Record<string, unknown> {
  const later = makeVersion12();
  return {
    ...without(later, { matches: [] }),
    version: 11,
    products: later.products.map((product) => without(product, PRODUCT_ADDED_IN_12)),
    logEntries: later.logEntries.map((entry) => without(entry, ENTRY_ADDED_IN_12)),
    pictures: makeSampleProject().pictures.map((picture) => without(picture, { isOwn: false, focalShare: null })),
  };
}
