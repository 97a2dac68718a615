import { WORK_KINDS } from '../../ladder/workKinds';
import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../../climate/airTimeline';
import type { RandomSource } from '../../random/seededRandom';
import { randomIndex, seededRandom } from '../../random/seededRandom';
import type { RungTime, ShopPlan } from '../shopPlan/shopPlan';
import { planShop } from '../shopPlan/planShop';
import type { PlanPerson, PlanPart, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, person, rung, shop } from '../testing/shopBuilder';
import { checkShopPlan } from './checkShopPlan';

type Planned = Extract<ShopPlan, { kind: 'planned' }>;
const HOUR = 60 * MINUTE;

function planned(input: ShopPlanInput, objective: 'readyFirst' | 'surest' = 'readyFirst'): Planned {
  const plan = planShop(input, { objective });
  if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan.faults));
  return plan;
}
const rulesOf = (input: ShopPlanInput, plan: Planned): string[] => [...new Set(checkShopPlan(input, plan).map(({ rule }) => rule))];

/** A plan with one rung moved by some minutes. */
function moved(plan: Planned, rungId: string, minutes: number): Planned {
  const by = minutes * MINUTE;
  const rungs = plan.rungs.map((time): RungTime =>
    time.rungId === rungId
      ? {
          ...time,
          startMs: time.startMs + by,
          endMs: time.endMs + by,
          chunks: time.chunks.map(({ start, end }) => ({ start: start + by, end: end + by })),
        }
      : time,
  );
  return { ...plan, rungs };
}

describe('the checker finds what is wrong with a plan', () => {
  const coats = [rung('p', 'prime', { classId: 'primer' }), rung('s', 'primeSand'), rung('m', 'mask')];
  const input = shop([part('a', coats)]);
  const plan = planned(input);

  it('nothing in a plan as it was made', () => expect(checkShopPlan(input, plan)).toEqual([]));
  it('work on a film that is not ready', () => expect(rulesOf(input, moved(plan, 's', -5))).toContain('film'));
  it('work before what comes before it', () => expect(rulesOf(input, moved(plan, 'm', -120))).toContain('order'));
  it('two works on one pair of hands', () => {
    const two = shop([part('a', [rung('x', 'cut', { minutes: 30 })]), part('b', [rung('y', 'cut', { minutes: 30 })])]);
    const made = planned(two);
    const later = made.rungs.find(({ startMs }) => startMs > NOW)?.rungId ?? '';
    expect(rulesOf(two, moved(made, later, -10))).toContain('hands');
    const overlapping = moved(made, later, -10);
    const shared = { ...overlapping, rungs: overlapping.rungs.map((time) => ({ ...time, personId: time.rungId === later ? 'b' : 'a' })) };
    expect(rulesOf({ ...two, persons: [person('a'), person('b')] }, shared)).toEqual([]);
  });
  it('work by nobody, by somebody who leaves it to others, who is away or who is not asked', () => {
    const one = shop([part('a', [rung('x', 'sand')])]);
    const made = planned(one);
    const by = (personId: string) => ({ ...made, rungs: made.rungs.map((time) => ({ ...time, personId })) });
    const persons = [
      person('a'),
      person('b', { refuses: ['sanding'] }),
      person('c', { hours: [] }),
      person('d', { exceptions: [{ date: '2026-05-28', spans: [] }] }),
    ];
    expect(rulesOf({ ...one, persons }, by('a'))).toEqual([]);
    expect(rulesOf({ ...one, persons }, by('nobody'))).toContain('person');
    expect(rulesOf({ ...one, persons }, by('b'))).toContain('person');
    expect(rulesOf({ ...one, persons }, by('c'))).toContain('hours');
    expect(rulesOf({ ...one, persons }, by('d'))).toContain('hours');
    const asked = { ...one, parts: [part('a', [rung('x', 'sand', { personId: 'b' })])], persons };
    expect(rulesOf(asked, by('a'))).toContain('person');
    expect(rulesOf(asked, by('b'))).toEqual([]);
  });
  it('work outside its hours, in the past, in quiet hours', () => {
    const hours = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 18 * 60, endMinute: 20 * 60 }));
    const evening = shop([part('a', [rung('x', 'firstCut', { minutes: 60 })])], { hours, quietHours: [] });
    const made = planned(evening);
    expect(rulesOf(evening, moved(made, 'x', -30))).toContain('hours');
    expect(rulesOf(input, moved(plan, 'p', -30))).toContain('hours');
    const quiet = { ...evening, quietHours: hours };
    expect(rulesOf(quiet, made)).toContain('hours');
  });
  it('a coat in a closed window, and air its product does not bear', () => {
    const enamel = shop([
      part('a', [rung('e', 'sprayCoat', { classId: 'enamelColour' }), rung('f', 'sprayCoat', { classId: 'enamelColour' })]),
    ]);
    const made = planned(enamel);
    expect(checkShopPlan(enamel, made)).toEqual([]);
    expect(rulesOf(enamel, moved(made, 'f', 120))).toContain('film');
    const damp = { ...enamel.air.typicalDay, meanHumidityPercent: 88 };
    expect(rulesOf({ ...enamel, air: buildAirTimeline([], [], damp) }, made)).toContain('air');
  });
  it('more on the rack than it holds', () => {
    const wet = (id: string): PlanPart => part(id, [rung(`${id}-p`, 'prime', { classId: 'primer' })], 5);
    const two = shop([wet('a'), wet('b')]);
    const made = planned(two);
    expect(checkShopPlan(two, made)).toEqual([]);
    const second = made.rungs.toSorted((x, y) => y.startMs - x.startMs)[0]?.rungId ?? '';
    expect(rulesOf(two, moved(made, second, -40))).toContain('rack');
    const fewer = shop([part('a', [rung('a-p', 'prime', { classId: 'primer', rackPlaces: 3 })], 5), wet('b')]);
    const beside = planned(fewer);
    expect(checkShopPlan(fewer, beside)).toEqual([]);
    expect(rulesOf({ ...fewer, rackPlaces: 7 }, beside)).toContain('rack');
  });
  it('a join to what cannot be handled', () => {
    const joins = [{ id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId: 'g' }];
    const both = shop([part('host', [rung('bond', 'dryFit')]), part('guest', [rung('g', 'prime', { classId: 'primer' })])], { joins });
    const made = planned(both);
    expect(checkShopPlan(both, made)).toEqual([]);
    expect(rulesOf(both, moved(made, 'bond', -20))).toContain('join');
  });
});

