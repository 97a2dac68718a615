import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../../climate/airTimeline';
import { planShop } from './planShop';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

/** Start and end of each rung in minutes from now. */
function times(input: ShopPlanInput): Record<string, readonly [start: number, end: number]> {
  const made = planShop(input);
  if (made.kind !== 'planned') throw new Error(JSON.stringify(made));
  expect(made.broken).toEqual([]);
  return Object.fromEntries(made.rungs.map((time) => [time.rungId, [(time.startMs - NOW) / MINUTE, (time.endMs - NOW) / MINUTE] as const]));
}
/** From the end of one rung to the start of the other; a primer's getting ready may run while the part dries. */
function gap(made: ReturnType<typeof times>, from: string, to: string): number {
  return (made[to]?.[0] ?? NaN) - (made[from]?.[1] ?? NaN);
}
const wash = rung('wash', 'wash');
const look = rung('look', 'inspect');
const damp = buildAirTimeline([], [], {
  meanCelsius: 12,
  swingCelsius: 0,
  warmestHour: 15,
  meanHumidityPercent: 75,
  swingHumidityPercent: 0,
  utcOffsetMinutes: 0,
});

describe('a part that was washed', () => {
  it('dries for an hour in label air before what comes next, without anyone’s hands', () => {
    const made = times(shop([part('a', [wash, look]), part('b', [rung('cut', 'cut')])]));
    expect(gap(made, 'wash', 'look')).toBeGreaterThanOrEqual(60);
    expect(gap(made, 'wash', 'look')).toBeLessThanOrEqual(62);
    expect(made['cut']?.[0]).toBeLessThan(made['look']?.[0] ?? 0);
  });
  it('dries longer in cold and damp air, by what the air can still take', () => {
    const made = times(shop([part('a', [wash, look])], { air: damp }));
    // es − e at the wet bulb, hPa: 4.4 at 23 °C and 50 % (wet bulb 16.2 °C), 1.6 at 12 °C and 75 % (9.8 °C): nearly three times as long.
    expect(gap(made, 'wash', 'look')).toBeGreaterThan(155);
    expect(gap(made, 'wash', 'look')).toBeLessThan(185);
  });
  it('is not waited for again once something came after it, nor with a dryer in between', () => {
    const made = times(shop([part('a', [wash, look, rung('again', 'inspect')])]));
    expect(gap(made, 'look', 'again')).toBeLessThan(5);
    const dried = times(shop([part('a', [wash, rung('warm', 'warmDry'), look])]));
    expect(gap(dried, 'wash', 'look')).toBeLessThan(20);
  });
  it('dries from when it was washed, where that is done', () => {
    const done: PlanRung = { ...wash, status: { kind: 'done', endMs: NOW - 40 * MINUTE } };
    expect(times(shop([part('a', [done, look])]))['look']?.[0]).toBeGreaterThanOrEqual(19);
    expect(times(shop([part('a', [{ ...done, status: { kind: 'done', endMs: NOW - 90 * MINUTE } }, look])]))['look']?.[0]).toBeLessThan(5);
  });
  it('is joined dry, on whichever side it was washed', () => {
    const join = { id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId: 'wash' };
    const made = times(shop([part('host', [rung('bond', 'dryFit')]), part('guest', [wash, look])], { joins: [join] }));
    expect(gap(made, 'wash', 'bond')).toBeGreaterThanOrEqual(60);
  });
  it('dries for a night where its material soaks, and is checked for it', () => {
    const soaked = { ...wash, soaks: true };
    const made = times(shop([part('a', [soaked, look])]));
    expect(gap(made, 'wash', 'look')).toBeGreaterThanOrEqual(480);
    expect(gap(made, 'wash', 'look')).toBeLessThanOrEqual(490);
    const join = { id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId: 'wash' };
    const joined = times(shop([part('host', [rung('bond', 'dryFit')]), part('guest', [soaked, look])], { joins: [join] }));
    expect(gap(joined, 'wash', 'bond')).toBeGreaterThanOrEqual(480);
  });
  it('is waited for after the film under it, never instead of it', () => {
    const primer = rung('primer', 'prime', { classId: 'primer' });
    const made = times(shop([part('a', [primer, wash, rung('mask', 'mask')])]));
    // Tape-safe at 120 min (class table).
    expect(gap(made, 'primer', 'mask')).toBeGreaterThanOrEqual(120);
  });
});
