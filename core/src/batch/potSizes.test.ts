import { describe, expect, it } from 'vitest';
import { PRODUCT_CLASSES } from '../cure/productClasses';
import { usualPotMillilitres } from './potSizes';

describe('usual pots (common practice, from memory)', () => {
  it.each([
    ['lacquerColour', 400],
    ['brushAcrylic', 17],
    ['airbrushAcrylic', 17],
    ['cyanoacrylate', 20],
  ])('%s comes in %i ml', (classId, millilitres) => expect(usualPotMillilitres(classId)).toBe(millilitres));
  it('every class has one that a shelf could hold', () => {
    for (const { id } of PRODUCT_CLASSES) {
      expect(usualPotMillilitres(id), id).toBeGreaterThanOrEqual(10);
      expect(usualPotMillilitres(id), id).toBeLessThanOrEqual(1000);
    }
  });
  it('is refused for a class there is not', () => expect(() => usualPotMillilitres('moonlight')).toThrow(RangeError));
});
