import { describe, expect, it } from 'vitest';
import { airAt } from '../../../climate/airTimeline';
import { dewPointCelsius } from '../../../climate/dewPoint';
import type { PlanPart, ShopPlanInput } from '../../shop/shopPlanInput';
import { film, MINUTE, NOW, part, rung, shop } from '../../testing/shopBuilder';
import { planShop, planShopAtOnce } from '../../shopPlan/planShop';
import { gainedMinutes, rankOutcomes, unchangedP80Ms } from '../rankWhatIfs';
import type { WhatIfOutcome } from '../tryWhatIf';
import { planOnceMore, tryWhatIf } from '../tryWhatIf';
import type { WhatIf } from './whatIf';
import { applyWhatIf, suggestRemedies, suggestWhatIfs, whatIfWords } from './whatIfs';

const HOUR = 60 * MINUTE;
const coats = (count: number, classId = 'lacquerColour') =>
  Array.from({ length: count }, (_, at) => rung(`coat-${at}`, 'sprayCoat', { classId }));
const coatsOf = (id: string) => coats(2).map((coat) => ({ ...coat, id: `${id} ${coat.id}` }));
const evenings = [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMinute: 18 * 60, endMinute: 21 * 60 }));
const garage = (parts: readonly PlanPart[], change: Partial<ShopPlanInput> = {}): ShopPlanInput =>
  shop(parts, { hours: evenings, props: [{ id: 'prop', name: 'prop', dueMs: NOW + 10 * 24 * HOUR, weight: 1 }], ...change });

/** 28 May 2026 is a Thursday; the first day without hours is Saturday. */
const SATURDAY = { kind: 'evening', date: '2026-05-30', startMinute: 540, endMinute: 1020 } as const;

describe('what is worth trying', () => {
  it('is heat, the next free day, more places, a coat in the middle of many, and thinner coats', () => {
    const found = suggestWhatIfs(garage([part('a', coats(3))]));
    expect(found).toEqual([
      { kind: 'heater', celsius: 20 },
      SATURDAY,
      { kind: 'rack', places: 2 },
      { kind: 'sprayPlace' },
      { kind: 'leaveOut', rungId: 'coat-1' },
      { kind: 'thinner', rungIds: ['coat-0', 'coat-1', 'coat-2'], share: 0.7 },
    ]);
  });
  it('never leaves out one of two coats, nor thins what is not sprayed', () => {
    const kinds = suggestWhatIfs(garage([part('a', [...coats(2, 'brushAcrylic')])])).map((whatIf) => whatIf.kind);
    expect(kinds).not.toContain('leaveOut');
    expect(kinds).not.toContain('thinner');
  });
  it('is a turn of the loop fewer where it comes more than once', () => {
    const turn = (id: string) => [rung(`prime ${id}`, 'prime', { classId: 'fillerPrimer' }), rung(`sand ${id}`, 'primeSand')];
    const found = (turns: number) =>
      suggestWhatIfs(garage([part('a', Array.from({ length: turns }, (_, at) => turn(String(at))).flat())])).find(
        (whatIf) => whatIf.kind === 'leaveOutLoop',
      );
    expect(found(3)).toEqual({ kind: 'leaveOutLoop', rungIds: ['prime 2', 'sand 2'] });
    expect(found(1)).toBeUndefined();
  });
  it('is a dryer on thin films that something waits for, and never on thick ones', () => {
    const ladder = (classId: string) => [rung('coat', 'airbrushCoat', { classId }), rung('detail', 'detail')];
    const dryers = (classId: string) => suggestWhatIfs(garage([part('a', ladder(classId))])).filter((whatIf) => whatIf.kind === 'dryer');
    expect(dryers('airbrushAcrylic')).toEqual([{ kind: 'dryer', rungIds: ['coat'], minutes: 5 }]);
    // Filler primer is 40 µm, enamel cures by oxygen: warm air only skins them over.
    expect(dryers('fillerPrimer')).toEqual([]);
    expect(dryers('enamelColour')).toEqual([]);
  });
  it('is a lamp only where spraying ends with daylight', () => {
    const kinds = (daylightAt: ShopPlanInput['daylightAt']) =>
      suggestWhatIfs(garage([part('a', coats(2))], { daylightAt })).map(({ kind }) => kind);
    expect(kinds(null)).not.toContain('lamplight');
    expect(kinds({ latitude: 55.7, longitude: 12.6 })).toContain('lamplight');
  });
  it('is spraying inside only where it is done out of doors; a heater warms the shop and not the yard', () => {
    const here = garage([part('a', coats(2))]);
    const out = { ...here, yardAir: here.air, daylightAt: { latitude: 55.7, longitude: 12.6 } };
    expect(suggestWhatIfs(here).map(({ kind }) => kind)).not.toContain('indoors');
    expect(suggestWhatIfs(out).map(({ kind }) => kind)).toContain('indoors');
    expect(applyWhatIf(out, { kind: 'indoors' })).toEqual({ ...here, yardAir: null, daylightAt: null });
    const heated = applyWhatIf(out, { kind: 'heater', celsius: 28 });
    expect(airAt(heated.air, NOW).temperatureCelsius).toBe(28);
    expect(heated.yardAir).toBe(out.yardAir);
  });
  it('is the airbrush inside only where one is used out of doors', () => {
    const brushed = garage([part('a', [rung('airbrush', 'sprayCoat', { classId: 'airbrushAcrylic' })])]);
    const out = { ...brushed, yardAir: brushed.air };
    const kinds = (input: ShopPlanInput) => suggestWhatIfs(input).map(({ kind }) => kind);
    expect(kinds(brushed)).not.toContain('airbrushIndoors');
    expect(kinds(out)).toContain('airbrushIndoors');
    expect(kinds({ ...garage([part('a', coats(2))]), yardAir: brushed.air })).not.toContain('airbrushIndoors');
    const inside = applyWhatIf(out, { kind: 'airbrushIndoors' });
    expect(inside).toEqual({ ...out, airbrushesInside: true });
    expect(kinds(inside)).not.toContain('airbrushIndoors');
  });
  it('finds no evening where every day has hours', () => {
    expect(suggestWhatIfs(shop([part('a', coats(1))])).some((whatIf) => whatIf.kind === 'evening')).toBe(false);
  });
});

