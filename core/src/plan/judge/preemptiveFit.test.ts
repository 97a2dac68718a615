import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PreemptiveJob } from './preemptiveFit';
import { fitsPreemptively } from './preemptiveFit';

const job = (release: number, deadline: number, minutes: number): PreemptiveJob => ({ release, deadline, minutes });

/** Hall's condition for one worker: between any two moments there is room for all that must be done within them. */
function hasRoom(jobs: readonly PreemptiveJob[], windows: readonly { start: number; end: number }[] | null): boolean {
  const room = (from: number, to: number): number =>
    windows === null ? to - from : windows.reduce((sum, span) => sum + Math.max(0, Math.min(span.end, to) - Math.max(span.start, from)), 0);
  return jobs.every(({ release: from }) =>
    jobs.every(({ deadline: to }) => {
      const within = jobs.filter((other) => other.release >= from && other.deadline <= to).reduce((sum, other) => sum + other.minutes, 0);
      return within <= Math.max(0, room(from, to));
    }),
  );
}

describe('work that may be broken off', () => {
  it('fits to the minute, and not with one more', () => {
    expect(fitsPreemptively([job(0, 10, 4), job(2, 10, 6)], null, 1)).toBe(true);
    expect(fitsPreemptively([job(0, 10, 5), job(2, 10, 6)], null, 1)).toBe(false);
  });
  it('is broken off for what is more urgent', () => expect(fitsPreemptively([job(0, 20, 15), job(5, 8, 3)], null, 1)).toBe(true));
  it('waits for its windows', () => {
    const windows = [
      { start: 0, end: 5 },
      { start: 100, end: 110 },
    ];
    expect(fitsPreemptively([job(0, 110, 15)], windows, 1)).toBe(true);
    expect(fitsPreemptively([job(0, 109, 15)], windows, 1)).toBe(false);
    expect(fitsPreemptively([job(0, 500, 16)], windows, 1)).toBe(false);
  });
  it('takes several hands as one that is as many times as fast', () => {
    expect(fitsPreemptively([job(0, 10, 20)], null, 2)).toBe(true);
    expect(fitsPreemptively([job(0, 10, 21)], null, 2)).toBe(false);
  });
  it('is nothing to ask where there is none', () => expect(fitsPreemptively([job(0, 0, 0)], [], 1)).toBe(true));
  it('fits exactly where every stretch of time has room for what must lie in it (Hall; property)', () => {
    const jobs = fc.array(
      fc
        .record({
          release: fc.integer({ min: 0, max: 30 }),
          slack: fc.integer({ min: 0, max: 20 }),
          minutes: fc.integer({ min: 1, max: 12 }),
        })
        .map(({ release, slack, minutes }) => job(release, release + minutes + slack, minutes)),
      { minLength: 1, maxLength: 7 },
    );
    const windows = fc.option(
      fc.uniqueArray(fc.integer({ min: 0, max: 70 }), { minLength: 2, maxLength: 6 }).map((edges) => {
        const sorted = edges.toSorted((a, b) => a - b);
        return Array.from({ length: Math.floor(sorted.length / 2) }, (_, at) => ({
          start: sorted[at * 2] ?? 0,
          end: sorted[at * 2 + 1] ?? 0,
        }));
      }),
      { nil: null },
    );
    fc.assert(
      fc.property(jobs, windows, (work, open) => {
        expect(fitsPreemptively(work, open, 1)).toBe(hasRoom(work, open));
      }),
    );
  });
});
