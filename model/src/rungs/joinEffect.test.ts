import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NEW_RUNG } from '../gather/grow/growRungs';
import type { Rung } from '../records/ladder/rung';
import type { JoinPlace } from './joinEffect';
import { isMeeting, joinEffect } from './joinEffect';

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
  it('says what the guest has to itself after it', () => {
    const rest = (guest: readonly Rung[]): readonly string[] =>
      ids(joinEffect({ hostRungId: 'bond', guestRungId: 'g-cut' }, HOST, guest).rest);
    expect(rest(GUEST)).toEqual(['g-sand']);
    expect(rest([...GUEST, rung('g-wax', 'detail')])).toEqual(['g-sand', 'g-wax']);
    expect(rest(GUEST.filter(({ id }) => id !== 'g-sand'))).toEqual([]);
    expect(joinEffect({ hostRungId: 'gone', guestRungId: null }, HOST, GUEST).rest).toEqual([]);
  });
  it('is a meeting where the guest’s rung was left out for the same work on the host', () => {
    const left = GUEST.map((entry) => (entry.id === 'g-prime' ? { ...entry, state: 'leftOut' as const } : entry));
    const rungs = new Map([...HOST, ...left].map((one) => [one.id, one]));
    const at = (hostRungId: string, guestRungId: string | null, seam: JoinPlace['seam'] = null): JoinPlace => ({
      hostPartId: 'host',
      guestPartId: 'guest',
      hostRungId,
      guestRungId,
      seam,
    });
    const meets = (hostRungId: string, guestRungId: string | null): boolean =>
      isMeeting(at(hostRungId, guestRungId), [at('bond', 'g-cut'), at(hostRungId, guestRungId)], rungs);
    expect([
      meets('h-prime', 'g-prime'),
      meets('h-coat', 'g-prime'),
      meets('h-prime', 'g-coat'),
      meets('gone', 'g-prime'),
      meets('bond', null),
    ]).toEqual([true, false, false, false, false]);
    // The only join of two parts is their seam, whatever stands at it; so is one whose seam was looked at.
    const [alone, seen] = [at('h-prime', 'g-prime'), at('h-prime', 'g-prime', {} as JoinPlace['seam'])];
    expect([isMeeting(alone, [alone], rungs), isMeeting(seen, [at('bond', 'g-cut'), seen], rungs)]).toEqual([false, false]);
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
