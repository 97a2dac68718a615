import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findFinish } from '../ladder/finishes';
import { findMethod } from '../ladder/methods';
import { seededRandom } from '../random/seededRandom';
import { decayAt, fitDecay, hoursToReach } from './decayFit';
import { findFlawKind, FLAW_KINDS } from './flawKinds';
import { flawSeverity } from './flawSeverity';
import { countOpenFlaws } from './openFlaws';
import type { InspectedPass } from './verdict';
import { judgePasses } from './verdict';

const VAGUE = { start: 100, startLogDeviation: 50, ratePerHour: 0.3, rateDeviation: 50 };

describe('flaw kinds', () => {
  it('have each a mark of their own, words for cause, mend and prevention', () => {
    expect(new Set(FLAW_KINDS.map((kind) => kind.mark)).size).toBe(FLAW_KINDS.length);
    for (const kind of FLAW_KINDS) {
      for (const words of [kind.cause, kind.mend, kind.prevention]) expect(words.length).toBeGreaterThan(15);
      expect(findFlawKind(kind.id)).toBe(kind);
    }
    expect(() => findFlawKind('elf')).toThrow(RangeError);
  });
  it('of a film are mended by steps that leave it fit for its next coat; those of the surface under it by filling and sanding', () => {
    for (const { id, mending, isOfSurface } of FLAW_KINDS) {
      if (!mending) {
        expect(isOfSurface, id).toBe(true);
        continue;
      }
      // What is coated again was roughened first: most recoat windows have closed by then.
      if (mending.recoats) expect(findMethod(mending.steps[0]?.methodId ?? '').roughens, id).toBe(true);
      for (const { methodId, grit } of mending.steps) expect(grit !== null, `${id} ${methodId}`).toBe(methodId === 'sand');
    }
    expect(FLAW_KINDS.flatMap(({ id, mending }) => (mending?.whenHard ? [id] : []))).toEqual(['wrinkle', 'printThrough']);
    // Bare spots are primed before they are coated.
    expect(FLAW_KINDS.flatMap(({ id, mending }) => (mending?.steps.some(({ methodId }) => methodId === 'prime') ? [id] : []))).toEqual([
      'fishEye',
      'wrinkle',
      'crack',
      'liftedPaint',
      'printThrough',
    ]);
  });
  it.each([
    // Common practice: fine on the film that stays, coarse where the film has to come off.
    ['run', 600],
    ['sag', 600],
    ['orangePeel', 1000],
    ['drySpray', 800],
    ['fishEye', 400],
    ['wrinkle', 320],
    ['crack', 220],
    ['liftedPaint', 400],
    ['dust', 1000],
    ['printThrough', 400],
  ])('a %s is sanded with P%i, as its words say where they name a paper', (id, grit) => {
    const { mend, mending } = findFlawKind(id);
    expect(mending?.steps[0]?.grit).toBe(grit);
    const named = [...mend.matchAll(/P(\d+)/gu)].map(([, paper]) => Number(paper));
    if (named.length > 0) expect(named).toContain(grit);
  });
  it('show by size, distance and sheen: one minute of arc at 1.5 m is 0.44 mm under satin, gloss shows smaller ones', () => {
    const [gloss, satin] = [findFinish('gloss'), findFinish('satin')];
    expect(flawSeverity(0.4, satin, 1.5)).toBe('hidden');
    expect(flawSeverity(0.5, satin, 1.5)).toBe('shows');
    expect(flawSeverity(0.4, gloss, 1.5)).toBe('shows');
    expect(flawSeverity(4, gloss, 1.5)).toBe('jumpsOut');
    expect(flawSeverity(4, gloss, 40)).toBe('hidden');
  });
});

describe('open flaws', () => {
  it('are those found by then and not mended yet; what was there before the first pass counts from the first', () => {
    const flaw = (foundPassId: string | null, fixedPassId: string | null = null) => ({ foundPassId, fixedPassId });
    const flaws = [flaw(null, 'b'), flaw('a'), flaw('b', 'c'), flaw('c'), flaw('a', 'a')];
    expect(countOpenFlaws(['a', 'b', 'c'], flaws)).toEqual([2, 2, 2]);
    expect(countOpenFlaws([], flaws)).toEqual([]);
  });
});

