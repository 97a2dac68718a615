import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { handsByDay } from './handsByDay';
import { handsMinutes } from './handsMinutes';

const at = (text: string): number => Date.parse(text);
const rung = (id: string, ...chunks: readonly (readonly [string, string])[]) => ({
  id,
  chunks: chunks.map(([start, end]) => ({ start: at(start), end: at(end) })),
});

describe('hands by day', () => {
  it('gives each day its own stretches, also of a rung begun the day before', () => {
    const long = rung('long', ['2026-05-28T18:00Z', '2026-05-28T20:00Z'], ['2026-05-29T17:00Z', '2026-05-29T17:30Z']);
    const short = rung('short', ['2026-05-28T17:00Z', '2026-05-28T17:20Z']);
    const days = handsByDay([long, short], 'UTC');
    expect([...days].map(([date, day]) => [date, day.minutes, day.stretches.map((part) => [part.time.id, part.isFirst])])).toEqual([
      [
        '2026-05-28',
        140,
        [
          ['short', true],
          ['long', true],
        ],
      ],
      ['2026-05-29', 30, [['long', false]]],
    ]);
  });
  it('goes by the local clock, on a change day too', () => {
    // Half past midnight in Copenhagen is still the day before by UTC; clocks go on at 02:00 on 29 March 2026.
    const days = handsByDay(
      [rung('night', ['2026-03-28T23:30Z', '2026-03-28T23:40Z']), rung('eve', ['2026-03-29T21:30Z', '2026-03-29T21:40Z'])],
      'Europe/Copenhagen',
    );
    expect([...days.keys()]).toEqual(['2026-03-29']);
  });
  it('loses no minute (property)', () => {
    const chunk = fc.record({ start: fc.integer({ min: 0, max: 1e10 }), length: fc.integer({ min: 1, max: 1e7 }) });
    fc.assert(
      fc.property(fc.array(fc.array(chunk, { maxLength: 4 }), { maxLength: 8 }), (rungs) => {
        const times = rungs.map((chunks) => ({ chunks: chunks.map(({ start, length }) => ({ start, end: start + length })) }));
        const sum = [...handsByDay(times, 'UTC').values()].reduce((total, day) => total + day.minutes, 0);
        expect(sum).toBeCloseTo(handsMinutes(times), 6);
      }),
    );
  });
});
