import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../../climate/airTimeline';
import { buildShopProblem } from '../shop/buildShopProblem';
import { checkPlan } from '../judge/checkPlan';
import type { RungTime, ShopPlan } from './shopPlan';
import { handsMinutes } from './handsMinutes';
import { planShop } from './planShop';
import { plannedPlacements } from './plannedPlacements';
import type { PlanPart, ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, pairs, part, rung, shop } from '../testing/shopBuilder';

function planned(input: ShopPlanInput): {
  plan: Extract<ShopPlan, { kind: 'planned' }>;
  at: (id: string) => number;
  time: (id: string) => RungTime;
} {
  const plan = planShop(input);
  if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan));
  const { problem } = buildShopProblem(input, plan.horizonDays);
  expect(checkPlan(problem, { placements: plannedPlacements(problem, plan), unplaced: [] })).toEqual([]);
  const time = (id: string): RungTime => {
    const found = plan.rungs.find((entry) => entry.rungId === id);
    if (!found) throw new Error(`${id} has no place`);
    return found;
  };
  return { plan, time, at: (id) => (time(id).startMs - NOW) / MINUTE };
}

describe('the shop’s plan in label air', () => {
  it('waits as long as the label says: sand after 60 min, tape after 120', () => {
    const { at } = planned(
      shop([part('a', [rung('prime', 'prime', { classId: 'primer' }), rung('sand', 'primeSand'), rung('mask', 'mask')])]),
    );
    expect(at('sand')).toBe(10 + 60);
    expect(at('mask')).toBe(10 + 120);
  });
  it('takes coats in a row as one wet film and waits for its depth', () => {
    const { at } = planned(
      shop([part('a', [rung('1', 'prime', { classId: 'primer' }), rung('2', 'prime', { classId: 'primer' }), rung('sand', 'primeSand')])]),
    );
    expect(at('2')).toBe(20);
    // The second coat goes on in the session of the first: five minutes of its ten were getting ready.
    expect(at('sand')).toBe(25 + 120);
  });
  it('waits until hard where a film is not for sanding', () => {
    const { at } = planned(shop([part('a', [rung('metal', 'sprayCoat', { classId: 'metallicLacquer' }), rung('sand', 'primeSand')])]));
    expect(at('sand')).toBe(10 + 3 * 1440);
  });
  it('lets any coat follow once the film was sanded', () => {
    const { at } = planned(
      shop([
        part('a', [
          rung('enamel', 'sprayCoat', { classId: 'enamelColour' }),
          rung('sand', 'primeSand'),
          rung('more', 'sprayCoat', { classId: 'enamelColour' }),
        ]),
      ]),
    );
    expect(at('sand')).toBe(10 + 1440);
    expect(at('more')).toBe(at('sand') + 10);
  });
  it('keeps the second coat of an enamel within its window and tells when that closes', () => {
    const { at, time } = planned(
      shop([part('a', [rung('1', 'sprayCoat', { classId: 'enamelColour' }), rung('2', 'sprayCoat', { classId: 'enamelColour' })])]),
    );
    expect(at('2')).toBe(20);
    expect(time('2').windowClosesMs).toBe(NOW + 70 * MINUTE);
  });
  it('asks for a scuff after full cure where a laid film’s only window was missed', () => {
    const laid = rung('1', 'brushFilm', { classId: 'contactCement', status: { kind: 'done', endMs: NOW - 90 * MINUTE } });
    const { at, time } = planned(shop([part('a', [laid, rung('2', 'brushFilm', { classId: 'contactCement' })])]));
    // Hands begin five minutes sooner, to get ready.
    expect(at('2')).toBe(1440 - 90 - 5);
    expect(time('2').reasons?.waits[0]?.cause).toMatchObject({ kind: 'arc', reason: { kind: 'missedWindow' } });
  });
  it('fills the waits of one part with the work of another', () => {
    const { at } = planned(
      shop([
        part('a', [rung('prime', 'prime', { classId: 'primer' }), rung('sand', 'primeSand')]),
        part('b', [rung('cut', 'cut', { minutes: 50 })]),
      ]),
    );
    expect(at('sand')).toBe(70);
    expect(at('cut')).toBe(10);
  });
  it('works two parts at once with two pairs of hands', () => {
    const parts = [part('a', [rung('x', 'cut')]), part('b', [rung('y', 'cut')])];
    expect([planned(shop(parts, { persons: pairs(2) })).at('x'), planned(shop(parts, { persons: pairs(2) })).at('y')]).toEqual([0, 0]);
  });
  it('does not spray what the rack cannot hold', () => {
    const sprayed = (id: string): PlanPart => part(id, [rung(id, 'prime', { classId: 'primer' })]);
    const { at } = planned(shop([sprayed('a'), sprayed('b')], { rackPlaces: 1 }));
    // The second waits until the first can be handled, 60 min after its coat.
    expect([at('a'), at('b')].sort((x, y) => x - y)).toEqual([0, 60]);
  });
  it('a coat on some pieces of a set takes the places of these, and the whole set’s next coat only those it has not', () => {
    const primer = { classId: 'primer' };
    const mended = part('set', [rung('mended', 'prime', { ...primer, rackPlaces: 1 })], 3);
    const other = part('b', [rung('b', 'prime', primer)], 2);
    const starts = (parts: readonly PlanPart[], rackPlaces: number): number[] => {
      const { at } = planned(shop(parts, { rackPlaces }));
      return parts.flatMap(({ rungs }) => rungs.map(({ id }) => at(id))).sort((x, y) => x - y);
    };
    expect(starts([mended, other], 3)).toEqual([0, 10]);
    expect(starts([part('set', [rung('mended', 'prime', primer)], 3), other], 3)).toEqual([0, 60]);
    const whole = part('set', [rung('one', 'prime', { ...primer, rackPlaces: 1 }), rung('all', 'prime', primer)], 3);
    // The next coat may come after 10 min (class table), long before the first can be handled: its place is not asked for twice.
    expect(starts([whole], 3)).toEqual([0, 20]);
    const tooMany = planShop(shop([{ ...whole, rackPlaces: 9 }], { rackPlaces: 8 }));
    expect(tooMany.kind === 'planned' && tooMany.unplaced.map(({ cause }) => cause)).toEqual([
      { kind: 'tooMuch', resourceId: 'rack', needed: 9, capacity: 8 },
    ]);
  });
  it('finishes what is in hand before anything else, reckoning with what is done of it', () => {
    const { at, time } = planned(
      shop([
        part('a', [rung('first', 'cut')]),
        part('b', [rung('held', 'cut', { minutes: 30, status: { kind: 'begun', workedMinutes: 12, isInHand: true, doerId: null } })]),
      ]),
    );
    expect(at('held')).toBe(0);
    expect((time('held').endMs - NOW) / MINUTE).toBe(18);
    expect(at('first')).toBe(18);
  });
  it('passes over what is left out, and starts nothing before it is wanted', () => {
    const { plan, at } = planned(
      shop([part('a', [rung('out', 'cut', { status: { kind: 'leftOut' } }), rung('later', 'cut', { notBeforeMs: NOW + 95 * MINUTE })])]),
    );
    expect(plan.rungs.map((entry) => entry.rungId)).toEqual(['later']);
    expect(at('later')).toBe(95);
  });
  it('sprays only when the air allows it, and says that this is why', () => {
    const damp = buildAirTimeline(
      [0, 1, 2, 3].map((hour) => ({ atMs: NOW + hour * 60 * MINUTE, temperatureCelsius: 18, relativeHumidityPercent: hour < 2 ? 95 : 50 })),
      [],
      { meanCelsius: 20, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 50, swingHumidityPercent: 0, utcOffsetMinutes: 0 },
    );
    const { at, time } = planned(shop([part('a', [rung('prime', 'prime', { classId: 'primer' })])], { air: damp }));
    expect(at('prime')).toBeGreaterThan(60);
    expect(time('prime').reasons?.binding).toBe('calendar');
  });
  it('tells what kept a rung waiting: the rung the hands were busy with', () => {
    const { time } = planned(shop([part('a', [rung('long', 'cut', { minutes: 40 })]), part('b', [rung('short', 'cut', { minutes: 5 })])]));
    const waiting = time('long').startMs > time('short').startMs ? time('long') : time('short');
    expect(waiting.reasons).toMatchObject({ binding: 'busy', busyWithTaskId: waiting.rungId === 'long' ? 'short' : 'long' });
  });
});

