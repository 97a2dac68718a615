import { describe, expect, it } from 'vitest';
import type { Rung } from '../../records/ladder/rung';
import { handsLeft } from './handsLeft';

const NOW = Date.UTC(2026, 4, 28, 18);
const rung = (state: Rung['state'], minutes: number, workedMinutes = 0, startedAgo: number | null = null) => ({
  state,
  minutes,
  workedMs: workedMinutes * 60_000,
  startedAtMs: startedAgo === null ? null : NOW - startedAgo * 60_000,
});

const minutes = (entry: { readonly minutes: number }): number => entry.minutes;

describe('hands left', () => {
  it('are the minutes of what is not done', () =>
    expect(handsLeft([rung('done', 40), rung('leftOut', 15), rung('open', 30), rung('open', 12)], minutes, NOW)).toBe(42));
  it('fall while one is in hand, and stand while it is set down', () => {
    expect(handsLeft([rung('inHand', 30, 5, 10)], minutes, NOW)).toBe(15);
    expect(handsLeft([rung('setDown', 30, 5)], minutes, NOW)).toBe(25);
    expect(handsLeft([rung('setDown', 30, 5)], minutes, NOW + 3_600_000)).toBe(25);
  });
  it('never fall below nothing where it takes longer than thought', () =>
    expect(handsLeft([rung('inHand', 30, 20, 40)], minutes, NOW)).toBe(0));
});
