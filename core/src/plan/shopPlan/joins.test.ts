import { describe, expect, it } from 'vitest';
import { planShop } from './planShop';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { film, MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';
import { checkShopPlan } from '../verify/checkShopPlan';

function times(input: ShopPlanInput): Record<string, readonly [start: number, end: number]> {
  const made = planShop(input);
  if (made.kind !== 'planned') throw new Error(JSON.stringify(made));
  expect(made.broken).toEqual([]);
  expect(checkShopPlan(input, made)).toEqual([]);
  return Object.fromEntries(made.rungs.map((time) => [time.rungId, [(time.startMs - NOW) / MINUTE, (time.endMs - NOW) / MINUTE] as const]));
}
const enamel = (id: string, side: PlanRung['side'] = 'all') => rung(id, 'sprayCoat', { classId: 'enamelColour', side });
const lacquer = (id: string, side: PlanRung['side'] = 'all') => rung(id, 'sprayCoat', { classId: 'lacquerColour', side });
const joined = (guest: readonly PlanRung[], host: readonly PlanRung[], guestRungId: string | null = null): ShopPlanInput =>
  shop([part('host', host), part('guest', guest)], {
    joins: [{ id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId }],
  });
const bond = rung('bond', 'dryFit');

describe('a join waits for every film of both parts (class table, label air)', () => {
  it('coats wet on each other are one film: three of enamel are handled after their depth, not after the last coat’s', () => {
    const { g3, bond: at } = times(joined([enamel('g1'), enamel('g2'), enamel('g3')], [bond]));
    // 6 h for one coat (class table) × 3, as oxidation goes through the depth.
    expect((at?.[0] ?? 0) - (g3?.[1] ?? 0)).toBeGreaterThanOrEqual(1080);
  });
  it('films of another product under the last, and on the other face, are waited for too', () => {
    const mixed = times(joined([enamel('slow', 'under'), lacquer('quick', 'top')], [bond]));
    expect((mixed['bond']?.[0] ?? 0) - (mixed['slow']?.[1] ?? 0)).toBeGreaterThanOrEqual(360);
  });
  it('what goes on after the join waits for the host’s films as well as for the glue', () => {
    const made = times(
      joined([rung('cut', 'cut'), rung('sand', 'cut')], [enamel('paint', 'under'), { ...bond, methodId: 'unmask' }], 'cut'),
    );
    expect((made['sand']?.[0] ?? 0) - (made['paint']?.[1] ?? 0)).toBeGreaterThanOrEqual(360);
  });
  it('a guest that is dry is joined at once', () => {
    const made = times(joined([rung('cut', 'cut')], [bond]));
    expect((made['bond']?.[0] ?? 0) - (made['cut']?.[1] ?? 0)).toBeLessThan(5);
  });
  it('a rung that was left out still says where the guest is joined: what is below it comes before, what is above after', () => {
    const left = rung('sand', 'sand', { status: { kind: 'leftOut' } });
    const made = times(joined([rung('cut', 'cut'), left, rung('paint', 'detail')], [bond], 'sand'));
    expect(made['bond']?.[0]).toBeGreaterThanOrEqual(made['cut']?.[1] ?? Infinity);
    expect(made['paint']?.[0]).toBeGreaterThanOrEqual(made['bond']?.[1] ?? Infinity);
    // Nothing of it is climbed before it is joined where all up to there is left out.
    const first = times(joined([{ ...left, id: 'cut' }, rung('paint', 'detail')], [bond], 'cut'));
    expect(first['paint']?.[0]).toBeGreaterThanOrEqual(first['bond']?.[1] ?? Infinity);
  });

  describe('work that is done once on both (class table, label air)', () => {
    const primer = { classId: 'primer' };
    const host = [
      bond,
      rung('h-prime', 'prime', primer),
      rung('h-sand', 'primeSand'),
      rung('h-coat', 'sprayCoat', { classId: 'lacquerColour' }),
    ];
    const leftOut = { status: { kind: 'leftOut' } } as const;
    const guest = (...own: readonly PlanRung[]): readonly PlanRung[] => [
      rung('saw', 'cut'),
      rung('g-prime', 'prime', { ...primer, ...leftOut }),
      ...own,
      rung('g-coat', 'sprayCoat', { classId: 'lacquerColour', ...leftOut }),
    ];
    const join = (hostRungId: string, guestRungId: string) => ({
      id: hostRungId,
      hostPartId: 'host',
      hostRungId,
      guestPartId: 'guest',
      guestRungId,
    });
    const joins = [join('bond', 'saw'), { ...join('h-prime', 'g-prime'), isShared: true }, { ...join('h-coat', 'g-coat'), isShared: true }];
    const planOf = (own: readonly PlanRung[]) => times(shop([part('host', host), part('guest', guest(...own))], { joins }));
    it('has the guest’s own in its place: sanded once the coat on both can be, and under the next coat', () => {
      const { 'h-prime': primed, 'g-sand': sanded, 'h-coat': coated } = planOf([rung('g-sand', 'primeSand')]);
      // The primer sands after 60 min.
      expect((sanded?.[0] ?? 0) - (primed?.[1] ?? Infinity)).toBeGreaterThanOrEqual(60);
      expect(coated?.[0]).toBeGreaterThanOrEqual(sanded?.[1] ?? Infinity);
    });
    it('waits for a film of the guest as it would on its own ladder: a coat may follow before the piece can be handled', () => {
      const { own, 'h-coat': coated } = planOf([rung('own', 'sprayCoat', { classId: 'lacquerColour' })]);
      const { recoatFromMinutes, handleMinutes } = film('lacquerColour').drying;
      const waited = (coated?.[0] ?? 0) - (own?.[1] ?? Infinity);
      expect(recoatFromMinutes).toBeLessThan(handleMinutes);
      expect(waited).toBeGreaterThanOrEqual(recoatFromMinutes);
      expect(waited).toBeLessThan(handleMinutes);
    });
    it('is waited for by all that comes later on the guest, not only by what is next', () => {
      const {
        'h-prime': primed,
        'g-look': looked,
        'g-sand': sanded,
      } = planOf([rung('g-look', 'inspect', { minutes: 1 }), rung('g-sand', 'primeSand')]);
      expect(looked?.[0]).toBeGreaterThanOrEqual(primed?.[1] ?? Infinity);
      expect((sanded?.[0] ?? 0) - (primed?.[1] ?? Infinity)).toBeGreaterThanOrEqual(60);
    });
  });
});
