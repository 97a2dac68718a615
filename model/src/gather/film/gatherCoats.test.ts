import { describe, expect, it } from 'vitest';
import { makeSampleProduct } from '../../testing/sampleProduct';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { coatsOnLadder } from './gatherCoats';
import { NEW_RUNG } from '../grow/growRungs';

const product = (id: string, classId: string, colourHex: string): Product => makeSampleProduct(id, classId, { colourHex });
const YELLOW = product('yellow', 'lacquerColour', '#e8c51a');
const PRODUCTS = new Map(
  [
    YELLOW,
    product('white', 'primer', '#e9e8e4'),
    product('black', 'lacquerColour', '#232221'),
    product('brass', 'metallicLacquer', '#a8843c'),
  ].map((entry) => [entry.id, entry]),
);
const rung = (id: string, methodId: string, productId: string | null, state: Rung['state'] = 'open'): Rung => ({
  ...NEW_RUNG,
  id,
  ladderId: 'l',
  name: id,
  methodId,
  productId,
  state,
});

describe('coats on a ladder', () => {
  it('need more over black than over white, and tell which are still to do', () => {
    const over = (id: string, method: string) =>
      coatsOnLadder(
        'l',
        [
          rung('under', method, id),
          rung('y1', 'sprayCoat', 'yellow', 'done'),
          rung('y2', 'sprayCoat', 'yellow'),
          rung('y3', 'sprayCoat', 'yellow', 'leftOut'),
        ],
        YELLOW,
        PRODUCTS,
        0,
      );
    expect(over('white', 'prime')).toMatchObject({ rungIds: ['y1', 'y2'], openRungIds: ['y2'], underProductId: 'white' });
    expect(over('black', 'sprayCoat')?.needed ?? 99).toBeGreaterThan(over('white', 'prime')?.needed ?? 99);
  });
  it('look past glue and masking rubber to the film under them', () => {
    const found = coatsOnLadder(
      'l',
      [
        rung('prime', 'prime', 'white'),
        rung('glue', 'bond', 'black'),
        rung('rubber', 'maskRubber', 'black'),
        rung('y', 'sprayCoat', 'yellow'),
      ],
      YELLOW,
      PRODUCTS,
      0,
    );
    expect(found?.underProductId).toBe('white');
  });
  it('of a metal paint, or over nothing known, have no number', () => {
    const brass = PRODUCTS.get('brass') as Product;
    expect(coatsOnLadder('l', [rung('prime', 'prime', 'white'), rung('b', 'sprayCoat', 'brass')], brass, PRODUCTS, 0)?.needed).toBeNull();
    expect(coatsOnLadder('l', [rung('y', 'sprayCoat', 'yellow')], YELLOW, PRODUCTS, 0)).toMatchObject({
      underProductId: null,
      needed: null,
    });
    expect(coatsOnLadder('l', [rung('prime', 'prime', 'white')], YELLOW, PRODUCTS, 0)).toBeNull();
  });
});