describe('the shop as it would be', () => {
  const input = garage([part('a', coats(3))]);
  it('is warmer by a heater, with the same water in its air', () => {
    const cold = { ...input, air: { ...input.air, typicalDay: { ...input.air.typicalDay, meanCelsius: 12, meanHumidityPercent: 70 } } };
    const warm = airAt(applyWhatIf(cold, { kind: 'heater', celsius: 20 }).air, NOW);
    expect(warm.temperatureCelsius).toBe(20);
    // Warming moves no water: the dew point stays where it was.
    expect(dewPointCelsius(20, warm.relativeHumidityPercent)).toBeCloseTo(dewPointCelsius(12, 70), 6);
    expect(airAt(applyWhatIf(input, { kind: 'heater', celsius: 20 }).air, NOW).temperatureCelsius).toBe(23);
  });
  it('has one evening more, beside what that date has already', () => {
    const evening = { kind: 'evening', date: '2026-05-30', startMinute: 540, endMinute: 1020 } as const;
    const once = applyWhatIf(input, evening);
    expect(once.exceptions).toEqual([{ date: '2026-05-30', spans: [{ startMinute: 540, endMinute: 1020 }] }]);
    expect(applyWhatIf(once, { ...evening, startMinute: 1080, endMinute: 1200 }).exceptions[0]?.spans).toHaveLength(2);
    expect(input.exceptions).toEqual([]);
  });
  it('has more places, one coat fewer, thinner coats; what was asked of is not written to', () => {
    expect(applyWhatIf(input, { kind: 'rack', places: 2 }).rackPlaces).toBe(10);
    expect(applyWhatIf(input, { kind: 'sprayPlace' }).boothPlaces).toBe(2);
    const without = applyWhatIf(input, { kind: 'leaveOut', rungId: 'coat-1' }).parts[0]?.rungs.map((entry) => entry.status.kind);
    expect(without).toEqual(['open', 'leftOut', 'open']);
    const thin = applyWhatIf(input, { kind: 'thinner', rungIds: ['coat-0'], share: 0.5 }).parts[0]?.rungs;
    expect(thin?.map((entry) => entry.film?.coatMicrometres)).toEqual([6, 12, 12]);
    expect(input.parts[0]?.rungs[0]?.film?.coatMicrometres).toBe(12);
  });
});

