import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitClearance } from './fitClearance';

const fit = {
  holeMillimetres: 10.4,
  shaftMillimetres: 10,
  holeFilmMicrometres: 0,
  shaftFilmMicrometres: 0,
  printErrorMillimetres: 0,
};

describe('a shaft in its hole', () => {
  it('loses twice every film on the diameter', () => {
    // By hand: 0.4 − 2 · (0.06 + 0.04) = 0.2.
    const painted = fitClearance({ ...fit, holeFilmMicrometres: 60, shaftFilmMicrometres: 40 });
    expect(painted.clearanceMillimetres).toBeCloseTo(0.2, 9);
    expect(painted.paintMillimetres).toBeCloseTo(0.2, 9);
    expect(painted).toMatchObject({ verdict: 'moves', openByMillimetres: 0 });
  });
  it('is snug, then clashes, as films build up; masking is enough where the print alone leaves room', () => {
    expect(fitClearance({ ...fit, holeFilmMicrometres: 90, shaftFilmMicrometres: 90 })).toMatchObject({
      verdict: 'snug',
      isMaskingEnough: true,
    });
    const clash = fitClearance({ ...fit, holeFilmMicrometres: 150, shaftFilmMicrometres: 150 });
    expect(clash).toMatchObject({ verdict: 'clashes', isMaskingEnough: true });
    expect(clash.openByMillimetres).toBeCloseTo(0.3, 9);
    expect(fitClearance({ ...fit, printErrorMillimetres: 0.35 })).toMatchObject({ verdict: 'snug', isMaskingEnough: false });
  });
  it('moves from a tenth on (guessed), is snug down to nothing and clashes below', () => {
    const at = (holeMillimetres: number) => fitClearance({ ...fit, shaftMillimetres: 0, holeMillimetres });
    expect([0.1, 0.099, 0, -0.001].map((hole) => at(hole).verdict)).toEqual(['moves', 'snug', 'snug', 'clashes']);
    expect([0.1, 0.099].map((hole) => at(hole).isMaskingEnough)).toEqual([true, false]);
  });
  it('moves once it is opened by what was said (property)', () => {
    const films = fc.integer({ min: 0, max: 400 });
    fc.assert(
      fc.property(films, films, (holeFilmMicrometres, shaftFilmMicrometres) => {
        const painted = { ...fit, holeFilmMicrometres, shaftFilmMicrometres };
        const { openByMillimetres } = fitClearance(painted);
        const opened = fitClearance({ ...painted, holeMillimetres: fit.holeMillimetres + openByMillimetres + 1e-9 });
        expect(opened.verdict).toBe('moves');
      }),
    );
  });
});
