import { BuyingFaultError, buyPacks } from '@zinc-ladder/core/shelf/buyPacks';
import { LabError } from '../../labError';
import { fieldsOf, listAt, numberAt, textAt } from '../../readFields';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

const UNNAMED = 'any shop';

/**
 * `buy FILE` → packs that cover the needs at least cost, then least waste; exact. File: `{"needs":[{"product","amount"}],"packs":[{"product","supplier"?,
 * "amount","price"}],"suppliers"?:[{"id","carriage"?,"least"?}]}`.
 */
export const buy: LabCommand = {
  name: 'buy',
  usage: 'buy FILE',
  options: [],
  run: ({ files }) => {
    const file = { ...fieldsOf(readJson(files[0]), files[0] ?? 'the file'), path: '' };
    const needs = listAt(file, 'needs', (value, path) => {
      const need = fieldsOf(value, path);
      return { product: textAt(need, 'product'), amount: numberAt(need, 'amount', { least: 0 }) };
    });
    const packs = listAt(file, 'packs', (value, path) => {
      const pack = fieldsOf(value, path);
      return {
        product: textAt(pack, 'product'),
        supplier: textAt(pack, 'supplier', UNNAMED),
        amount: numberAt(pack, 'amount'),
        price: numberAt(pack, 'price', { least: 0, most: 1e6 }),
      };
    });
    const suppliers = listAt(file, 'suppliers', (value, path) => {
      const supplier = fieldsOf(value, path);
      return {
        id: textAt(supplier, 'id'),
        carriage: numberAt(supplier, 'carriage', { least: 0, most: 1e5, usual: 0 }),
        least: numberAt(supplier, 'least', { least: 0, most: 1e4, usual: 0 }),
      };
    });
    try {
      // Who is not listed sends for nothing and takes any order.
      const known = new Set(suppliers.map(({ id }) => id));
      const others = [...new Set(packs.map(({ supplier }) => supplier))].filter((id) => !known.has(id));
      return buyPacks(needs, packs, [...suppliers, ...others.map((id) => ({ id, carriage: 0, least: 0 }))]);
    } catch (error) {
      if (error instanceof BuyingFaultError) throw new LabError(error.message);
      throw error;
    }
  },
};
