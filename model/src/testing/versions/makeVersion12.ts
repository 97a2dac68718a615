import { CAN_ADDED_IN_13, ENTRY_ADDED_IN_13, PRODUCT_ADDED_IN_13, SHOP_ADDED_IN_13 } from '../../file/migrations';
import { makeVersion13 } from './makeVersion13';
import { without } from '../without';

/** The sample as version 12 of the format had it: a shelf of cans only, without prices, places and ages. */
export function makeVersion12() {
  const sample = makeVersion13();
  return {
    ...without(sample, { supplies: [], suppliers: [], packs: [], purchases: [], lightPlans: [] }),
    version: 12,
    shop: without(sample.shop, SHOP_ADDED_IN_13),
    products: sample.products.map((product) => without(product, PRODUCT_ADDED_IN_13)),
    cans: sample.cans.map((can) => without(can, CAN_ADDED_IN_13)),
    logEntries: sample.logEntries.map((entry) => without(entry, ENTRY_ADDED_IN_13)),
  };
}
