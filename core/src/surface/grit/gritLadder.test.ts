import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gritLadder, UNDER_COATS } from './gritLadder';
import { findGrit, GRITS, scratchMicrometres } from './gritTable';

const names = (from: string, to: string, isPowered = false): string[] =>
  gritLadder(findGrit(from), findGrit(to), isPowered).map((step) => step.name);

describe('the papers', () => {
  // Mean grain sizes of the FEPA P series (ISO 6344-2 and -3): P120 125 µm, P240 58.5, P400 35, P1200 15.3.
  it.each([
    ['P120', 125],
    ['240', 58.5],
    ['p400', 35],
    ['P1200', 15.3],
  ])('%s has grains of %d µm', (name, size) => expect(findGrit(name).grainMicrometres).toBe(size));
  it('get finer all along the table', () => {
    for (const [at, grit] of GRITS.entries()) if (at > 0) expect(grit.grainMicrometres).toBeLessThan(GRITS[at - 1]?.grainMicrometres ?? 0);
  });
  it('scratch a fifth to a quarter of their grain deep (common practice)', () => {
    for (const grit of GRITS) {
      expect(scratchMicrometres(grit)).toBeGreaterThanOrEqual(grit.grainMicrometres / 5);
      expect(scratchMicrometres(grit)).toBeLessThanOrEqual(grit.grainMicrometres / 4);
    }
  });
  it('that are none are refused', () => expect(() => findGrit('P123')).toThrow(/unknown grit/u));
});

describe('the ladder of papers', () => {
  it('goes by hand in steps of at most 1.6, the furthest of them as small as can be', () => {
    expect(names('P100', 'P400')).toEqual(['P100', 'P120', 'P180', 'P280', 'P400']);
  });
  it('leaves papers out where a tool does the work', () => {
    expect(names('P100', 'P400', true)).toEqual(['P100', 'P150', 'P240', 'P400']);
  });
  it('is one paper where there is nothing to climb', () => expect(names('P320', 'P320')).toEqual(['P320']));
  it('does not go from fine to coarse', () => expect(() => gritLadder(findGrit('P400'), findGrit('P100'), false)).toThrow(/coarser/u));
  it('says which papers are wasted under filler primer, and none under gloss', () => {
    const [filler, , gloss] = UNDER_COATS;
    const wasted = (under: (typeof UNDER_COATS)[number] | undefined): string[] =>
      gritLadder(findGrit('P100'), findGrit('P600'), false, under ?? null)
        .filter((step) => step.isWasted)
        .map((step) => step.name);
    expect(wasted(filler)).toEqual(['P240', 'P360', 'P600']);
    expect(wasted(gloss)).toEqual([]);
  });
  it('never skips further than the rule, begins and ends where asked, and is never longer by tool than by hand (property)', () => {
    const index = fc.integer({ min: 0, max: GRITS.length - 1 });
    fc.assert(
      fc.property(index, index, fc.boolean(), (a, b, isPowered) => {
        const [from, to] = [GRITS[Math.min(a, b)], GRITS[Math.max(a, b)]];
        if (!from || !to) return;
        const steps = gritLadder(from, to, isPowered);
        expect([steps[0]?.name, steps.at(-1)?.name]).toEqual([from.name, to.name]);
        for (const step of steps) expect(step.jump).toBeLessThanOrEqual(isPowered ? 2 : 1.6);
        expect(gritLadder(from, to, true).length).toBeLessThanOrEqual(gritLadder(from, to, false).length);
      }),
    );
  });
});