describe('what comes of trying', () => {
  it('gains what can be seen by eye: five hours of sanding are done a day sooner with a Saturday', () => {
    const input = garage([part('a', [rung('sand', 'sand', { minutes: 9 * 60 })])]);
    const usual = tryWhatIf(input, { kind: 'sprayPlace' }, { objective: 'readyFirst', runs: 20, seed: 1 });
    const evening = { kind: 'evening', date: '2026-05-30', startMinute: 540, endMinute: 1020 } as const;
    const withSaturday = tryWhatIf(input, evening, { objective: 'readyFirst', runs: 20, seed: 1 });
    // Thursday, Friday and Monday evening, or Thursday, Friday and Saturday from nine to twelve.
    expect(new Date(usual.readyMs ?? 0).toISOString()).toBe('2026-06-01T21:00:00.000Z');
    expect(new Date(withSaturday.readyMs ?? 0).toISOString()).toBe('2026-05-30T12:00:00.000Z');
    expect(withSaturday.outlook?.p80Ms ?? Infinity).toBeLessThan(usual.outlook?.p80Ms ?? 0);
  });
  it('never makes more room look worse than the plan there is', () => {
    const input = garage(
      ['a', 'b', 'c'].map((id) => part(id, [rung(`cut ${id}`, 'cut', { minutes: 70 }), ...coatsOf(id), rung(`fit ${id}`, 'fit')])),
    );
    const plan = planShop(input, { seed: 4 });
    if (plan.kind !== 'planned') throw new Error('faulty');
    const before = Object.fromEntries(plan.rungs.map((time) => [time.rungId, time.startMs]));
    const roomier = tryWhatIf(input, { kind: 'rack', places: 2 }, { objective: 'readyFirst', runs: 1, seed: 1, before });
    expect(roomier.readyMs ?? Infinity).toBeLessThanOrEqual(plan.readyMs);
  });
  it('is measured by the shop as it is, planned once more the same way: what changes nothing gains nothing', () => {
    const input = garage(
      ['a', 'b', 'c'].map((id) => part(id, [rung(`cut ${id}`, 'cut', { minutes: 70 }), ...coatsOf(id), rung(`fit ${id}`, 'fit')])),
    );
    const plan = planShop(input, { seed: 4 });
    if (plan.kind !== 'planned') throw new Error('faulty');
    const trial = {
      objective: 'readyFirst',
      runs: 40,
      seed: 2,
      before: Object.fromEntries(plan.rungs.map((time) => [time.rungId, time.startMs])),
    } as const;
    const nothing = tryWhatIf(input, { kind: 'longer', minutes: 0 }, trial);
    const onceMore = planOnceMore(input, trial);
    if (!onceMore) throw new Error('not planned');
    expect(onceMore).toEqual(nothing.outlook);
    expect(gainedMinutes(nothing, onceMore.p80Ms)).toBe(0);
    // The plan there is may be the better one, or the one found by looking again.
    const at = (p80Ms: number) => ({ ...onceMore, p80Ms });
    expect([unchangedP80Ms(at(5), at(7)), unchangedP80Ms(at(7), at(5)), unchangedP80Ms(at(7), null)]).toEqual([5, 5, 7]);
  });
  it('meets the same fortunes as any other with its seed', () => {
    const input = garage([part('a', [rung('sand', 'sand', { minutes: 100 })])]);
    const ask = () => tryWhatIf(input, { kind: 'rack', places: 2 }, { objective: 'readyFirst', runs: 50, seed: 3 }).outlook;
    expect(ask()).toEqual(ask());
    expect(ask()?.p80Ms).toBe(tryWhatIf(input, { kind: 'sprayPlace' }, { objective: 'readyFirst', runs: 50, seed: 3 }).outlook?.p80Ms);
  });
  it('says how much still has no place', () => {
    const input = garage([part('a', [rung('long', 'washResin', { minutes: 400 })])]);
    expect(tryWhatIf(input, { kind: 'rack', places: 2 }, { objective: 'readyFirst', runs: 1, seed: 1 })).toMatchObject({
      readyMs: null,
      unplaced: 1,
    });
    const evening = { kind: 'evening', date: '2026-05-30', startMinute: 540, endMinute: 1020 } as const;
    expect(tryWhatIf(input, evening, { objective: 'readyFirst', runs: 1, seed: 1 })).toMatchObject({ unplaced: 0 });
  });
});

