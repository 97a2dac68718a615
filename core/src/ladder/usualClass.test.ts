import { describe, expect, it } from 'vitest';
import { findProductClass } from '../cure/productClasses';
import { METHODS } from './methods';
import { ROUTE_TABLE } from './route/routeTable';
import { usualClassOf } from './usualClass';

describe('a film of which no product is chosen', () => {
  it.each(METHODS.map(({ id, laysFilm }) => [id, laysFilm] as const))('of %s is reckoned as a class there is (%s)', (id, laysFilm) => {
    const usual = usualClassOf(id);
    if (laysFilm) expect(findProductClass(usual ?? '').id).toBe(usual);
    else expect(usual).toBeNull();
  });
  it('is one that a route lays by that method, where a route does', () => {
    for (const { id } of METHODS.filter(({ laysFilm }) => laysFilm)) {
      const laid = ROUTE_TABLE.flatMap(({ method, productClass }) => (method === id && productClass ? [productClass] : []));
      if (laid.length > 0) expect(laid, id).toContain(usualClassOf(id));
    }
  });
  it('of no method at all is refused', () => expect(() => usualClassOf('wish')).toThrow(RangeError));
});
