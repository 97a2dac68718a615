import { describe, expect, it } from 'vitest';
import { batchBodyFiller, mixBodyFiller } from '../batch/bodyFillerMix';
import { findFinish, FINISHES } from '../ladder/finishes';
import type { MaterialId } from '../ladder/materials';
import { flawSeverity } from '../inspection/flawSeverity';
import type { JointLoad } from './adhesives';
import { chooseAdhesive } from './adhesives';
import { adviseJoining } from './joinAdvice';
import { seamFiller } from './seamFiller';

// What follows is common practice, not published; it holds the choices to what a finisher would expect.

describe('glue at the bench', () => {
  const best = (first: MaterialId, second: MaterialId, load: JointLoad, gapMillimetres: number, isSeenThrough = false): string =>
    chooseAdhesive({ first, second, load, gapMillimetres, isSeenThrough })[0]?.adhesive.id ?? '';
  it.each<[string, MaterialId, MaterialId, JointLoad, number, readonly string[]]>([
    ['a badge on a tank, faces touching', 'resin', 'rigid', 'handled', 0.05, ['cyanoacrylate', 'epoxy']],
    ['a base under a tank with a gap', 'rigid', 'rigid', 'handled', 0.4, ['epoxy']],
    ['two shells that are worn', 'rigid', 'rigid', 'worn', 0.1, ['epoxy']],
    ['plates on fabric-backed flexible parts', 'flexible', 'flexible', 'worn', 0.2, ['contact']],
    ['a soluble cap on its own collar', 'soluble', 'soluble', 'worn', 0.3, ['slurryWeld', 'epoxy']],
    ['a wide gap on a cast', 'cast', 'cast', 'display', 1.5, ['epoxy']],
  ])('%s', (_, first, second, load, gap, wanted) => expect(wanted).toContain(best(first, second, load, gap)));
  it('never fogs a chimney, nor dissolves it', () => {
    const [first] = chooseAdhesive({
      first: 'translucent',
      second: 'translucent',
      load: 'handled',
      gapMillimetres: 0.1,
      isSeenThrough: true,
    });
    expect(first?.adhesive.id).toBe('epoxy');
  });
  it('is the same whichever piece is named first', () => {
    for (const [a, b] of [
      ['rigid', 'flexible'],
      ['resin', 'soluble'],
      ['cast', 'translucent'],
    ] as const)
      expect(best(a, b, 'handled', 0.2)).toBe(best(b, a, 'handled', 0.2));
  });
  it('a wider gap never makes a glue better', () => {
    for (const { adhesive } of chooseAdhesive({
      first: 'rigid',
      second: 'rigid',
      load: 'display',
      gapMillimetres: 0,
      isSeenThrough: false,
    })) {
      const scores = [0, 0.1, 0.2, 0.5, 1, 3].map(
        (gapMillimetres) =>
          chooseAdhesive({ first: 'rigid', second: 'rigid', load: 'display', gapMillimetres, isSeenThrough: false }).find(
            (choice) => choice.adhesive.id === adhesive.id,
          )?.score ?? NaN,
      );
      expect(scores, adhesive.name).toEqual(scores.toSorted((a, b) => b - a));
    }
  });
});

describe('filler through the year', () => {
  it.each([
    [8, 3, true],
    [12, 3, true],
    [16, 2.64, false],
    [20, 2, false],
    [25, 1.41, false],
    [30, 1, false],
    [35, 1, true],
  ])('at %i °C takes %f %% of hardener (at its limit: %s)', (celsius, percent, isAtLimit) => {
    const mix = mixBodyFiller(celsius);
    expect(mix.hardenerPercent).toBeCloseTo(percent, 2);
    expect(mix.isAtLimit).toBe(isAtLimit);
    expect(mix.workingMinutes).toBeLessThan(mix.trimFromMinutes);
    expect(mix.trimFromMinutes).toBeLessThan(mix.trimUntilMinutes);
  });
  it.each([
    [60, 1],
    [225, 1],
    [226, 2],
    [1650, 8],
  ])('%i cm² take %i batches on a warm day', (area, batches) =>
    expect(batchBodyFiller(area, 0.5, mixBodyFiller(20)).batches).toBe(batches),
  );
});

describe('seams of the tide office', () => {
  it('the lantern’s: a thin bead is enough; a step as high as a layer hardly matters, one of a millimetre does', () => {
    const seam = { lengthMillimetres: 214, gapMillimetres: 0.4, depthMillimetres: 1.5, stepMillimetres: 0.2 };
    const millilitres = (stepMillimetres: number): number => seamFiller({ ...seam, stepMillimetres }).millilitres;
    expect(millilitres(0.2)).toBeGreaterThan(0.3);
    expect(millilitres(0.2)).toBeLessThan(1);
    expect(millilitres(1)).toBeGreaterThan(4 * millilitres(0.2));
    expect(seamFiller({ ...seam, lengthMillimetres: 428 }).millilitres).toBeCloseTo(2 * millilitres(0.2), 9);
  });
  it.each([
    ['one colour, seen', true, true, true, false, 'joinFirst'],
    ['one colour, hidden', true, false, true, false, 'joinFirst'],
    ['two colours, seen', false, true, true, false, 'assembleAndMask'],
    ['two colours, hidden', false, false, true, false, 'paintApart'],
    ['out of reach', true, true, false, false, 'paintApart'],
    ['a battery lid', true, true, true, true, 'paintApart'],
  ] as const)('%s', (_, isOneColour, isSeamSeen, isReachable, mustComeOff, joining) => {
    const advice = adviseJoining({ isOneColour, isSeamSeen, isReachable, mustComeOff, takesFiller: true, borderMillimetres: 300 });
    expect(advice.joining).toBe(joining);
    expect(advice.maskingMinutes).toBe(isOneColour ? 0 : 9);
  });
});

describe('flaws by distance', () => {
  it.each([
    [0.1, 0.3, 'gloss', 'shows'],
    [0.1, 3, 'gloss', 'hidden'],
    [0.3, 1.5, 'gloss', 'shows'],
    [0.3, 1.5, 'satin', 'hidden'],
    [2.5, 1.5, 'gloss', 'jumpsOut'],
    [2.5, 10, 'satin', 'hidden'],
  ] as const)('%f mm from %f m in %s: %s', (size, metres, finish, severity) =>
    expect(flawSeverity(size, findFinish(finish), metres)).toBe(severity),
  );
  it('are never plainer from farther away, nor smaller ones plainer than larger', () => {
    const rank = { hidden: 0, shows: 1, jumpsOut: 2 } as const;
    for (const { id } of FINISHES)
      for (const size of [0.05, 0.2, 0.8, 3]) {
        const far = [0.2, 0.6, 1.5, 4, 12].map((metres) => rank[flawSeverity(size, findFinish(id), metres)]);
        expect(far).toEqual(far.toSorted((a, b) => b - a));
        expect(rank[flawSeverity(size * 2, findFinish(id), 1.5)]).toBeGreaterThanOrEqual(rank[flawSeverity(size, findFinish(id), 1.5)]);
      }
  });
});
