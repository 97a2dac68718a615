import { describe, expect, it } from 'vitest';
import { PRODUCT_CLASSES } from '../cure/productClasses';
import { PROVED_DAYS, shelfAge, SOON_DAYS, usualShelfLife } from './shelfLife';

const DAY = 86_400_000;
const MONTH = (365.25 / 12) * DAY;
const NEVER = { boughtAtMs: null, openedAtMs: null, provedAtMs: null };
const LIFE = { closedMonths: 24, openedMonths: 6 };

describe('the age of what stands on the shelf', () => {
  it('is counted from the opening where that ends first, by hand', () => {
    const dates = { ...NEVER, boughtAtMs: 0, openedAtMs: 10 * MONTH };
    expect(shelfAge(dates, LIFE, 0)).toEqual({ state: 'good', endsMs: 16 * MONTH, by: 'opened' });
    expect(shelfAge({ ...dates, openedAtMs: 23 * MONTH }, LIFE, 0)).toMatchObject({ endsMs: 24 * MONTH, by: 'closed' });
  });
  it('is told some days before its end, to the moment', () => {
    const dates = { ...NEVER, openedAtMs: 0 };
    const end = 6 * MONTH;
    const states = [end - SOON_DAYS * DAY - 1, end - SOON_DAYS * DAY, end - 1, end].map((now) => shelfAge(dates, LIFE, now).state);
    expect(states).toEqual(['good', 'soon', 'soon', 'past']);
  });
  it('of a thing that was tried and found good is good for a while, and no longer', () => {
    const dates = { boughtAtMs: null, openedAtMs: 0, provedAtMs: 8 * MONTH };
    const until = 8 * MONTH + PROVED_DAYS * DAY;
    expect(shelfAge(dates, LIFE, 8 * MONTH + DAY)).toMatchObject({ state: 'good', endsMs: until });
    expect(shelfAge(dates, LIFE, until).state).toBe('past');
    // Trying it early takes nothing away.
    expect(shelfAge({ ...dates, provedAtMs: DAY }, LIFE, 0).endsMs).toBe(6 * MONTH);
  });
  it('of a thing of which nothing is known has no end', () => {
    expect(shelfAge(NEVER, LIFE, 1e15)).toMatchObject({ state: 'good', endsMs: null });
    expect(shelfAge({ ...NEVER, openedAtMs: 0 }, { closedMonths: null, openedMonths: null }, 1e15).state).toBe('good');
  });
  it('every class keeps at least as long closed as opened; rubber, glue and two-part things spoil first (practice)', () => {
    const lives = new Map(PRODUCT_CLASSES.map(({ id }) => [id, usualShelfLife(id)]));
    for (const { closedMonths, openedMonths } of lives.values()) expect(closedMonths).toBeGreaterThanOrEqual(openedMonths ?? Infinity);
    expect(['maskingRubber', 'cyanoacrylate', 'brushEpoxy', 'brushAcrylic', 'primer'].map((id) => lives.get(id)?.openedMonths)).toEqual([6, 3, 12, 24, 24]); // prettier-ignore
    expect(() => usualShelfLife('none such')).toThrow(RangeError);
  });
});
