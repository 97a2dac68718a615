import { describe, expect, it } from 'vitest';
import { createCureTables } from '../../cure/cureTables';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';
import { rackHolds } from './rackHolds';

const tables = createCureTables(shop([]).air, NOW, NOW + 1440 * MINUTE);
const coat = (id: string, rackPlaces?: number) =>
  rung(id, 'prime', { classId: 'primer', ...(rackPlaces === undefined ? {} : { rackPlaces }) });

describe('places on the rack', () => {
  const set = part('set', [coat('one', 1), coat('four', 4), coat('all'), coat('more', 99)], 6);
  const held = (at: number): unknown =>
    rackHolds(set.rungs[at] ?? coat('none'), set, 30, tables).map(({ amount, ownerId }) => [amount, ownerId]);
  it('are held from the fewest pieces on, each place by one owner, whichever rung needs it', () => {
    expect(held(0)).toEqual([[1, 'set']]);
    expect(held(1)).toEqual([
      [1, 'set'],
      [3, 'set from 1'],
    ]);
    expect(held(2)).toEqual([
      [1, 'set'],
      [3, 'set from 1'],
      [2, 'set from 4'],
    ]);
    expect(held(3)).toEqual(held(2));
  });
  it('of a part that is done as a whole are held by it alone; what lays no film, or takes no place, holds none', () => {
    expect(rackHolds(coat('all'), part('a', [coat('all')], 6), 30, tables)).toMatchObject([{ amount: 6, ownerId: 'a' }]);
    expect(rackHolds(coat('all'), part('a', [coat('all')], 0), 30, tables)).toEqual([]);
    expect(rackHolds(rung('s', 'sand'), set, undefined, tables)).toEqual([]);
    expect(rackHolds(rung('s', 'sand'), set, 30, tables)).toEqual([]);
  });
});
