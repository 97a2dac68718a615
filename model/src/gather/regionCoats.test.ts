import { describe, expect, it } from 'vitest';
import type { Rung } from '../records/ladder/rung';
import { NEW_RUNG } from './grow/growRungs';
import { coatsElsewhere, measuredRegion } from './regionCoats';

describe('the surface of regions', () => {
  const regions = ['black', 'green', 'black', null].map((productId) => ({ productId }));
  it('of one paint is summed and told once', () =>
    expect([0, 1, 2, 3].map((at) => measuredRegion(regions, [1.26, 5, 2, 9], at))).toEqual([3.3, 5, null, null]));
  it('is not told while one of them is not measured, or where next to nothing is open', () => {
    expect(measuredRegion(regions, [1, 5, null, 9], 0)).toBeNull();
    expect(measuredRegion(regions, [0.01, 5, 0.01, 9], 0)).toBeNull();
  });
});

describe('coats planned elsewhere', () => {
  const coat = (id: string, change: Partial<Rung>): Rung => ({
    ...NEW_RUNG,
    id,
    ladderId: 'l',
    methodId: 'maskedCoat',
    productId: 'black',
    ...change,
  });
  it('are open ones of that paint inside a mask, on another area by more than a twentieth', () => {
    const rungs = [
      coat('whole', {}),
      coat('near', { areaSquareCentimetres: 10.4 }),
      coat('far', { areaSquareCentimetres: 10.6 }),
      coat('done', { state: 'done' }),
      coat('green', { productId: 'green' }),
      coat('all over', { methodId: 'sprayCoat' }),
    ];
    expect(coatsElsewhere(rungs, 'black', { areaSquareCentimetres: 100 }, 10).map(({ id }) => id)).toEqual(['whole', 'far']);
    expect(coatsElsewhere(rungs, null, { areaSquareCentimetres: 100 }, 10)).toEqual([]);
  });
});
