import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareMinutes } from './comparedMinutes';

describe('planned against actual minutes', () => {
  it('adds up by kind, most work first, and gives the whole with its ratio', () => {
    const compared = compareMinutes([
      { key: 'sand', planned: 30, actual: 45 },
      { key: 'coat', planned: 10, actual: 10 },
      { key: 'coat', planned: 10, actual: 5 },
    ]);
    expect(compared.sums).toEqual([
      { key: 'sand', planned: 30, actual: 45, count: 1 },
      { key: 'coat', planned: 20, actual: 15, count: 2 },
    ]);
    expect(compared).toMatchObject({ planned: 50, actual: 60, count: 3, ratio: 1.2 });
  });
  it('leaves out what was not planned or not timed: half a pair would bend the ratio', () => {
    const compared = compareMinutes([
      { key: 'a', planned: null, actual: 90 },
      { key: 'a', planned: 90, actual: null },
      { key: 'a', planned: 10, actual: 20 },
    ]);
    expect(compared).toMatchObject({ planned: 10, actual: 20, count: 1, ratio: 2 });
  });
  it('has no ratio of nothing', () => {
    expect(compareMinutes([])).toEqual({ sums: [], planned: 0, actual: 0, count: 0, ratio: null });
    expect(compareMinutes([{ key: 'a', planned: 0, actual: 3 }]).ratio).toBeNull();
  });
  it('sums to the whole whatever the kinds are', () => {
    const entry = fc.record({
      key: fc.constantFrom('a', 'b', 'c'),
      planned: fc.option(fc.integer({ min: 0, max: 600 }), { nil: null }),
      actual: fc.option(fc.integer({ min: 0, max: 600 }), { nil: null }),
    });
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 60 }), (entries) => {
        const { sums, planned, actual, count } = compareMinutes(entries);
        expect(sums.reduce((sum, each) => sum + each.planned, 0)).toBe(planned);
        expect(sums.reduce((sum, each) => sum + each.actual, 0)).toBe(actual);
        expect(sums.reduce((sum, each) => sum + each.count, 0)).toBe(count);
      }),
    );
  });
});
