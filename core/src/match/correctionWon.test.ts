import { describe, expect, it } from 'vitest';
import type { ComparedRegion } from './correctionWon';
import { correctionWon } from './correctionWon';

const apart = (deltaE: number, half = 10): ComparedRegion => ({
  id: 'band',
  reference: [40, 0, 0],
  own: [40 + deltaE, 0, 0],
  deltaE,
  low: Math.max(0, deltaE - half),
  high: deltaE + half,
  isDoubtful: false,
});

describe('what a correction won', () => {
  it('is the difference of both, above nothing where it came nearer', () => {
    expect(correctionWon(apart(20), apart(6))).toEqual({ won: 14, isTold: true });
    expect(correctionWon(apart(6), apart(20))).toEqual({ won: -14, isTold: true });
  });
  it('is told from half of the joint half width on', () => {
    // Half of √(10² + 10²) is 7.07.
    expect(correctionWon(apart(20), apart(13)).isTold).toBe(false);
    expect(correctionWon(apart(20), apart(12.9)).isTold).toBe(true);
    expect(correctionWon(apart(5, 2), apart(3, 2)).isTold).toBe(true);
  });
});
