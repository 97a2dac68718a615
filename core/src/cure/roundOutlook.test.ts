import { describe, expect, it } from 'vitest';
import type { CureOutlook } from './cureClock';
import { roundOutlook } from './roundOutlook';

const MINUTE = 60_000;
const outlook: CureOutlook = {
  laidAtMs: 0,
  filmMicrometres: 12,
  wetCoats: 1,
  milestones: {
    touch: 10 * MINUTE + 1,
    recoat: 10 * MINUTE,
    handle: 60 * MINUTE + 30_000,
    sand: null,
    tape: 120 * MINUTE - 1e-4,
    hard: 1440 * MINUTE + 1e-4,
  },
  tooColdMs: null,
  recoatWindows: [
    { opensMs: 10 * MINUTE + 1, closesMs: 60 * MINUTE + 59_999 },
    { opensMs: 1440 * MINUTE, closesMs: null },
  ],
};

describe('whole minutes', () => {
  it('promise nothing too soon and nothing too long', () => {
    const rounded = roundOutlook(outlook);
    expect(rounded.milestones).toMatchObject({
      touch: 11 * MINUTE,
      recoat: 10 * MINUTE,
      handle: 61 * MINUTE,
      sand: null,
      tape: 120 * MINUTE,
    });
    expect(rounded.recoatWindows).toEqual([
      { opensMs: 11 * MINUTE, closesMs: 60 * MINUTE },
      { opensMs: 1440 * MINUTE, closesMs: null },
    ]);
  });
  it('take a hair above a minute, from adding up, for that minute', () =>
    expect(roundOutlook(outlook).milestones.hard).toBe(1440 * MINUTE));
  it('leave what they were given as it was', () => {
    const before = JSON.stringify(outlook);
    roundOutlook(outlook);
    expect(JSON.stringify(outlook)).toBe(before);
  });
});
