import { describe, expect, it } from 'vitest';
import { sameButRevision, sameRecord } from './sameRecord';

describe('two states of a record', () => {
  const uncounted = { id: 'a', name: 'one', tags: ['x', 'y'], place: { shelf: 1 } };
  const state = { ...uncounted, revision: 3 };
  it('are the same with their fields in any order, the revision aside where it does not count', () => {
    const other = { place: { shelf: 1 }, tags: ['x', 'y'], name: 'one', revision: 4, id: 'a' };
    expect(sameButRevision(state, other)).toBe(true);
    expect(sameRecord(state, other)).toBe(false);
    expect(sameRecord(state, { ...other, revision: 3 })).toBe(true);
  });
  it('a revision that only one counts is no difference', () => {
    expect([sameButRevision(state, uncounted), sameButRevision(uncounted, state)]).toEqual([true, true]);
  });
  it.each([
    ['a field more', { ...state, note: null }],
    ['another field in the place of one', { id: 'a', revision: 3, title: 'one', tags: ['x', 'y'], place: { shelf: 1 } }],
    ['another value deep within', { ...state, place: { shelf: 2 } }],
    ['a list for its parts by name', { ...state, tags: { 0: 'x', 1: 'y' } }],
    ['nothing', null],
  ])('differ by %s', (_, other) => {
    expect([sameButRevision(state, other), sameButRevision(other, state)]).toEqual([false, false]);
  });
});