/** What ladders are made of here: method and product, in any order. */
const STEPS: readonly (readonly [methodId: string, classId?: string])[] = [
  ['sand'],
  ['primeSand'],
  ['wash'],
  ['warmDry'],
  ['mask'],
  ['unmask'],
  ['inspect'],
  ['prime', 'primer'],
  ['prime', 'fillerPrimer'],
  ['sprayCoat', 'lacquerColour'],
  ['sprayCoat', 'enamelColour'],
  ['sprayCoat', 'enamelColour'],
  ['clear', 'lacquerClear'],
  ['airbrushCoat', 'airbrushAcrylic'],
  ['brushCoat', 'brushAcrylic'],
  ['brushFilm', 'brushEpoxy'],
  ['darkWash', 'acrylicWash'],
];

/** Nobody named, or a finisher with one or two others who have hours of their own and leave some work to others. */
function randomPersons(random: RandomSource): PlanPerson[] {
  const count = randomIndex(random, 3);
  const others = Array.from({ length: count }, (_, at) =>
    person(`w${at}`, {
      hours:
        random() < 0.5
          ? null
          : [1, 3, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 600 + 60 * randomIndex(random, 6), endMinute: 1200 })),
      exceptions: random() < 0.4 ? [{ date: '2026-05-30', spans: [] }] : [],
      refuses: WORK_KINDS.filter(() => random() < 0.25).map(({ id }) => id),
    }),
  );
  return count === 0 ? [] : [person('me'), ...others];
}

