import { describe, expect, it } from 'vitest';
import type { Finish } from '../ladder/finishes';
import { findFinish } from '../ladder/finishes';
import { visibleValley } from '../surface/forecast/visibleValley';
import type { DecayFit } from './decayFit';
import { decayAt, fitDecay, hoursToReach } from './decayFit';
import { FLAW_KINDS } from './flawKinds';
import { flawSeverity } from './flawSeverity';
import type { InspectedPass, VerdictAsk } from './verdict';
import { judgePasses } from './verdict';

const FORECAST = { startMicrometres: 100, endMicrometres: 20, hours: 4, passes: 4 };
/** What the forecast believes to be lost an hour: ln 5 in four hours, off by half of it (guessed). */
const RATE = Math.log(5) / 4;
const PRIOR = { start: 100, ratePerHour: RATE, rateDeviation: RATE / 2 };
const pass = (hours: number, valleyMicrometres: number | null, openFlaws = 0): InspectedPass => ({ hours, valleyMicrometres, openFlaws });
const point = (hours: number, left: number) => ({ hours, left, logDeviation: 0.2 });
const judge = (passes: readonly InspectedPass[], more: Partial<VerdictAsk> = {}) =>
  judgePasses({
    passes,
    wantedMicrometres: 20,
    openFlaws: 0,
    openTurns: 0,
    isFillingOpen: false,
    forecast: FORECAST,
    ...more,
  });

describe('the curve under a verdict', () => {
  it('begins with the forecast, by a third either way, until two valleys were judged to a fifth', () => {
    expect(judge([]).fit).toEqual(fitDecay([], { ...PRIOR, startLogDeviation: 0.35 }));
    expect(judge([pass(1, 70)]).fit).toEqual(fitDecay([point(1, 70)], { ...PRIOR, startLogDeviation: 0.35 }));
    expect(judge([pass(1, 70), pass(2.5, 50)]).fit).toEqual(fitDecay([point(1, 70), point(2.5, 50)], { ...PRIOR, startLogDeviation: 1 }));
  });
  it('takes no valley that was not judged, and none of nothing', () => {
    const only = judge([pass(1, 70), pass(2, null), pass(3, 0)]);
    expect(only.fit).toEqual(judge([pass(1, 70)]).fit);
    expect(only.valleyNowMicrometres).toBe(0);
    expect(judge([pass(1, 70), pass(2, null)]).valleyNowMicrometres).toBeCloseTo(decayAt(only.fit, 2).value, 9);
  });
  it('bears forecasts of nothing: a start of a micrometre, an end that is a tenth below it, a tenth of an hour', () => {
    const fitOf = (forecast: Partial<VerdictAsk['forecast']>) => judge([], { forecast: { ...FORECAST, ...forecast } }).fit;
    const believes = (start: number, ratePerHour: number) =>
      fitDecay([], { start, startLogDeviation: 0.35, ratePerHour, rateDeviation: ratePerHour / 2 });
    expect(fitOf({ startMicrometres: 0, endMicrometres: 0 })).toEqual(believes(1, Math.log(2) / 4));
    expect(fitOf({ endMicrometres: 300 })).toEqual(believes(100, Math.log(100 / 90) / 4));
    expect(fitOf({ endMicrometres: 0 })).toEqual(believes(100, Math.log(200) / 4));
    expect(fitOf({ hours: 0 })).toEqual(believes(100, Math.log(5) / 0.1));
  });
});

describe('what passes take and win', () => {
  it('is the mean of those that were done, or a step of the forecast, and three minutes at the least', () => {
    expect(judge([pass(1, 70), pass(2.5, 50)]).passHours).toBe(1.25);
    expect(judge([]).passHours).toBe(1);
    expect(judge([], { forecast: { ...FORECAST, passes: 0 } }).passHours).toBe(4);
    // A pass that took no time says nothing of the pace.
    expect(judge([pass(1, 70), pass(1, 60), pass(3, 50)]).passHours).toBe(1.5);
    expect(judge([pass(0.01, 70)]).passHours).toBe(0.05);
    expect(judge([pass(0, 70)]).passHours).toBe(1);
  });
  it('is what the curve takes off the valley that was found', () => {
    const { fit, nextWinsMicrometres } = judge([pass(1, 70), pass(2.5, 50)]);
    expect(nextWinsMicrometres).toBeCloseTo(50 * (1 - Math.exp(-fit.ratePerHour * 1.25)), 9);
  });
});

