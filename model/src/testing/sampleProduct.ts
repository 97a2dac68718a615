import { PRODUCT_ADDED_IN_4 } from '../file/migrations';
import type { Product } from '../records/product';

/** A product of a class, named like its id, with what a test changes of it. */
export function makeSampleProduct(id: string, classId: string, change: Partial<Product> = {}): Product {
  return {
    ...PRODUCT_ADDED_IN_4,
    id,
    revision: 0,
    name: id,
    classId,
    colourHex: '#808080',
    sheen: 'none',
    values: [],
    note: '',
    ...change,
  };
}
