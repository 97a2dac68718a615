import { describe, expect, it } from 'vitest';
import { forecastSchool, USUAL_ENGRAVING } from '../surface/forecast/forecastSchools';
import type { RouteChoice } from '../ladder/growLadder';
import { LABEL_AIR } from '../climate/air';
import { decayAt, fitDecay, hoursToReach } from './decayFit';
import type { InspectedPass, Verdict } from './verdict';
import { judgePasses, LEAST_WIN_MICROMETRES } from './verdict';

const CASE: RouteChoice = {
  material: 'rigid',
  finish: 'gloss',
  age: 'new',
  smoothing: 'primerOnly',
  joining: 'none',
  sealing: 'unsealed',
  layerMillimetres: 0.2,
  areaSquareCentimetres: 1650,
  pieces: 1,
  ridgeMicrometres: 189,
};

/** What the forecast of a school believes, as the application hands it on. */
function believed(smoothing: RouteChoice['smoothing'], wantedMicrometres: number) {
  const found = forecastSchool({ ...CASE, smoothing }, { wantedMicrometres, air: LABEL_AIR, engraving: USUAL_ENGRAVING });
  if (found.kind === 'refused') throw new Error(found.reason);
  return {
    startMicrometres: 189,
    endMicrometres: found.loops.steps.at(-1)?.valleyMicrometres ?? wantedMicrometres,
    hours: found.handsMinutes / 60,
    passes: found.loops.steps.length - 1,
  };
}

const passesOf = (...given: readonly (readonly [hours: number, valley: number | null, flaws: number])[]): InspectedPass[] =>
  given.map(([hours, valleyMicrometres, openFlaws]) => ({ hours, valleyMicrometres, openFlaws }));

function judge(passes: readonly InspectedPass[], wanted = 25, school: RouteChoice['smoothing'] = 'primerOnly'): Verdict {
  return judgePasses({ ...asked(passes), wantedMicrometres: wanted, forecast: believed(school, wanted) });
}

/** A ladder that has laid all its filler and primer; flaws stand as the last pass left them. */
const asked = (passes: readonly InspectedPass[]) => ({
  passes,
  openFlaws: passes.at(-1)?.openFlaws ?? 0,
  openTurns: 0,
  isFillingOpen: false,
});

describe('the telegraph’s case', () => {
  const three = passesOf([1.73, 104, 13], [3.1, 76, 13], [4.4, 51, 8]);
  it('after three passes wants two more, as the demo says', () => {
    const verdict = judge(three);
    expect(verdict.kind).toBe('morePasses');
    expect(verdict.passesLeft).toEqual({ likely: 2, low: 1, high: 3 });
    expect(verdict.valleyNowMicrometres).toBe(51);
    expect(verdict.passHours).toBeCloseTo(4.4 / 3, 9);
  });
  it('is smooth enough where the curve meets what may stay', () => {
    const { fit, reach } = judge(three);
    if (!reach) throw new Error('the curve tells nothing');
    expect(decayAt(fit, reach.hours).value).toBeCloseTo(25, 6);
    expect(reach.hours).toBeGreaterThan(4.4);
    expect(reach.deviation).toBeGreaterThan(0);
    expect(hoursToReach(fit, 25)).toEqual(reach);
  });
  it.each([
    [0.5, 'more is asked from nearer', 10, 4],
    [1.5, 'as the prop is seen', 25, 2],
    [4, 'from across a stage', 66, 0],
  ])('seen from %f m (%s) has %i µm to come down to and %i passes left for the valley', (_, __, wanted, passes) => {
    const verdict = judge(passesOf([1.73, 104, 0], [3.1, 76, 0], [4.4, 51, 0]), wanted);
    expect(verdict.passesLeft.likely).toBe(passes);
    expect(verdict.kind === 'go').toBe(passes === 0);
  });
  it('another pass buys what the curve says, and less each time', () => {
    const first = judge(passesOf([1.73, 104, 0], [3.1, 76, 0]));
    const second = judge(three);
    expect(first.nextWinsMicrometres).toBeGreaterThan(second.nextWinsMicrometres);
    expect(second.nextWinsMicrometres).toBeGreaterThan(LEAST_WIN_MICROMETRES);
    expect(second.nextWinsMicrometres).toBeLessThan(51 - 25);
  });
  it('a pass that was not judged counts its hours and its flaws, and leaves the valley to the curve', () => {
    const verdict = judge(passesOf([1.73, 104, 13], [3.1, 76, 13], [4.4, null, 6]));
    expect(verdict.openFlaws).toBe(6);
    expect(verdict.valleyNowMicrometres).toBeLessThan(76);
    expect(verdict.valleyNowMicrometres).toBeGreaterThan(30);
    expect(verdict.fit.points).toBe(2);
  });
});

