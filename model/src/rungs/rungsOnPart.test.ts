import { describe, expect, it } from 'vitest';
import { NEW_RUNG } from '../gather/grow/growRungs';
import type { Rung } from '../records/ladder/rung';
import { rungsOnPart } from './rungsOnPart';

const rung = (id: string, methodId: string, change: Partial<Rung> = {}): Rung => ({ ...NEW_RUNG, id, ladderId: 'l', methodId, ...change });
const left = (id: string, methodId: string): Rung => rung(id, methodId, { state: 'leftOut' });
const CASE = [rung('bond', 'bond'), rung('prime', 'prime'), rung('clear', 'clear')];
const DIAL = [rung('saw', 'cut'), left('d-prime', 'prime'), rung('numerals', 'detail'), left('d-clear', 'clear')];
const LENS = [rung('cut', 'cut'), left('l-clear', 'clear')];
/** Joined before, by rungs that differ. */
const SEAMS = [['bond', 'saw']] as const;
const PAIR = { hostPartId: 'host', guestPartId: 'guest', seam: null };
const on = (own: readonly Rung[], ...joins: readonly (readonly [hostRungId: string, guestRungId: string | null])[]): readonly string[] =>
  rungsOnPart(
    own,
    [...joins, ...SEAMS].map(([hostRungId, guestRungId]) => ({ ...PAIR, hostRungId, guestRungId })),
    new Map([...CASE, ...DIAL, ...LENS].map((one) => [one.id, one])),
  ).map(({ id }) => id);

describe('what is done on a part', () => {
  it('is its own ladder where nothing is done on it with another', () => {
    expect(on(DIAL)).toEqual(['saw', 'd-prime', 'numerals', 'd-clear']);
    expect(on(DIAL, ['bond', 'saw'], ['clear', null], ['gone', 'd-prime'])).toEqual(on(DIAL));
    expect(on(CASE, ['prime', 'd-prime'])).toEqual(['bond', 'prime', 'clear']);
  });
  it('has the host’s rung in the place of what was left out for it, of the same work only', () => {
    expect(on(DIAL, ['bond', 'saw'], ['prime', 'd-prime'], ['clear', 'd-clear'])).toEqual(['saw', 'prime', 'numerals', 'clear']);
    expect(on(DIAL, ['clear', 'd-prime'])).toEqual(on(DIAL));
  });
  it('goes on where the host left it out for a host of its own, and ends where they name each other', () => {
    expect(on(LENS, ['d-clear', 'l-clear'], ['clear', 'd-clear'])).toEqual(['cut', 'clear']);
    expect(on(LENS, ['d-clear', 'l-clear'], ['l-clear', 'd-clear'])).toEqual(['cut', 'd-clear']);
  });
});
