import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import { rungsOfRoute, stepsOf } from './ownRoutes';

const sample = makeSampleProject();
const products = new Map(sample.products.map((product) => [product.id, product]));
const PART = { materialId: 'resin', count: 3, areaSquareCentimetres: 50 } as const;
let ids = 0;
const makeId = (): string => `own-${(ids += 1)}`;

describe('a route of one’s own', () => {
  it('keeps what is done in its order, not when nor how long, and not what was left out', () => {
    const rungs = sample.rungs.map((rung, at) => (at === 1 ? { ...rung, state: 'leftOut' as const } : rung));
    const steps = stepsOf(rungs);
    expect(steps.map(({ name }) => name)).toEqual(rungs.filter((_, at) => at !== 1).map(({ name }) => name));
    for (const step of steps) expect(Object.keys(step)).not.toEqual(expect.arrayContaining(['minutes', 'state', 'doneAtMs']));
  });
  it('takes minutes from the part it is climbed on, and cautions from its material and the products of now', () => {
    const [route] = sample.ownRoutes;
    if (!route) throw new Error('no route');
    const [cut, prime] = rungsOfRoute(route, PART, products, 'there', makeId);
    expect(cut).toMatchObject({ name: 'cut', ladderId: 'there', state: 'open', minutes: Math.ceil(2 + 3 * (2 + 1.5 * 0.5)) });
    expect(prime).toMatchObject({ name: 'grey primer', productId: 'primer', coatMicrometres: 15, detail: 'two light passes' });
    const classId = products.get('primer')?.classId ?? '';
    expect(prime?.cautionIds).toEqual(expect.arrayContaining([...findProductClass(classId).cautions]));
  });
  it('goes on without a product that is gone', () => {
    const [route] = sample.ownRoutes;
    const [, prime] = rungsOfRoute(route ?? { steps: [] }, PART, new Map(), 'there', makeId);
    expect(prime).toMatchObject({ productId: null, coatMicrometres: 15 });
  });
});