describe('the first honest pass', () => {
  // The first cut with coarse paper takes the tops off and leaves the valleys: a valley of 180 of 189 µm after two hours.
  const first = passesOf([2, 180, 0]);
  const judgeFirst = (openTurns: number): Verdict =>
    judgePasses({ ...asked(first), openTurns, isFillingOpen: openTurns > 0, wantedMicrometres: 25, forecast: believed('primerOnly', 25) });

  it.each([0, 1, 4])('never says stop, nor takes turns from the ladder, with %i turns of primer open', (openTurns) => {
    const verdict = judgeFirst(openTurns);
    expect(verdict.kind).not.toBe('stop');
    expect(verdict.passesLeft.likely).toBeGreaterThanOrEqual(Math.max(1, openTurns));
    expect(verdict.isSure).toBe(false);
  });
  it('gives no hours where they would be off by more than they are', () => {
    const hopeless = judgePasses({
      ...asked(passesOf([8, 188, 0])),
      wantedMicrometres: 25,
      forecast: { startMicrometres: 189, endMicrometres: 24, hours: 9, passes: 4 },
    });
    expect(hopeless.reach).toBeNull();
    expect(hopeless.passesLeft).toEqual({ likely: 3, low: 3, high: 3 });
  });
  it('says stop once two valleys tell that nothing is won and no filler is left to lay', () => {
    const spent = passesOf([2, 31, 0], [4, 30.5, 0], [6, 30.4, 0], [8, 30.3, 0], [8.2, 30.3, 0]);
    const judgeSpent = (isFillingOpen: boolean) =>
      judgePasses({
        ...asked(spent),
        isFillingOpen,
        openTurns: isFillingOpen ? 1 : 0,
        wantedMicrometres: 25,
        forecast: { startMicrometres: 142, endMicrometres: 20, hours: 5, passes: 4 },
      });
    expect(judgeSpent(false).kind).toBe('stop');
    expect(judgeSpent(true).kind).not.toBe('stop');
  });
});

describe('flaws', () => {
  it('are counted before the first pass too', () => {
    expect(judgePasses({ ...asked([]), openFlaws: 7, wantedMicrometres: 25, forecast: believed('primerOnly', 25) }).openFlaws).toBe(7);
  });
  it('that are open keep a smooth surface from going on: one pass to mend them', () => {
    expect(judge(passesOf([2, 60, 9], [4, 22, 2]))).toMatchObject({ kind: 'onePass', passesLeft: { likely: 1, low: 1, high: 1 } });
    expect(judge(passesOf([2, 60, 9], [4, 22, 0]))).toMatchObject({ kind: 'go', passesLeft: { likely: 0 } });
  });
  it('are expected to fall as they did, drawn towards seven in ten while little is known', () => {
    expect(judge(passesOf([1, 90, 20])).flawsAfterNext).toBeNull();
    const quick = judge(passesOf([1, 90, 40], [2, 80, 4], [3, 70, 1])).flawsAfterNext ?? NaN;
    const slow = judge(passesOf([1, 90, 40], [2, 80, 38], [3, 70, 36])).flawsAfterNext ?? NaN;
    expect(quick).toBeLessThan(0.3);
    expect(slow).toBeGreaterThan(25);
    expect(slow).toBeLessThan(36);
  });
  it('that grow are not promised to fall below what there is by magic, nor to grow for ever', () => {
    const growing = judge(passesOf([1, 90, 5], [2, 80, 15])).flawsAfterNext ?? NaN;
    expect(growing).toBeLessThanOrEqual(15);
    expect(growing).toBeGreaterThan(5);
  });
});

describe('what the forecast believes', () => {
  it('decides alone before the first pass, by the school that was chosen', () => {
    const primer = judge([], 25, 'primerOnly');
    const filler = judge([], 25, 'bodyFiller');
    expect([primer.kind, filler.kind]).toEqual(['notYet', 'notYet']);
    expect(filler.reach?.hours).toBeLessThan(primer.reach?.hours ?? NaN);
    expect(primer.passesLeft.likely).toBeGreaterThan(filler.passesLeft.likely);
  });
  it('gives way to what is found: a print that was smoother than thought is done sooner', () => {
    const rough = judge(passesOf([1.5, 110, 0], [3, 90, 0]));
    const smooth = judge(passesOf([1.5, 60, 0], [3, 34, 0]));
    expect(smooth.reach?.hours).toBeLessThan(rough.reach?.hours ?? NaN);
    expect(smooth.passesLeft.likely).toBeLessThan(rough.passesLeft.likely);
  });
  it('of a cast, which has no lines, asks for no more than a look', () => {
    const verdict = judgePasses({
      ...asked(passesOf([0.5, 4, 0])),
      wantedMicrometres: 10,
      forecast: { startMicrometres: 0, endMicrometres: 0, hours: 0.5, passes: 1 },
    });
    expect(verdict.kind).toBe('go');
  });
  it('more points leave less doubt, whatever they say', () => {
    const prior = { start: 150, startLogDeviation: 0.35, ratePerHour: 0.3, rateDeviation: 0.15 };
    const points = [1, 2, 3, 4, 5].map((hours) => ({ hours, left: 150 * Math.exp(-0.25 * hours), logDeviation: 0.2 }));
    const doubts = points.map((_, count) => hoursToReach(fitDecay(points.slice(0, count + 1), prior), 20).deviation);
    expect(doubts).toEqual(doubts.toSorted((a, b) => b - a));
  });
});
