import { describe, expect, it } from 'vitest';
import { ownHandsWords, ownShareSource, ownShareWords, whoseWords } from './useOwnMinutes';

describe('how a share of minutes is told', () => {
  it('names whose it is, and nobody where it is one’s own', () => {
    expect(ownShareWords({ share: 1.113, whose: null })).toBe('yours: +11 %');
    expect(ownShareWords({ share: 0.8, whose: 'Bo' })).toBe('Bo: −20 %');
    expect(ownShareWords({ share: 1.004, whose: 'the shop' })).toBe('the shop: the same');
    expect([whoseWords({ whose: null }), whoseWords({ whose: 'Bo' })]).toEqual(['your', 'Bo’s']);
  });
  it('says what it stands on', () => {
    const own = { share: 1.1, whose: 'Bo' };
    expect(ownShareSource({ ...own, logged: 0 })).toBe('Bo’s log of other methods: this one is not in it yet');
    expect(ownShareSource({ ...own, logged: 1 })).toBe('Bo’s log: 1 rung of this method, weighed in with all others');
    expect(ownShareSource({ ...own, whose: null, logged: 4 })).toBe('your log: 4 rungs of this method, weighed in with all others');
  });
  it('is left out for several rungs that are done, or go by the methods', () => {
    expect(ownHandsWords(0, 0, null)).toBeNull();
    expect(ownHandsWords(60, 60, null)).toBeNull();
    expect(ownHandsWords(66, 60, null)).toBe('yours: +10 %');
    expect(ownHandsWords(66, 60, 'the shop')).toBe('the shop: +10 %');
  });
});
