import type { ProjectFile } from '../../file/projectFile';
import {
  CAN_ADDED_IN_4,
  CARD_ADDED_IN_4,
  PICTURE_ADDED_IN_4,
  PRODUCT_ADDED_IN_4,
  SEAM_ADDED_IN_4,
  SHOP_ADDED_IN_4,
} from '../../file/migrations';
import { makeVersion4 } from './makeVersion4';
import { without } from '../without';

const LISTS_ADDED_IN_4 = { targets: [], maskPlans: [], stencils: [] };

/** The sample as version 3 of the format had it: without what version 4 added. */
export function makeVersion3(): Record<string, unknown> {
  const sample = makeVersion4() as unknown as ProjectFile;
  return {
    ...without(sample, LISTS_ADDED_IN_4),
    version: 3,
    shop: without(sample.shop, SHOP_ADDED_IN_4),
    products: sample.products.map((product) => without(product, PRODUCT_ADDED_IN_4)),
    cans: sample.cans.map((can) => without(can, CAN_ADDED_IN_4)),
    mixCards: sample.mixCards.map((card) => without(card, CARD_ADDED_IN_4)),
    pictures: sample.pictures.map((picture) => without(picture, PICTURE_ADDED_IN_4)),
    joins: sample.joins.map((join) => ({ ...join, seam: join.seam && without(join.seam, SEAM_ADDED_IN_4) })),
  };
}
