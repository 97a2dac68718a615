import { RUNG_ADDED_IN_2, SHOP_ADDED_IN_2 } from '../file/migrations';
import { makeSampleProject } from './sampleProject';

/** The sample as version 1 of the format had it: without what version 2 added. */
export function makeVersion1(): Record<string, unknown> {
  const { shop, rungs, ...rest } = makeSampleProject();
  return { ...rest, version: 1, shop: without(shop, SHOP_ADDED_IN_2), rungs: rungs.map((rung) => without(rung, RUNG_ADDED_IN_2)) };
}

function without(record: object, added: object): object {
  return Object.fromEntries(Object.entries(record).filter(([name]) => !(name in added)));
}
