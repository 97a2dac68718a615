import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NEW_RUNG } from '../gather/grow/growRungs';
import type { Rung } from '../records/ladder/rung';
import { joinEffect } from './joinEffect';

const rung = (id: string, methodId: string, change: Partial<Rung> = {}): Rung => ({ ...NEW_RUNG, id, ladderId: 'l', methodId, ...change });
const ids = (rungs: readonly Rung[]): string[] => rungs.map(({ id }) => id);
const HOST = [rung('cut', 'cut'), rung('bond', 'bond'), rung('h-prime', 'prime', { productId: 'grey' }), rung('h-coat', 'sprayCoat')];
const GUEST = [rung('g-cut', 'cut'), rung('g-prime', 'prime', { productId: 'grey' }), rung('g-sand', 'sand'), rung('g-coat', 'sprayCoat')];

describe('what a join does to both ladders', () => {
  it('what must be climbed before, what waits, and what is done twice', () => {
    const effect = joinEffect({ hostRungId: 'bond', guestRungId: 'g-cut' }, HOST, GUEST);
    expect(effect.hostRung?.id).toBe('bond');
    expect(ids(effect.before)).toEqual(['g-cut']);
    expect(ids(effect.after)).toEqual(['g-prime', 'g-sand', 'g-coat']);
    expect(effect.doubled.map(({ host, guest }) => [host.id, guest.id])).toEqual([
      ['h-prime', 'g-prime'],
      ['h-coat', 'g-coat'],
    ]);
  });
  it('says what the guest has to itself, and where its ladder meets the host’s again: at what both do right under or over that', () => {
    const around = (guest: readonly Rung[]): unknown => {
      const { rest, meetings } = joinEffect({ hostRungId: 'bond', guestRungId: 'g-cut' }, HOST, guest);
      return [ids(rest), ids(meetings.map((pair) => pair.guest))];
    };
    expect(around(GUEST)).toEqual([['g-sand'], ['g-prime', 'g-coat']]);
    expect(around(GUEST.filter(({ id }) => id !== 'g-sand'))).toEqual([[], []]);
    expect(around([...GUEST.filter(({ id }) => id !== 'g-sand'), rung('g-wax', 'detail')])).toEqual([['g-wax'], ['g-coat']]);
    expect(around([GUEST[0] as Rung, rung('g-file', 'sand')])).toEqual([['g-file'], []]);
    expect(joinEffect({ hostRungId: 'gone', guestRungId: null }, HOST, GUEST)).toMatchObject({ rest: [], meetings: [] });
  });
  it('is shared where the guest’s rung was left out for the same work on the host', () => {
    const left = GUEST.map((entry) => (entry.id === 'g-prime' ? { ...entry, state: 'leftOut' as const } : entry));
    const isShared = (hostRungId: string, guest: readonly Rung[]): boolean =>
      joinEffect({ hostRungId, guestRungId: 'g-prime' }, HOST, guest).isShared;
    expect([isShared('h-prime', left), isShared('h-coat', left), isShared('h-prime', GUEST)]).toEqual([true, false, false]);
    expect(joinEffect({ hostRungId: 'bond', guestRungId: null }, HOST, left).isShared).toBe(false);
  });
  it('a guest that is climbed first has nothing after and nothing doubled', () => {
    const effect = joinEffect({ hostRungId: 'bond', guestRungId: null }, HOST, GUEST);
    expect([ids(effect.before).length, effect.after, effect.doubled]).toEqual([4, [], []]);
  });
  it('another product, another paper, or what is done already, is not the same work', () => {
    const other = GUEST.map((entry) =>
      entry.id === 'g-prime'
        ? { ...entry, productId: 'white' }
        : entry.id === 'g-coat'
          ? { ...entry, state: 'done' as const, doneAtMs: 1 }
          : entry,
    );
    expect(joinEffect({ hostRungId: 'bond', guestRungId: 'g-cut' }, HOST, other).doubled).toEqual([]);
  });
  it('what is left out counts nowhere, and a join at nothing holds nothing', () => {
    const left = HOST.map((entry) => (entry.id === 'bond' ? { ...entry, state: 'leftOut' as const } : entry));
    expect(joinEffect({ hostRungId: 'bond', guestRungId: null }, left, GUEST).hostRung).toBeNull();
    expect(joinEffect({ hostRungId: 'gone', guestRungId: null }, HOST, GUEST)).toMatchObject({ hostRung: null, doubled: [] });
    const guest = GUEST.map((entry) => (entry.id === 'g-cut' ? { ...entry, state: 'leftOut' as const } : entry));
    expect(ids(joinEffect({ hostRungId: 'bond', guestRungId: null }, HOST, guest).before)).not.toContain('g-cut');
    expect(joinEffect({ hostRungId: 'bond', guestRungId: 'g-cut' }, HOST, guest).before).toEqual([]);
    const sanded = GUEST.map((entry) => (entry.id === 'g-sand' ? { ...entry, state: 'leftOut' as const } : entry));
    const around = joinEffect({ hostRungId: 'bond', guestRungId: 'g-sand' }, HOST, sanded);
    expect([ids(around.before), ids(around.after)]).toEqual([['g-cut', 'g-prime'], ['g-coat']]);
  });
  it('pairs keep both orders, no rung stands in two, and none could be added (property)', () => {
    const ladder = (name: string) =>
      fc
        .array(fc.constantFrom('prime', 'sand', 'sprayCoat'), { maxLength: 8 })
        .map((methods) => methods.map((method, at) => rung(`${name}${at}`, method)));
    fc.assert(
      fc.property(ladder('h'), ladder('g'), (hosts, guests) => {
        const bond = rung('bond', 'bond');
        const { doubled } = joinEffect({ hostRungId: 'bond', guestRungId: 'first' }, [bond, ...hosts], [rung('first', 'cut'), ...guests]);
        const places = doubled.map(({ host, guest }) => [hosts.indexOf(host), guests.indexOf(guest)] as const);
        places.slice(1).forEach(([h, g], at) => {
          expect(h).toBeGreaterThan(places[at]?.[0] ?? -1);
          expect(g).toBeGreaterThan(places[at]?.[1] ?? -1);
        });
        for (const { host, guest } of doubled) expect(host.methodId).toBe(guest.methodId);
        for (const method of ['prime', 'sand', 'sprayCoat'])
          if (hosts.some((entry) => entry.methodId === method) && guests.some((entry) => entry.methodId === method))
            expect(doubled.length).toBeGreaterThan(0);
      }),
      { seed: 3 },
    );
  });
});
