import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { UsageProfile } from './usageProfile';

const LENGTH = 120;

/** The same by counting every minute. */
class Minutes {
  readonly used: number[];
  constructor(
    private readonly capacity: number,
    open: readonly { start: number; end: number }[] | null,
  ) {
    this.used = Array.from({ length: LENGTH * 2 }, (_, minute) =>
      open && !open.some((span) => span.start <= minute && minute < span.end) ? capacity : 0,
    );
  }
  add(start: number, end: number, amount: number): void {
    for (let minute = start; minute < end; minute += 1) this.used[minute] = (this.used[minute] ?? 0) + amount;
  }
  firstFree(from: number, minutes: number, amount: number): number {
    for (let start = from; start + minutes <= this.used.length; start += 1)
      if (this.used.slice(start, start + minutes).every((level) => level + amount <= this.capacity)) return start;
    return Infinity;
  }
  freeUntil(from: number, amount: number): number {
    const at = this.used.findIndex((level, minute) => minute >= from && level + amount > this.capacity);
    return at < 0 ? Infinity : at;
  }
}

const span = fc
  .record({ start: fc.integer({ min: 0, max: LENGTH - 1 }), length: fc.integer({ min: 1, max: 30 }) })
  .map(({ start, length }) => ({ start, end: Math.min(LENGTH, start + length) }));
const openings = fc.option(
  fc.uniqueArray(fc.integer({ min: 0, max: LENGTH }), { minLength: 2, maxLength: 8 }).map((edges) => {
    const sorted = edges.toSorted((a, b) => a - b);
    return Array.from({ length: Math.floor(sorted.length / 2) }, (_, at) => ({ start: sorted[at * 2] ?? 0, end: sorted[at * 2 + 1] ?? 0 }));
  }),
  { nil: null },
);

describe('how much of a resource is in use', () => {
  it('is what counting every minute gives, with hours it is closed and things given back (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        openings,
        fc.array(span, { maxLength: 12 }),
        fc.integer({ min: 0, max: 5 }),
        fc.array(fc.record({ from: fc.integer({ min: 0, max: LENGTH }), minutes: fc.integer({ min: 1, max: 40 }) }), { maxLength: 6 }),
        (capacity, open, taken, back, asked) => {
          const profile = new UsageProfile(capacity, open);
          const counted = new Minutes(capacity, open);
          for (const { start, end } of taken) for (const one of [profile, counted]) one.add(start, end, 1);
          for (const { start, end } of taken.slice(0, back)) for (const one of [profile, counted]) one.add(start, end, -1);
          for (const { from, minutes } of asked) {
            const found = profile.firstFree(from, minutes, 1);
            expect(found).toBe(counted.firstFree(from, minutes, 1));
            if (Number.isFinite(found)) expect(profile.freeUntil(found, 1)).toBe(counted.freeUntil(found, 1));
          }
        },
      ),
    );
  });
  it('never gives more than there is', () => expect(new UsageProfile(2).firstFree(0, 10, 3)).toBe(Infinity));
  it('is closed before the first opening and after the last', () => {
    const profile = new UsageProfile(1, [{ start: 10, end: 20 }]);
    expect([profile.firstFree(0, 5, 1), profile.firstFree(16, 5, 1), profile.freeUntil(12, 1)]).toEqual([10, Infinity, 20]);
  });
});
