import { describe, expect, it } from 'vitest';
import { allBefore, directlyBefore } from './climbOrder';

const ladder = (partId: string, ...ids: readonly string[]) => ({ partId, rungs: ids.map((id) => ({ id })) });
const join = (hostRungId: string, guestPartId: string, guestRungId: string | null) => ({
  hostPartId: 'host',
  hostRungId,
  guestPartId,
  guestRungId,
});
const before = (
  id: string,
  ladders: readonly ReturnType<typeof ladder>[],
  joins: readonly ReturnType<typeof join>[] = [],
  left: readonly string[] = [],
) =>
  allBefore(
    id,
    directlyBefore(ladders, joins, (rung) => left.includes(rung.id)),
  );

const HOST = ladder('host', 'cut', 'bond', 'paint');
const GUEST = ladder('guest', 'saw', 'file', 'wax');

describe('the order rungs are climbed in', () => {
  it('on one ladder is what lies below, bottom first, without what is left out', () => {
    expect(before('paint', [HOST])).toEqual(['cut', 'bond']);
    expect(before('paint', [HOST], [], ['bond'])).toEqual(['cut']);
    expect(before('cut', [HOST])).toEqual([]);
    expect(before('of another shop', [HOST])).toEqual([]);
  });
  it('goes over joins both ways: the guest up to there comes before the host’s rung, what is above it after', () => {
    const joined = [join('bond', 'guest', 'file')];
    expect(before('cut', [HOST, GUEST], joined)).toEqual([]);
    expect(before('bond', [HOST, GUEST], joined)).toEqual(['cut', 'saw', 'file']);
    expect(before('wax', [HOST, GUEST], joined)).toEqual(['saw', 'file', 'cut', 'bond']);
    expect(before('bond', [HOST, GUEST], [join('bond', 'guest', null)])).toEqual(['cut', 'saw', 'file', 'wax']);
  });
  it('goes over a join whose guest rung is left out, and not over one whose own rung is', () => {
    expect(before('bond', [HOST, GUEST], [join('bond', 'guest', 'file')], ['file'])).toEqual(['cut', 'saw']);
    expect(before('paint', [HOST, GUEST], [join('bond', 'guest', 'file')], ['bond'])).toEqual(['cut']);
    expect(before('wax', [HOST, GUEST], [join('bond', 'guest', 'file')], ['bond'])).toEqual(['saw', 'file']);
    expect(before('bond', [HOST, GUEST], [join('bond', 'guest', 'gone')])).toEqual(['cut']);
  });
  it('goes on to guests of guests, and ends where ladders wait for each other', () => {
    const third = ladder('third', 'lens');
    expect(before('bond', [HOST, GUEST, third], [join('bond', 'guest', null), join('file', 'third', null)])).toEqual([
      'cut',
      'saw',
      'lens',
      'file',
      'wax',
    ]);
    const ring = [join('bond', 'guest', 'wax'), join('saw', 'host', 'paint')];
    expect([...before('bond', [HOST, GUEST], ring)].sort()).toEqual(['cut', 'file', 'paint', 'saw', 'wax']);
  });
});