describe('the rank of what was tried', () => {
  const outcome = (places: number, unplaced: number, p80Ms: number | null): WhatIfOutcome => ({
    whatIf: { kind: 'rack', places },
    readyMs: null,
    unplaced,
    lateHours: 0,
    order: {},
    outlook: p80Ms === null ? null : { ...NO_OUTLOOK, p80Ms },
  });
  const NO_OUTLOOK = { runs: 1, seed: 1, notBeforeMs: 0, p50Ms: 0, p80Ms: 0, endsMs: 1, props: [], risks: [], missedWindows: 0 };
  it('puts a place for every rung before any gain of time, and what was not played last', () => {
    const p80Ms = 1000 * MINUTE;
    const ranked = rankOutcomes(
      [outcome(1, 0, 990 * MINUTE), outcome(2, 1, 100 * MINUTE), outcome(3, 0, null), outcome(4, 0, 900 * MINUTE)],
      p80Ms,
      NO_OUTLOOK,
      [],
    );
    expect(ranked.map((entry) => entry.whatIf)).toEqual([4, 1, 3, 2].map((places) => ({ kind: 'rack', places })));
    expect(ranked.map((entry) => gainedMinutes(entry, p80Ms))).toEqual([100, 10, Number.NEGATIVE_INFINITY, 900]);
  });
  it('an idea that only takes a bound away is never told as later; heat may be', () => {
    const outlook = { p80Ms: NOW + 3_600_000 } as WhatIfOutcome['outlook'];
    const later = (whatIf: WhatIf) => gainedMinutes({ outlook, whatIf }, NOW);
    expect(later({ kind: 'sprayPlace' })).toBe(0);
    expect(later({ kind: 'rack', places: 2 })).toBe(0);
    expect(later({ kind: 'heater', celsius: 20 })).toBe(-60);
  });
});

/** What has no place in the first plan, and what came of each remedy for it. */
function mend(input: ShopPlanInput) {
  const plan = planShopAtOnce(input);
  if (plan.kind !== 'planned') throw new Error('faulty');
  const remedies = suggestRemedies(plan.unplaced, input);
  return {
    unplaced: plan.unplaced,
    outcomes: remedies.map((whatIf) => tryWhatIf(input, whatIf, { objective: 'readyFirst', runs: 1, seed: 1 })),
  };
}
const mended = (outcomes: readonly { whatIf: WhatIf; unplaced: number }[]) =>
  outcomes.filter((outcome) => outcome.unplaced === 0).map((outcome) => outcome.whatIf.kind);

describe('what would mend a plan that cannot be', () => {
  it('is longer hours for work that is too long for them, by as much as it lacks', () => {
    const { unplaced, outcomes } = mend(garage([part('a', [rung('long', 'washResin', { minutes: 200 })])]));
    expect(unplaced.map((entry) => entry.cause.kind)).toEqual(['noWindow']);
    // The evening is 180 minutes; twenty are lacking, hours go by quarters.
    expect(outcomes.map((outcome) => outcome.whatIf)).toEqual([SATURDAY, { kind: 'longer', minutes: 30 }]);
    expect(mended(outcomes)).toEqual(['evening', 'longer']);
  });
  it('is a lamp, or hours by day, for spraying where every evening is dark; staying longer is no help', () => {
    // So far south the sun is down by four at the end of May.
    const dark = { daylightAt: { latitude: -55, longitude: 12.6 } };
    const { unplaced, outcomes } = mend(garage([part('a', [rung('coat', 'sprayCoat', { classId: 'lacquerColour' })])], dark));
    expect(unplaced).toMatchObject([{ cause: { kind: 'noWindow', longestMinutes: 0 } }]);
    expect(mended(outcomes)).toEqual(['evening', 'lamplight']);
    // What is sanded needs no light.
    const sanding = mend(garage([part('a', [rung('long', 'washResin', { minutes: 200 })])], dark));
    expect(sanding.outcomes.map(({ whatIf }) => whatIf.kind)).not.toContain('lamplight');
  });
  it('is spraying inside where it is too cold out of doors whatever the hours; a lamp is no help', () => {
    const { air } = garage([]);
    const cold = { ...air, typicalDay: { ...air.typicalDay, meanCelsius: 3 } };
    const { unplaced, outcomes } = mend(garage([part('a', [rung('coat', 'sprayCoat', { classId: 'lacquerColour' })])], { yardAir: cold }));
    expect(unplaced.map((entry) => entry.cause.kind)).toEqual(['noWindow']);
    expect(mended(outcomes)).toEqual(['indoors']);
  });
  it('is the airbrush inside as well, for what is airbrushed out in the cold', () => {
    const { air } = garage([]);
    const cold = { ...air, typicalDay: { ...air.typicalDay, meanCelsius: 3 } };
    const { outcomes } = mend(garage([part('a', [rung('airbrush', 'sprayCoat', { classId: 'airbrushAcrylic' })])], { yardAir: cold }));
    expect(mended(outcomes)).toEqual(['indoors', 'airbrushIndoors']);
  });
  it('is as many rack places as a set lacks', () => {
    const set = part('a', [rung('coat', 'sprayCoat', { classId: 'lacquerColour' })], 11);
    const { outcomes } = mend(garage([set]));
    expect(outcomes.map((outcome) => outcome.whatIf)).toEqual([{ kind: 'rack', places: 3 }]);
    expect(mended(outcomes)).toEqual(['rack']);
  });
  it('is a scuff where a window closes before hands are there', () => {
    // A paint whose window closes after an hour for good, and work between its coats that takes longer.
    const { drying, ...rest } = film('lacquerColour');
    const closing = { ...rest, drying: { ...drying, recoatUntilMinutes: 60, recoatAgainMinutes: null } };
    const coat = (id: string) => rung(id, 'sprayCoat', { film: closing });
    const { unplaced, outcomes } = mend(
      garage([part('a', [coat('first'), rung('between', 'washResin', { minutes: 120 }), coat('second')])]),
    );
    expect(unplaced).toMatchObject([{ taskId: 'second', cause: { kind: 'windowCloses', fromTaskId: 'first' } }]);
    expect(mended(outcomes)).toEqual(['scuff']);
  });
});

