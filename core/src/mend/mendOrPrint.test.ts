import { describe, expect, it } from 'vitest';
import type { MendAsk } from './mendOrPrint';
import { compareMends } from './mendOrPrint';

const CRACK: MendAsk = {
  damage: 'crack',
  sizeMillimetres: 1,
  lengthMillimetres: 40,
  printHours: 9,
  printFailureShare: 0.1,
  climbedMinutes: 120,
};
const find = (ask: MendAsk, id: string) => compareMends(ask).find((choice) => choice.id === id);

describe('mend or print anew', () => {
  it('a small crack high on its ladder is mended, by what is to be expected (by hand)', () => {
    const [best] = compareMends(CRACK);
    expect(best?.id).toBe('filler');
    const anew = 120 + 10 / 0.9;
    expect(best?.handsMinutes).toBe(12 + 3 * 4);
    expect(best?.expectedMinutes).toBeCloseTo(24 + 0.1 * anew, 9);
    expect(find(CRACK, 'reprint')).toMatchObject({ waitHours: expect.closeTo(10, 9), handsMinutes: expect.closeTo(anew, 9) });
  });
  it('fresh off the printer a long one is printed anew', () => {
    expect(compareMends({ ...CRACK, lengthMillimetres: 300, climbedMinutes: 5 })[0]?.id).toBe('reprint');
  });
  it('too large a hole is said, and fails more often', () => {
    const small = find({ ...CRACK, damage: 'hole', sizeMillimetres: 10 }, 'filler');
    const large = find({ ...CRACK, damage: 'hole', sizeMillimetres: 16 }, 'filler');
    expect([small?.isTooLarge, large?.isTooLarge]).toEqual([false, true]);
    expect(large?.failureShare).toBeGreaterThan(small?.failureShare ?? 1);
  });
  it('every damage has a repair beside the new piece, and the order is by what is to be expected', () => {
    for (const damage of ['gap', 'crack', 'hole', 'warp', 'tight', 'lost'] as const) {
      const choices = compareMends({ ...CRACK, damage });
      expect(choices.length).toBeGreaterThan(1);
      expect(choices.map(({ expectedMinutes }) => expectedMinutes)).toEqual(
        choices.map(({ expectedMinutes }) => expectedMinutes).toSorted((a, b) => a - b),
      );
    }
    expect(find({ ...CRACK, printHours: null }, 'reprint')).toMatchObject({ name: 'A new piece', waitHours: 0 });
  });
  it('says what cannot be', () => {
    expect(() => compareMends({ ...CRACK, sizeMillimetres: -1 })).toThrow(RangeError);
    expect(() => compareMends({ ...CRACK, printFailureShare: 1 })).toThrow(RangeError);
  });
});