/** A shop nobody has: ladders of any steps, cold and damp days, few hours, a small rack. Invented; the same for the same seed. */
function anyShop(seed: number): ShopPlanInput {
  const random: RandomSource = seededRandom(seed * 271 + 5);
  const pick = <T>(list: readonly T[]): T => list[randomIndex(random, list.length)] as T;
  const ladder = (id: string): PlanRung[] =>
    Array.from({ length: 3 + randomIndex(random, 6) }, (_, at) => {
      const [methodId, classId] = pick(STEPS);
      const side = random() < 0.15 ? pick(['under', 'top'] as const) : 'all';
      const done = at === 0 && random() < 0.4 ? { status: { kind: 'done' as const, endMs: NOW - randomIndex(random, 300) * MINUTE } } : {};
      const left = at === 1 && seed % 3 === 0 ? { status: { kind: 'leftOut' as const } } : {};
      const fewer = at % 3 === 2 ? { rackPlaces: 1 } : {};
      const minutes = 5 + randomIndex(random, 40);
      return rung(`${id}-${at}`, methodId, { ...(classId ? { classId } : {}), minutes, side, ...done, ...left, ...fewer });
    });
  const made = Array.from({ length: 2 + randomIndex(random, 4) }, (_, at) => part(`p${at}`, ladder(`p${at}`), 1 + randomIndex(random, 2)));
  // What is left out of the guest is done by the host on both.
  const shared = seed % 3 === 0 ? made[1]?.rungs[1] : undefined;
  const parts = made.map((one, at) =>
    at === 0 && shared
      ? {
          ...one,
          rungs: one.rungs.map((own, place) => (place === one.rungs.length - 1 ? { ...shared, id: own.id, status: own.status } : own)),
        }
      : one,
  );
  const [host, guest] = parts;
  const joins =
    host && guest && random() < 0.5
      ? [
          {
            id: 'j',
            hostPartId: host.id,
            hostRungId: host.rungs.at(-1)?.id ?? '',
            guestPartId: guest.id,
            guestRungId: guest.rungs[1]?.id ?? null,
            ...(shared ? { isShared: true } : {}),
          },
        ]
      : [];
  const meanCelsius = 9 + random() * 16;
  const meanHumidityPercent = 40 + random() * 35;
  const forecast = Array.from({ length: 60 }, (_, hour) => ({
    atMs: NOW + hour * HOUR,
    temperatureCelsius: meanCelsius + 4 * Math.sin(hour / 3.8),
    relativeHumidityPercent: Math.min(97, meanHumidityPercent + 14 * Math.sin(hour / 5 + seed)),
  }));
  return shop(parts, {
    joins,
    persons: randomPersons(random),
    rackPlaces: 3,
    hours: [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: weekday > 5 ? 540 : 1080, endMinute: 1320 })),
    sprayHours: [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 480, endMinute: 1260 })),
    quietHours: [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 1230, endMinute: 1440 })),
    air: buildAirTimeline([], forecast, {
      meanCelsius,
      swingCelsius: 3,
      warmestHour: 15,
      meanHumidityPercent,
      swingHumidityPercent: 10,
      utcOffsetMinutes: 0,
    }),
  });
}

/** The same in the middle of work: things in hand and set down, wishes, waits for what is hard, an appointment, a set that is still printing. */
function anyShopAtWork(seed: number): ShopPlanInput {
  const idle = anyShop(seed);
  const random: RandomSource = seededRandom(seed * 977 + 3);
  const parts = idle.parts.map((one, at): PlanPart => {
    const first = one.rungs.findIndex(({ status }) => status.kind === 'open');
    const isFresh = one.rungs.every(({ status }) => status.kind === 'open');
    const rungs = one.rungs.map((own, place): PlanRung => {
      if (own.status.kind !== 'open') return own;
      const workedMinutes = Math.min(own.minutes, randomIndex(random, 10));
      const isBegun = place === first && random() < 0.25;
      return {
        ...own,
        ...(isBegun ? { status: { kind: 'begun', workedMinutes, isInHand: at === 0, doerId: null } } : {}),
        ...(random() < 0.15 ? { notBeforeMs: NOW + randomIndex(random, 4000) * MINUTE } : {}),
        ...(place > 1 && random() < 0.15 ? { hardRungId: one.rungs[place - 2]?.id ?? null } : {}),
      };
    });
    if (at !== 2 || !isFresh || random() < 0.4) return { ...one, rungs };
    const print = {
      piecesLeft: 1 + randomIndex(random, 4),
      bedPieces: 1 + randomIndex(random, 2),
      pieceMinutes: 30 + randomIndex(random, 400),
    };
    return {
      ...one,
      pieces: 4,
      rungs: one.rungs,
      print: { ...print, startedAtMs: random() < 0.4 ? NOW - 20 * MINUTE : null, failureShare: 0 },
    };
  });
  return {
    ...idle,
    parts,
    airbrushesInside: random() < 0.4,
    boothPlaces: 1 + randomIndex(random, 2),
    yardAir: random() < 0.3 ? idle.air : null,
    busy: random() < 0.4 ? [{ start: NOW + 700 * MINUTE, end: NOW + 760 * MINUTE }] : [],
    props: [{ id: 'prop', name: 'prop', dueMs: random() < 0.5 ? NOW + 5 * 24 * HOUR : null, weight: 1 }],
  };
}

describe('plans of any shop', () => {
  it.each([
    ['surest', 'any shop', anyShop, 20],
    ['readyFirst', 'any shop', anyShop, 6],
    ['surest', 'any shop at work', anyShopAtWork, 20],
    ['readyFirst', 'any shop at work', anyShopAtWork, 6],
  ] as const)('break no rule of the bench (%s, %s)', (objective, _, make, shops) => {
    for (let seed = 1; seed <= shops; seed += 1) {
      const input = make(seed);
      const plan = planned(input, objective);
      expect({ seed, broken: plan.broken, faults: checkShopPlan(input, plan) }).toEqual({ seed, broken: [], faults: [] });
    }
  });
});
