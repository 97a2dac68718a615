import { backingOf, labOver } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { describe, expect, it } from 'vitest';
import type { Rung } from '../../records/ladder/rung';
import { productValue } from '../../products/productDrying';
import { makeSampleProduct } from '../../testing/sampleProduct';
import { coatPaintOf } from '../film/gatherPaints';
import { NEW_RUNG } from '../grow/growRungs';
import { skinOfLadder } from './skinOfLadder';

const amber = makeSampleProduct('amber', 'airbrushAcrylic', { colourHex: '#d9a354' });
const clear = makeSampleProduct('clear', 'lacquerClear', { colourHex: null });
const products = new Map([amber, clear].map((product) => [product.id, product]));
const coat = productValue(amber, 'coatMicrometres').value ?? 1;
const rung = (id: string, productId: string | null, more: Partial<Rung> = {}): Rung => ({
  ...NEW_RUNG,
  id,
  ladderId: 'l',
  methodId: 'airbrushCoat',
  productId,
  coatMicrometres: coat,
  ...more,
});
const MIRRORED = 0.04;

describe('the colour of a skin by its ladder', () => {
  it('of one tint is that of its film over white paper', () => {
    const paint = coatPaintOf(amber, MIRRORED);
    if (!paint) throw new Error('amber has no colour');
    const over = labOver(paint, 1, backingOf([95, 0, 0], MIRRORED), MIRRORED);
    expect(skinOfLadder([rung('a', 'amber')], products, MIRRORED)).toBe(hexOfLab(over));
    // Two coats, or one of twice the thickness, are one film.
    expect(skinOfLadder([rung('a', 'amber'), rung('b', 'amber')], products, MIRRORED)).toBe(
      skinOfLadder([rung('a', 'amber', { coatMicrometres: 2 * coat })], products, MIRRORED),
    );
  });
  it('takes no count of clears, of what weathers it, of what is left out, and of work that lays nothing', () => {
    const one = skinOfLadder([rung('a', 'amber')], products, MIRRORED);
    const more = [
      rung('a', 'amber'),
      rung('c', 'clear'),
      rung('x', 'amber', { state: 'leftOut' }),
      rung('s', null, { methodId: 'scuff' }),
      rung('w', 'amber', { band: 'weather' }),
    ];
    expect(skinOfLadder(more, products, MIRRORED)).toBe(one);
    expect(skinOfLadder([rung('c', 'clear')], products, MIRRORED)).toBeNull();
    expect(skinOfLadder([], products, MIRRORED)).toBeNull();
  });
});