describe('warm air', () => {
  const ladder = (isWarmed: boolean) => [
    rung('coat', 'airbrushCoat', { classId: 'airbrushAcrylic' }),
    ...(isWarmed ? [rung('warm', 'warmDry', { minutes: 5 })] : []),
    rung('detail', 'detail'),
  ];
  const startOf = (isWarmed: boolean): number => {
    const plan = planShopAtOnce(shop([part('a', ladder(isWarmed))]));
    return plan.kind === 'planned' ? ((plan.rungs.find((time) => time.rungId === 'detail')?.startMs ?? 0) - NOW) / MINUTE : Number.NaN;
  };
  it('brings forward what waits for the film: five minutes count for thirty at label air', () => {
    // Handle at 30 min (class table); touch at 5, then five minutes of warm air do the rest.
    expect(startOf(false) - startOf(true)).toBe(20);
  });
});

describe('an idea in words', () => {
  const wording = {
    temperature: (celsius: number) => `${celsius} °C`,
    day: (ms: number) => new Date(ms).toISOString().slice(0, 10),
    timeOfDay: (minute: number) => `${minute / 60} h`,
    span: (minutes: number) => `${minutes} min`,
    rungTitle: (id: string) => `<${id}>`,
    partName: (id: string) => `part ${id}`,
  };
  const told: readonly [WhatIf, string][] = [
    [{ kind: 'heater', celsius: 20 }, 'A heater to 20 °C'],
    [{ kind: 'evening', date: '2026-05-30', startMinute: 540, endMinute: 1020 }, 'Hands on 2026-05-30, 9 h–17 h'],
    [{ kind: 'rack', places: 2 }, '2 rack places more'],
    [{ kind: 'rack', places: 1 }, '1 rack place more'],
    [{ kind: 'sprayPlace' }, 'One spray place more'],
    [{ kind: 'lamplight' }, 'Spraying by lamplight, after dark too'],
    [{ kind: 'leaveOut', rungId: 'coat' }, 'Leave out <coat>'],
    [{ kind: 'leaveOutLoop', rungIds: ['fill', 'sand'] }, 'A turn fewer: leave out <fill> and <sand>'],
    [{ kind: 'dryer', rungIds: ['coat'], minutes: 5 }, 'A dryer on 1 thin coat, 5 min each'],
    [{ kind: 'dryer', rungIds: ['a', 'b'], minutes: 5 }, 'A dryer on 2 thin coats, 5 min each'],
    [{ kind: 'scuff', beforeRungId: 'coat', minutes: 5 }, 'Let it dry and scuff it before <coat>'],
    [{ kind: 'longer', minutes: 45 }, 'Stay 45 min longer each day'],
    [{ kind: 'school', partId: 'tank', smoothing: 'brushEpoxy', rungs: [] }, 'Brush-on epoxy on part tank'],
    [{ kind: 'thinner', rungIds: ['coat'], share: 0.7 }, 'Sprayed coats at 70 % of their film'],
  ];
  it.each(told)('%j', (whatIf, words) => expect(whatIfWords(whatIf, wording)).toBe(words));
});
