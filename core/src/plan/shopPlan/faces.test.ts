import { describe, expect, it } from 'vitest';
import type { ShopPlan } from './shopPlan';
import { planShop } from './planShop';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

/** Starts and ends in minutes from now, by rung. */
function times(input: ShopPlanInput): Record<string, [number, number]> {
  const made: ShopPlan = planShop(input);
  if (made.kind !== 'planned') throw new Error(JSON.stringify(made));
  expect(made.unplaced).toEqual([]);
  expect(made.broken).toEqual([]);
  return Object.fromEntries(made.rungs.map((time) => [time.rungId, [(time.startMs - NOW) / MINUTE, (time.endMs - NOW) / MINUTE]]));
}
const one = (...rungs: PlanRung[]): ShopPlanInput => shop([part('a', rungs)]);

describe('a part that is turned', () => {
  // Label air, one coat of lacquer: handle at 60 min, recoat at 10 (class table).
  const coat = (id: string, side: PlanRung['side']) => rung(id, 'sprayCoat', { classId: 'lacquerColour', side });
  it('is turned once the underside can be handled, not when it could be recoated', () => {
    const { under, top } = times(one(coat('under', 'under'), coat('top', 'top')));
    // The getting ready of the second coat is done by then.
    expect((top?.[0] ?? 0) + 4 - (under?.[1] ?? 0)).toBeGreaterThanOrEqual(60);
    const both = times(one(coat('first', 'all'), coat('second', 'all')));
    expect((both['second']?.[0] ?? 0) - (both['first']?.[1] ?? 0)).toBeLessThan(60);
  });
  it('is waited for on both faces by what goes all round', () => {
    const { under, top, mask } = times(one(coat('under', 'under'), coat('top', 'top'), rung('mask', 'mask')));
    // Tape-safe at 120 min (class table), counted from either coat.
    expect((mask?.[0] ?? 0) - (top?.[1] ?? 0)).toBeGreaterThanOrEqual(120);
    expect((mask?.[0] ?? 0) - (under?.[1] ?? 0)).toBeGreaterThanOrEqual(120);
  });
  it('is sanded on one face without making the other ready for any coat', () => {
    const enamel = (id: string, side: PlanRung['side']) => rung(id, 'sprayCoat', { classId: 'enamelColour', side });
    const sand = rung('sand', 'scuff', { side: 'top' });
    const made = times(one(enamel('under', 'under'), enamel('top', 'top'), sand, enamel('again', 'under')));
    // Enamel closes its window after 60 min and opens again after a day; the underside was not scuffed.
    const gap = (made['again']?.[0] ?? 0) - (made['under']?.[1] ?? 0);
    expect(gap).toBeGreaterThanOrEqual(1000);
  });
});

describe('a mask', () => {
  const coat = rung('coat', 'maskedCoat', { classId: 'lacquerColour' });
  const pull = rung('pull', 'unmask');
  it('is pulled while the paint is soft', () => {
    const made = times(one(rung('mask', 'mask'), coat, pull));
    const gap = (made['pull']?.[0] ?? 0) - (made['coat']?.[1] ?? 0);
    expect(gap).toBeGreaterThanOrEqual(10);
    expect(gap).toBeLessThanOrEqual(60);
  });
  it('is pulled when the paint is hard where hands were not there in time', () => {
    const done = rung('coat', 'maskedCoat', { classId: 'lacquerColour', status: { kind: 'done', endMs: NOW - 180 * MINUTE } });
    const made = times(one(done, pull));
    // Hard a day after it was laid (class table).
    expect(made['pull']?.[0]).toBe(1440 - 180);
  });
  it('of rubber is off within five days, though hands are there later again', () => {
    const rubber = rung('rubber', 'maskRubber', { classId: 'maskingRubber' });
    const late = rung('coat', 'maskedCoat', { classId: 'lacquerColour', notBeforeMs: NOW + 4 * 1440 * MINUTE });
    const made = times(one(rubber, late, pull));
    expect((made['pull']?.[0] ?? 0) - (made['rubber']?.[1] ?? 0)).toBeLessThanOrEqual(5 * 1440);
    const tooLate = planShop(one(rubber, { ...late, notBeforeMs: NOW + 9 * 1440 * MINUTE }, pull));
    // The rubber is dabbed on later instead, so that it is not on too long.
    if (tooLate.kind !== 'planned') throw new Error('faulty');
    const at = (id: string): number => tooLate.rungs.find((time) => time.rungId === id)?.startMs ?? 0;
    expect(tooLate.unplaced).toEqual([]);
    expect((at('pull') - at('rubber')) / MINUTE).toBeLessThanOrEqual(5 * 1440 + 10);
  });
});

describe('quiet hours', () => {
  const quietHours = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 0, endMinute: 20 * 60 }));
  it('keep power tools still and let handwork go on', () => {
    const made = times({
      ...one(rung('loud', 'firstCut')),
      quietHours,
      parts: [part('a', [rung('loud', 'firstCut')]), part('b', [rung('still', 'sand')])],
    });
    // NOW is 08:00 in the shop.
    expect(made['loud']?.[0]).toBe(12 * 60);
    expect(made['still']?.[0]).toBe(0);
  });
});

describe('a rung that waits until another is hard', () => {
  // Lacquer in label air: recoat at 10 min, hard a day after (class table).
  const coat = rung('coat', 'sprayCoat', { classId: 'lacquerColour' });
  it('begins no sooner than that, whatever lies over it in between', () => {
    const made = times(one(coat, rung('sand', 'scuff'), rung('wash', 'detail', { hardRungId: 'coat' })));
    expect((made['wash']?.[0] ?? 0) - (made['coat']?.[1] ?? 0)).toBeGreaterThanOrEqual(1440);
  });
  it('counts from the last coat that lies wet on it: together they are one film', () => {
    const second = { ...coat, id: 'second' };
    const after = (...rungs: readonly PlanRung[]): number => {
      const made = times(one(coat, ...rungs, rung('wash', 'detail', { hardRungId: 'coat' })));
      return (made['wash']?.[0] ?? 0) - (made['second']?.[1] ?? 0);
    };
    expect(after(second)).toBeGreaterThanOrEqual(1440);
    // Sanded in between the first dries by itself: the second is waited for only as the work needs it.
    expect(after(rung('sand', 'scuff'), second)).toBeLessThan(1440);
  });
  it('waits for nothing where that rung comes later, is gone, or lays no film', () => {
    const first = rung('first', 'detail', { hardRungId: 'coat' });
    expect(times(one(first, coat))['first']?.[0]).toBe(0);
    expect(times(one(rung('alone', 'detail', { hardRungId: 'gone' })))['alone']?.[0]).toBe(0);
    expect(times(one(rung('cut', 'cut'), rung('next', 'detail', { hardRungId: 'cut' })))['next']?.[0]).toBeLessThan(30);
  });
  it('counts from when it was laid, where that is done', () => {
    const laid = { ...coat, status: { kind: 'done' as const, endMs: NOW - 600 * MINUTE } };
    expect(times(one(laid, rung('next', 'detail', { hardRungId: 'coat' })))['next']?.[0]).toBeGreaterThanOrEqual(839);
  });
});
