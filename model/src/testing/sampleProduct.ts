import { PRODUCT_UNSET } from '../products/productUnset';
import type { Product } from '../records/shop/product';

/** A product of a class, named like its id, with what a test changes of it. */
export function makeSampleProduct(id: string, classId: string, change: Partial<Product> = {}): Product {
  return {
    ...PRODUCT_UNSET,
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
