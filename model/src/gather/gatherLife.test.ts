import { describe, expect, it } from 'vitest';
import { lentPins, pinsOfPlan } from './gatherLife';

const PARTS = new Map([
  ['cap', { propId: 'lantern' }],
  ['tank', { propId: 'lantern' }],
  ['case', { propId: 'telegraph' }],
]);
const seat = { turnDegrees: 0, offset: [0, 0, 40] };
const marked = (partId: string, sits: boolean) => ({
  partId,
  up: [0, 0, 1],
  seat: sits ? seat : null,
  pins: [
    { id: 'a', kind: 'held' as const, place: [5, 0, 0] },
    { id: 'b', kind: 'runs' as const, place: [0, 5, 0] },
  ],
});
const tank = { id: 'tank', propId: 'lantern' };

describe('what life marks on a part', () => {
  it('is what was pinned on it, by kind', () => {
    expect(pinsOfPlan(marked('cap', false))).toEqual({ seat: null, held: [[5, 0, 0]], runs: [[0, 5, 0]] });
  });

  it('and what other parts that sit in the same prop lend it, in its own axes: not its own again, and none of another prop', () => {
    const plans = [marked('cap', true), marked('tank', true), marked('case', true)];
    const own = { up: [0, 0, 1], seat: { turnDegrees: 0, offset: [0, 0, 0] } };
    expect(lentPins(tank, own, plans, PARTS)).toEqual({ held: [[5, 0, 40]], runs: [[0, 5, 40]] });
    expect(lentPins(tank, { ...own, seat: null }, plans, PARTS)).toEqual({ held: [], runs: [] });
    expect(lentPins(tank, own, [marked('cap', false)], PARTS)).toEqual({ held: [], runs: [] });
  });
});
