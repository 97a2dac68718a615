import { RUNG_ADDED_IN_2, SHOP_ADDED_IN_2 } from '../../file/migrations';
import { makeVersion2 } from './makeVersion2';
import { without } from '../without';

/** The sample as version 1 of the format had it: without what later versions added. */
export function makeVersion1(): Record<string, unknown> {
  const { shop, rungs, ...rest } = makeVersion2();
  return {
    ...rest,
    version: 1,
    shop: without(shop as object, SHOP_ADDED_IN_2),
    rungs: (rungs as object[]).map((rung) => without(rung, RUNG_ADDED_IN_2)),
  };
}
