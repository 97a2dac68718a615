import { describe, expect, it } from 'vitest';
import { sumCosts } from './costs';

describe('costs', () => {
  it('are what is done and what is to come, by group; what has no price is counted, not taken for free', () => {
    const { all, byGroup } = sumCosts([
      { groups: ['lantern', 'paint'], amount: 10, unitPrice: 0.05, isDone: true },
      { groups: ['lantern', 'paper'], amount: 2, unitPrice: 0.4, isDone: false },
      { groups: ['badge', 'paint'], amount: 4, unitPrice: null, isDone: false },
      { groups: ['badge', 'paint'], amount: 0, unitPrice: null, isDone: false },
    ]);
    expect(all).toEqual({ soFar: 0.5, toCome: 0.8, unpriced: 1 });
    expect(byGroup.get('lantern')).toEqual({ soFar: 0.5, toCome: 0.8, unpriced: 0 });
    expect(byGroup.get('paint')).toEqual({ soFar: 0.5, toCome: 0, unpriced: 1 });
    expect(byGroup.get('badge')).toEqual({ soFar: 0, toCome: 0, unpriced: 1 });
  });
  it('of nothing are nothing', () => expect(sumCosts([]).all).toEqual({ soFar: 0, toCome: 0, unpriced: 0 }));
});
