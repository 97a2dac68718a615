import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalQuantile } from '../number/normalQuantile';
import { orderArrives, orderBy, stockCurve } from './stockCurve';

const HOUR = 3_600_000;
const SURE = { each: 0, all: 0 };
const ZONE = 'Europe/Copenhagen';

describe('stock along time', () => {
  it('is what stands there less what was taken, in time order (by hand)', () => {
    const { steps, needed, reserved, free, runsOutMs } = stockCurve(100, [{ atMs: 2, amount: 30 }, { atMs: 1, amount: 20 }, { atMs: 3, amount: 60 }], SURE); // prettier-ignore
    expect(steps.map(({ atMs, left }) => [atMs, left])).toEqual([
      [1, 80],
      [2, 50],
      [3, -10],
    ]);
    expect([needed, reserved, free, runsOutMs]).toEqual([110, 100, 0, 3]);
  });
  it('what is missing is the quantile of a normal need (newsvendor, closed form)', () => {
    // One take of 100 with a spread of 25: four of five are served by 100 + 0.8416 · 25.
    const { missing, runsOutMs } = stockCurve(100, [{ atMs: 5, amount: 100 }], { each: 0.25, all: 0 }, 0.8);
    expect(missing).toBeCloseTo(25 * 0.841_621_233_6, 4);
    expect(runsOutMs).toBe(5);
    expect(stockCurve(122, [{ atMs: 5, amount: 100 }], { each: 0.25, all: 0 }, 0.8).runsOutMs).toBeNull();
  });
  it('single spreads add in squares, a common one in full', () => {
    const four = Array.from({ length: 4 }, (_, atMs) => ({ atMs, amount: 25 }));
    const single = stockCurve(0, four, { each: 0.2, all: 0 });
    expect(single.high - single.needed).toBeCloseTo(1.645 * 10, 9);
    const common = stockCurve(0, four, { each: 0, all: 0.2 });
    expect(common.high - common.needed).toBeCloseTo(1.645 * 20, 9);
  });
  it('what arrives counts from its moment on, and before what is taken then (by hand)', () => {
    const take = [{ atMs: 10, amount: 50 }];
    const with30 = (atMs: number) => stockCurve(20, take, SURE, 0.8, [{ atMs, amount: 30 }]);
    expect(with30(10)).toMatchObject({ runsOutMs: null, missing: 0, arriving: 30, free: 0, reserved: 50 });
    // Too late: it runs out though in the end nothing is missing.
    expect(with30(11)).toMatchObject({ runsOutMs: 10, missing: 0 });
    expect(with30(11).steps.map(({ left }) => left)).toEqual([-30, 0]);
  });
  it('reserved and free are what stands there, whatever is planned (property)', () => {
    const takes = fc.array(fc.record({ atMs: fc.nat(), amount: fc.double({ min: 0, max: 1e4, noNaN: true }) }));
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e5, noNaN: true }), takes, (stock, planned) => {
        const { reserved, free, low, needed, high } = stockCurve(stock, planned);
        expect(reserved + free).toBeCloseTo(stock, 6);
        expect(free).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(needed);
        expect(high).toBeGreaterThanOrEqual(needed);
      }),
    );
  });
  it('the quantile is the tables’ (memory)', () => {
    expect([0.8, 0.9, 0.975].map((chance) => Math.round(normalQuantile(chance) * 1000) / 1000)).toEqual([0.842, 1.282, 1.96]);
    expect(() => normalQuantile(1)).toThrow(RangeError);
  });
});

describe('when to order', () => {
  const at = (text: string, offset: string): number => Date.parse(`${text}${offset}`);
  const every = () => false;
  it('keeps the hour of the shop’s clock over both change days', () => {
    expect(orderBy(at('2026-03-30T18:00', '+02:00'), 2, ZONE, every)).toBe(at('2026-03-28T18:00', '+01:00'));
    expect(orderBy(at('2026-10-26T18:00', '+01:00'), 2, ZONE, every)).toBe(at('2026-10-24T18:00', '+02:00'));
  });
  it('does not count a weekend: what is needed on Saturday and takes two days is ordered by Thursday, for Monday by Thursday too', () => {
    expect(orderBy(at('2026-05-30T09:00', '+02:00'), 2, ZONE)).toBe(at('2026-05-28T09:00', '+02:00'));
    expect(orderBy(at('2026-06-01T09:00', '+02:00'), 2, ZONE)).toBe(at('2026-05-28T09:00', '+02:00'));
  });
  it('what is ordered is there in the morning, so many sending days on', () => {
    // Thursday evening: Friday and Monday where nothing is sent at the weekend, Friday and Saturday where it is.
    const thursday = at('2026-05-28T19:30', '+02:00');
    expect(orderArrives(thursday, 2, ZONE)).toBe(at('2026-06-01T09:00', '+02:00'));
    expect(orderArrives(thursday, 2, ZONE, every)).toBe(at('2026-05-30T09:00', '+02:00'));
    expect(orderArrives(thursday, 0, ZONE)).toBe(thursday);
    // Over a change day it is nine by the shop's clock too.
    expect(orderArrives(at('2026-10-24T18:00', '+02:00'), 2, ZONE, every)).toBe(at('2026-10-26T09:00', '+01:00'));
    expect(orderArrives(thursday, 1, ZONE, () => true)).toBeGreaterThan(thursday);
  });
  it('of nothing to wait for is when it is needed, and of a calendar that is always closed ends', () => {
    expect(orderBy(12 * HOUR, 0, 'UTC')).toBe(12 * HOUR);
    expect(orderBy(at('2026-06-01T09:00', '+02:00'), 1, ZONE, () => true)).toBeLessThan(at('2026-06-01T09:00', '+02:00'));
  });
});