describe('joins', () => {
  const host = part('host', [rung('host cut', 'cut'), rung('bond', 'bond', { classId: 'epoxyGlue' }), rung('host fill', 'cut')]);
  const guest = part('guest', [rung('guest cut', 'cut'), rung('guest after', 'cut')]);
  const join = { id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId: 'guest cut' };
  it('hold the host back until the guest is ready, and the guest’s rest until the glue can be handled', () => {
    const { at } = planned(shop([host, guest], { joins: [join] }));
    expect(at('bond')).toBe(20);
    expect(at('guest after')).toBeGreaterThanOrEqual(at('bond') + 10 + 20);
  });
  it('that name what is not there change nothing', () => {
    const { plan } = planned(shop([host, guest], { joins: [{ ...join, hostRungId: 'ghost' }] }));
    expect(plan.rungs).toHaveLength(5);
  });
  it('that contradict each other are told with the rungs of the circle', () => {
    const plan = planShop(
      shop([host, guest], {
        joins: [join, { id: 'back', hostPartId: 'guest', hostRungId: 'guest cut', guestPartId: 'host', guestRungId: 'bond' }],
      }),
    );
    expect(plan.kind === 'faulty' && plan.faults[0]).toMatchObject({ kind: 'cycle' });
  });
});

describe('dates', () => {
  it('are kept by putting the urgent prop first', () => {
    const props = [
      { id: 'prop', name: 'late', dueMs: NOW + 30 * 86_400_000, weight: 1 },
      { id: 'soon', name: 'soon', dueMs: NOW + 60 * MINUTE, weight: 1 },
    ];
    const parts = [
      part('a', [rung('slow', 'cut', { minutes: 300 })]),
      { ...part('b', [rung('quick', 'cut', { minutes: 40 })]), propId: 'soon' },
    ];
    const { plan } = planned(shop(parts, { props }));
    const soon = plan.props.find((prop) => prop.propId === 'soon');
    expect(soon?.readyMs).toBeLessThanOrEqual(NOW + 60 * MINUTE);
    expect(handsMinutes(plan.rungs.filter(({ partId }) => partId === 'b'))).toBe(40);
  });
  it('far ahead are still planned: a horizon too near is widened by itself', () => {
    const rungs = Array.from({ length: 12 }, (_, at) => rung(`coat ${at}`, 'sprayCoat', { classId: 'oilWash', minutes: 5 }));
    const { plan } = planned(
      shop([
        part(
          'a',
          rungs.flatMap((coat, at) => [coat, rung(`sand ${at}`, 'primeSand', { minutes: 1 })]),
        ),
      ]),
    );
    expect(plan.unplaced).toEqual([]);
    expect(plan.readyMs - NOW).toBeGreaterThan(45 * 86_400_000);
  });
});