describe('passes left', () => {
  it('are the hours to go by the curve over the hours of a pass, a deviation less and more', () => {
    const { fit, passesLeft, reach } = judge([pass(1, 70), pass(2.5, 50)]);
    const toGo = Math.log(50 / 20) / fit.ratePerHour;
    const deviation = reach?.deviation ?? NaN;
    expect(passesLeft).toEqual({
      likely: Math.ceil(toGo / 1.25),
      low: Math.max(1, Math.ceil((toGo - deviation) / 1.25)),
      high: Math.ceil((toGo + deviation) / 1.25),
    });
    expect(passesLeft.high).toBeGreaterThan(passesLeft.low);
  });
  it('are never more than twenty, nor fewer than one while the valley shows', () => {
    const slow = judge([pass(0.05, 100), pass(0.1, 97)]);
    expect(slow.reach).not.toBeNull();
    expect(slow.passesLeft).toEqual({ likely: 20, low: 20, high: 20 });
    expect(judge([pass(2, 40), pass(4, 20.1)]).passesLeft).toMatchObject({ likely: 1, low: 1 });
  });
  it('are those of ladder and forecast where the curve is off by more than it says', () => {
    const hopeless = { startMicrometres: 189, endMicrometres: 24, hours: 9, passes: 4 };
    const left = (openTurns: number, done: number, forecastPasses = 4) =>
      judge(
        Array.from({ length: done }, (_, nth) => pass(8 + nth / 100, nth === 0 ? 188 : null)),
        { openTurns, forecast: { ...hopeless, passes: forecastPasses } },
      );
    expect(left(0, 1).reach).toBeNull();
    expect([left(0, 1), left(3, 1), left(5, 1), left(0, 1, 1), left(0, 2, 9)].map(({ passesLeft }) => passesLeft.likely)).toEqual([
      3, 3, 5, 1, 7,
    ]);
  });
});

describe('the verdict at its edges', () => {
  it('is go on what is wanted itself, and sure of it after a single look', () => {
    expect(judge([pass(4, 20)])).toMatchObject({ kind: 'go', isSure: true, passesLeft: { likely: 0, low: 0, high: 0 } });
    expect(judge([pass(4, 20.01)]).kind).not.toBe('go');
  });
  it('is sure of what is not smooth from the second valley on', () => {
    expect(judge([pass(1, 70)])).toMatchObject({ isSure: false });
    expect(judge([pass(1, 70)]).reach).not.toBeNull();
    expect(judge([pass(1, 70), pass(2.5, 50)])).toMatchObject({ isSure: true });
  });
  it('asks for one pass to mend flaws on a smooth face, and for no fewer than the valley wants', () => {
    expect(judge([pass(4, 20)], { openFlaws: 1 })).toMatchObject({ kind: 'onePass', passesLeft: { likely: 1, low: 1, high: 1 } });
    const rough = [pass(1, 70), pass(2.5, 50)];
    expect(judge(rough, { openFlaws: 9 }).passesLeft).toEqual(judge(rough).passesLeft);
  });
  it('stops after two valleys, not after one, where less than two micrometres are won', () => {
    const flat = { ...FORECAST, startMicrometres: 24, endMicrometres: 21.6, hours: 40, passes: 4 };
    const one = judge([pass(2, 22)], { forecast: flat });
    expect(one.nextWinsMicrometres).toBeLessThan(2);
    expect(one.kind).not.toBe('stop');
    // Two quick rubs over a rough face win little, but are no reason to stop: a whole pass would.
    const quick = judge([pass(0.05, 100), pass(0.1, 97)]);
    expect(quick.nextWinsMicrometres).toBeLessThan(2);
    expect(quick.kind).toBe('morePasses');
    const two = judge([pass(2, 22), pass(4, 21.8)], { forecast: flat });
    expect(two.nextWinsMicrometres).toBeLessThan(2);
    expect(two).toMatchObject({ kind: 'stop', passesLeft: { likely: 0, low: 0, high: 0 } });
    expect(judge([pass(2, 22), pass(4, 21.8)], { forecast: flat, isFillingOpen: true }).kind).not.toBe('stop');
    // Either side of the two micrometres: 30 to 27.8 goes on, 30 to 28 does not. The forecast believes the same curve, so that it moves neither.
    const after = (left: number) => {
      const start = 30 ** 2 / left;
      const passes = Math.log(start / 10) / Math.log(30 / left);
      const forecast = { startMicrometres: start, endMicrometres: 10, hours: 2 * passes, passes };
      return judge([pass(2, 30), pass(4, left)], { forecast, wantedMicrometres: 10 });
    };
    expect(after(27.8).nextWinsMicrometres).toBeCloseTo(2.06, 1);
    expect([after(27.8).kind, after(28).kind]).toEqual(['morePasses', 'stop']);
    expect(judge([pass(2, 22), pass(4, 19)], { forecast: flat, openFlaws: 2 }).kind).toBe('onePass');
  });
});

