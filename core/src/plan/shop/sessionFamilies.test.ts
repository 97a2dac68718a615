import { describe, expect, it } from 'vitest';
import { findMethod } from '../../ladder/methods';
import { sessionShare } from './sessionFamilies';
import type { PlanRung } from './shopPlanInput';
import { film, NOW, rung, shop } from '../testing/shopBuilder';

const room = shop([]);
const cold = { ...room, air: { ...room.air, typicalDay: { ...room.air.typicalDay, meanCelsius: 13 } } };
const share = (given: PlanRung, input = room) => sessionShare(given, findMethod(given.methodId), input);
const coat = (id: string, classId: string, change: Partial<PlanRung> = {}) => rung(id, 'sprayCoat', { classId, minutes: 12, ...change });

describe('what rungs share of getting ready', () => {
  it('is the method’s minutes for the same paint by the same tool; the rest is their own', () => {
    const [first, second] = [share(coat('a', 'lacquerColour')), share(coat('b', 'lacquerColour'))];
    expect(first?.family.id).toBe(second?.family.id);
    // Four minutes to get ready for a can (method table), of twelve.
    expect([first?.family.setupMinutes, first?.ownMinutes]).toEqual([4, 8]);
  });
  it('is apart for another paint, another tool, another getting ready', () => {
    const ids = [
      share(coat('a', 'lacquerColour')),
      share(coat('b', 'enamelColour')),
      share(rung('c', 'airbrushCoat', { classId: 'airbrushAcrylic', minutes: 20 })),
      share(rung('d', 'prime', { classId: 'lacquerColour', minutes: 12 })),
    ].map((entry) => entry?.family.id);
    expect(new Set(ids).size).toBe(4);
  });
  it('goes through the one airbrush, which is cleaned longer from dark to light', () => {
    const one = share(rung('a', 'airbrushCoat', { classId: 'airbrushAcrylic', minutes: 20 }));
    const other = share(
      rung('b', 'airbrushCoat', { film: { ...film('airbrushAcrylic'), productId: 'white', lightness: 95 }, minutes: 20 }),
    );
    expect(one?.tool).toEqual(other?.tool);
    expect(one?.tool.darkToLightMinutes).toBeGreaterThan(0);
    expect(share(coat('c', 'lacquerColour'))?.tool.darkToLightMinutes).toBe(0);
    expect(other?.family.lightness).toBe(95);
  });
  it('of a mixed batch lasts as long as its pot life, longer in the cold (halving per 10 °C, practice)', () => {
    const brushed = rung('a', 'brushFilm', { classId: 'brushEpoxy', minutes: 20 });
    const [warm, cool] = [share(brushed)?.family.mostMinutes ?? 0, share(brushed, cold)?.family.mostMinutes ?? 0];
    expect(warm).toBe(film('brushEpoxy').potLifeMinutes);
    expect(cool / warm).toBeGreaterThan(1.8);
    expect(cool / warm).toBeLessThan(2.3);
    expect(share(coat('b', 'lacquerColour'))?.family.mostMinutes).toBeNull();
  });
  it('is nothing for work that may be set down, that lays no film, or that is begun', () => {
    expect(share(rung('a', 'sand', { minutes: 30 }))).toBeNull();
    expect(share(rung('b', 'detail', { classId: 'brushAcrylic', minutes: 30 }))).toBeNull();
    expect(share(coat('c', 'lacquerColour', { status: { kind: 'begun', workedMinutes: 2, isInHand: true, doerId: null } }))).toBeNull();
    expect(share(coat('d', 'lacquerColour', { status: { kind: 'done', endMs: NOW } }))).toBeNull();
  });
  it('always leaves a minute of work, however short the rung was made', () => {
    expect(share(coat('a', 'lacquerColour', { minutes: 3 }))).toMatchObject({ ownMinutes: 1, family: { setupMinutes: 2 } });
    expect(share(coat('b', 'lacquerColour', { minutes: 1 }))).toBeNull();
  });
});