describe('the decay', () => {
  it('is the least-squares line of the logarithms where nothing was believed before (numbers by hand)', () => {
    // ln left at 0, 1, 2, 3 h: slope −0.5 exactly.
    const points = [0, 1, 2, 3].map((hours) => ({ hours, left: 100 * Math.exp(-0.5 * hours), logDeviation: 0.2 }));
    const fit = fitDecay(points, VAGUE);
    expect(fit.ratePerHour).toBeCloseTo(0.5, 3);
    expect(Math.exp(fit.logStart)).toBeCloseTo(100, 1);
    expect(hoursToReach(fit, 10).hours).toBeCloseTo(Math.log(10) / 0.5, 2);
    // Variance of the slope of four points: σ² / Σ(h − h̄)² = 0.04 / 5.
    expect(fit.covariance[2]).toBeCloseTo(0.008, 4);
  });
  it('is what was believed where nothing was seen, and moves to what is seen', () => {
    const prior = { start: 100, startLogDeviation: 0.3, ratePerHour: 0.3, rateDeviation: 0.15 };
    expect(fitDecay([], prior)).toMatchObject({ ratePerHour: 0.3, points: 0 });
    const seen = fitDecay([{ hours: 2, left: 80, logDeviation: 0.1 }], prior);
    expect(seen.ratePerHour).toBeLessThan(0.3);
    expect(decayAt(seen, 2).value).toBeGreaterThan(100 * Math.exp(-0.6));
    expect(decayAt(seen, 2).high - decayAt(seen, 2).low).toBeLessThan(
      decayAt(fitDecay([], prior), 2).high - decayAt(fitDecay([], prior), 2).low,
    );
  });
  it('says honestly how far it may be off: the true hours lie within two deviations in about 95 of 100 draws', () => {
    const random = seededRandom(5);
    const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let within = 0;
    for (let draw = 0; draw < 400; draw += 1) {
      const rate = 0.4 + 0.1 * normal();
      const start = 120 * Math.exp(0.3 * normal());
      const points = [0, 1.5, 3].map((hours) => ({ hours, left: start * Math.exp(-rate * hours + 0.2 * normal()), logDeviation: 0.2 }));
      const { hours, deviation } = hoursToReach(
        fitDecay(points, { start: 120, startLogDeviation: 0.3, ratePerHour: 0.4, rateDeviation: 0.1 }),
        15,
      );
      if (Math.abs(hours - Math.log(start / 15) / rate) <= 2 * deviation) within += 1;
    }
    expect(within / 400).toBeGreaterThan(0.9);
    expect(within / 400).toBeLessThanOrEqual(1);
  });
  it('refuses what has no logarithm', () => {
    expect(() => fitDecay([{ hours: 1, left: 0, logDeviation: 0.2 }], VAGUE)).toThrow(RangeError);
  });
});

describe('the verdict', () => {
  const forecast = { startMicrometres: 142, endMicrometres: 20, hours: 5, passes: 4 };
  const judge = (passes: readonly InspectedPass[], wantedMicrometres = 24) =>
    judgePasses({
      passes,
      openFlaws: passes.at(-1)?.openFlaws ?? 0,
      openTurns: 0,
      isFillingOpen: false,
      wantedMicrometres,
      forecast,
    });
  const pass = (hours: number, valleyMicrometres: number | null, openFlaws = 0): InspectedPass => ({ hours, valleyMicrometres, openFlaws });
  it('is not yet where nothing was looked at, with the forecast for passes', () => {
    const verdict = judge([]);
    expect(verdict.kind).toBe('notYet');
    expect(verdict.reach?.hours).toBeGreaterThan(3);
    expect(verdict.passesLeft.likely).toBeGreaterThan(1);
  });
  it('is go when the valley is wanted and nothing open shows; one more when flaws are open', () => {
    expect(judge([pass(2, 60), pass(4, 20)]).kind).toBe('go');
    expect(judge([pass(2, 60, 9), pass(4, 20, 3)])).toMatchObject({ kind: 'onePass', passesLeft: { likely: 1 } });
  });
  it('counts passes on the curve while it falls, with less doubt the more was seen', () => {
    const early = judge([pass(1.4, 95, 40)]);
    const late = judge([pass(1.4, 95, 40), pass(2.7, 62, 18), pass(4, 44, 11)]);
    expect(late.kind).toBe('morePasses');
    expect(late.passesLeft.likely).toBe(2);
    expect(late.reach?.deviation).toBeLessThan(early.reach?.deviation ?? NaN);
    expect(late.flawsAfterNext).toBeLessThan(11);
    expect(late.passHours).toBeCloseTo(4 / 3, 9);
  });
  it('is stop when the next pass wins nothing that can be told, though it is not smooth', () => {
    const verdict = judge([pass(2, 31), pass(4, 30.5), pass(6, 30.4), pass(8, 30.3), pass(8.2, 30.3)], 24);
    expect(verdict).toMatchObject({ kind: 'stop', passesLeft: { likely: 0, low: 0, high: 0 } });
    expect(verdict.nextWinsMicrometres).toBeLessThan(2);
  });
  it('never says less is left to do than nothing, and its range holds the likely count (property)', () => {
    const passes = fc.array(
      fc.record({
        span: fc.double({ min: 0.1, max: 3, noNaN: true }),
        valley: fc.option(fc.double({ min: 1, max: 300, noNaN: true })),
        flaws: fc.nat(60),
      }),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(passes, fc.double({ min: 2, max: 60, noNaN: true }), (given, wanted) => {
        let hours = 0;
        const verdict = judge(
          given.map(({ span, valley, flaws }) => pass((hours += span), valley, flaws)),
          wanted,
        );
        const { likely, low, high } = verdict.passesLeft;
        expect(low).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(likely);
        expect(likely).toBeLessThanOrEqual(high);
        if (verdict.kind === 'go') expect([likely, verdict.openFlaws]).toEqual([0, 0]);
        expect(verdict.nextWinsMicrometres).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});