describe('flaws after the next pass', () => {
  it('fall by the counts so far, as if ten more had gone as they usually do: seven in ten (guessed)', () => {
    const after = (...counts: number[]) => judge(counts.map((count, nth) => pass(nth + 1, 70 - nth, count))).flawsAfterNext;
    expect(after(40)).toBeNull();
    expect(after(40, 4, 1)).toBeCloseTo((4 + 1 + 3) / (40 + 4 + 10), 12);
    expect(after(40, 4)).toBeCloseTo((4 * (4 + 3)) / (40 + 10), 12);
    expect(after(5, 30)).toBe(30);
  });
});

describe('a decay by hand', () => {
  // ln 100 − 0.4 h, with a covariance that makes 0.04 − 5 · 0.01 + 6.25 · 0.0025 = 0.005625 = 0.075² at 2.5 hours.
  const fit: DecayFit = { logStart: Math.log(100), ratePerHour: 0.4, covariance: [0.04, 0.01, 0.0025], points: 3 };
  it('has its band from the covariance of start and rate', () => {
    const { value, low, high } = decayAt(fit, 2.5);
    expect([value, low, high].map(Math.log)).toEqual([-1, -1.075, -0.925].map((log) => expect.closeTo(Math.log(100) + log, 9) as number));
    const narrow = decayAt({ ...fit, covariance: [0.01, 0.1, 0.01] }, 2.5);
    expect([narrow.low, narrow.high]).toEqual([narrow.value, narrow.value]);
  });
  it('reaches a target with the deviation of its logarithm over the rate', () => {
    expect(hoursToReach(fit, 100 / Math.E)).toEqual({
      hours: expect.closeTo(2.5, 9) as number,
      deviation: expect.closeTo(0.1875, 9) as number,
    });
    expect(hoursToReach(fit, 120)).toEqual({ hours: 0, deviation: expect.closeTo(0.5, 9) as number });
    expect(hoursToReach({ ...fit, covariance: [0.01, 0.1, 0.01] }, 100 / Math.E).deviation).toBe(0);
  });
  it('never says that passes make it worse: a thousandth an hour is the least', () => {
    const prior = { start: 100, startLogDeviation: 1, ratePerHour: 0.3, rateDeviation: 0.1 };
    expect(fitDecay([point(1, 50), point(2, 90), point(9, 400)], prior).ratePerHour).toBe(1e-3);
  });
  it.each([
    [{ start: 0 }, 50, 0.2],
    [{ startLogDeviation: 0 }, 50, 0.2],
    [{ rateDeviation: 0 }, 50, 0.2],
    [{ start: Infinity }, 50, 0.2],
    [{}, -1, 0.2],
    [{}, 50, 0],
  ])('refuses a prior of %j with a point of %f ± %f', (change, left, logDeviation) => {
    const prior = { start: 100, startLogDeviation: 1, ratePerHour: 0.3, rateDeviation: 0.1, ...change };
    expect(() => fitDecay([{ hours: 1, left, logDeviation }], prior)).toThrow(RangeError);
  });
});

describe('how much a flaw shows', () => {
  const at = (finish: Finish, share: number) => flawSeverity(share * visibleValley(finish, 1.5).spotMillimetres, finish, 1.5);
  it('is by the smallest spot an eye separates: from there on it shows, from four times that on it jumps out (guessed)', () => {
    const satin = findFinish('satin');
    expect([0.999, 1, 3.999, 4].map((share) => at(satin, share))).toEqual(['hidden', 'shows', 'shows', 'jumpsOut']);
  });
  it('is as of a larger one under gloss, by what the finish forgives, at most two and a half times; never as of a smaller one', () => {
    for (const id of ['gloss', 'bareChrome', 'clear'] as const)
      expect([0.399, 0.401].map((share) => at(findFinish(id), share))).toEqual(['hidden', 'shows']);
    expect([0.999, 1.001].map((share) => at(findFinish('stone'), share))).toEqual(['hidden', 'shows']);
    const between = { ...findFinish('satin'), valleyForgivenMicrometres: 20 };
    expect([0.799, 0.801].map((share) => at(between, share))).toEqual(['hidden', 'shows']);
  });
});

describe('kinds of flaws', () => {
  it('of the surface are those that filling and sanding take away; the others lie in the paint', () =>
    expect(FLAW_KINDS.filter(({ isOfSurface }) => isOfSurface).map(({ id }) => id)).toEqual([
      ...['layerLine', 'supportScar', 'brim', 'swollenFoot', 'seam', 'pinhole', 'scratch', 'printThrough'],
    ]));
  it('are nineteen', () => expect(FLAW_KINDS).toHaveLength(19));
});
