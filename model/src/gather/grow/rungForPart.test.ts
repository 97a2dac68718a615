import { describe, expect, it } from 'vitest';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { makeSampleProject } from '../../testing/sampleProject';
import { inRegion, rungForPart } from './rungForPart';

const [PRODUCT] = makeSampleProject().products;
if (!PRODUCT) throw new Error('no product');
const PART = { materialId: 'rigid', count: 14, areaSquareCentimetres: 40 } as const;

describe('a rung for a part', () => {
  it('carries its product with its coat and cautions, and the minutes of all pieces', () => {
    const rung = rungForPart('prime', PRODUCT, PART);
    expect(rung).toMatchObject({ methodId: 'prime', band: 'prime', productId: PRODUCT.id });
    expect(rung.coatMicrometres).toBeGreaterThan(0);
    for (const caution of findProductClass(PRODUCT.classId).cautions) expect(rung.cautionIds).toContain(caution);
    expect(rung.minutes).toBe(Math.ceil(5 + 14 * (0.5 + 0.7 * 0.4)));
  });
  it('takes the area of the region it is for', () =>
    expect(rungForPart('prime', null, PART, inRegion(10)).minutes).toBe(Math.ceil(5 + 14 * (0.5 + 0.7 * 0.1))));
  it('takes half the surface, and its minutes, for one side', () => {
    const under = rungForPart('prime', null, PART, { side: 'under', areaSquareCentimetres: null, pieces: null });
    expect([under.side, under.minutes]).toEqual(['under', Math.ceil(5 + 14 * (0.5 + 0.7 * 0.2))]);
  });
  it('takes the minutes of the pieces it is for, and never of more than there are', () => {
    const one = rungForPart('prime', null, PART, { ...inRegion(null), pieces: 1 });
    expect([one.pieces, one.minutes]).toEqual([1, Math.ceil(5 + 1 * (0.5 + 0.7 * 0.4))]);
    const many = rungForPart('prime', null, PART, { ...inRegion(null), pieces: 40 });
    expect(many.minutes).toBe(rungForPart('prime', null, PART).minutes);
  });
  it('warns of resin dust on resin, and lays no film where none is laid', () => {
    const sand = rungForPart('sand', null, { ...PART, materialId: 'resin' });
    expect(sand.cautionIds).toEqual(['resinDust']);
    expect(sand.coatMicrometres).toBeNull();
  });
  it('refuses a method there is not', () => expect(() => rungForPart('wish', null, PART)).toThrow(RangeError));
});
