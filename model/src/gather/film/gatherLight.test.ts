import { lightThrough } from '@zinc-ladder/core/colour/coats/coatsOver';
import { guessScatter } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { describe, expect, it } from 'vitest';
import { makeSampleProduct } from '../../testing/sampleProduct';
import type { Product } from '../../records/shop/product';
import { litLayers } from './gatherLight';
import { NEW_RUNG } from '../grow/growRungs';

const WALL = { millimetres: 1.6, hex: '#d9d7d2', letsLightThrough: false };
const product = (id: string, classId: string, extra: Partial<Product> = {}): Product =>
  makeSampleProduct(id, classId, { colourHex: '#dccfae', ...extra });
const layer = (id: string, micrometres: number, colourHex: string | null = '#dccfae') => ({
  rungIds: [id],
  name: id,
  micrometres,
  colourHex,
});
const rung = (id: string) => ({ ...NEW_RUNG, id, ladderId: 'l', productId: id });
const scatterOf = (entry: Product, micrometres: number): number | undefined =>
  litLayers(WALL, [layer(entry.id, micrometres)], [rung(entry.id)], new Map([[entry.id, entry]]))[1]?.scatter;

describe('wall and films before a lamp', () => {
  it('take what a card said of a coat as many times as the layer is thick', () => {
    const cream = product('cream', 'lacquerColour', { scatterPerCoat: 1.5 });
    expect(scatterOf(cream, 12)).toBeCloseTo(1.5, 9);
    expect(scatterOf(cream, 36)).toBeCloseTo(4.5, 9);
  });
  it('are guessed from thickness and lightness else; clear ones scatter little', () => {
    const guess = guessScatter(12, labOfHex('#dccfae'));
    expect(scatterOf(product('cream', 'lacquerColour'), 12)).toBeCloseTo(guess, 9);
    expect(scatterOf(product('clear', 'lacquerClear'), 12)).toBeCloseTo(guess * 0.05, 9);
  });
  it('begin with the wall, and pass over films without a colour', () => {
    const layers = litLayers(WALL, [layer('bare', 20, null)], [], new Map());
    expect(layers.map((entry) => entry.id)).toEqual(['the wall']);
    const clearWall = litLayers({ ...WALL, letsLightThrough: true }, [], [], new Map());
    expect(lightThrough(clearWall).share).toBeGreaterThan(lightThrough(layers).share);
  });
});
