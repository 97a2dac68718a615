import { describe, expect, it } from 'vitest';
import { NEW_RUNG } from '../gather/grow/growRungs';
import type { Rung } from '../records/ladder/rung';
import { rungsOnPart } from './rungsOnPart';

const rung = (id: string, methodId: string, change: Partial<Rung> = {}): Rung => ({ ...NEW_RUNG, id, ladderId: 'l', methodId, ...change });
const left = (id: string, methodId: string, change: Partial<Rung> = {}): Rung => rung(id, methodId, { ...change, state: 'leftOut' });
const grey = { productId: 'grey' };
const LADDERS: Readonly<Record<string, readonly Rung[]>> = {
  case: [rung('bond', 'bond'), rung('prime', 'prime', grey), rung('coat', 'sprayCoat', { productId: 'black' }), rung('clear', 'clear')],
  dial: [
    left('d-early', 'prime', grey),
    rung('saw', 'cut'),
    left('d-prime', 'prime', grey),
    rung('numerals', 'detail'),
    left('d-clear', 'clear'),
  ],
  lens: [rung('cut', 'cut'), left('l-clear', 'clear')],
};
const join = (hostPartId: string, hostRungId: string, guestPartId: string, guestRungId: string | null) => ({
  hostPartId,
  hostRungId,
  guestPartId,
  guestRungId,
});
const on = (partId: string, ...joins: readonly ReturnType<typeof join>[]): readonly string[] =>
  rungsOnPart(partId, { joins, rungsOf: (id) => LADDERS[id] ?? [] }).map(({ id }) => id);

describe('what is done on a part', () => {
  it('is its own ladder where it is joined to nothing, or joins nothing to itself', () => {
    expect(on('dial')).toEqual(['d-early', 'saw', 'd-prime', 'numerals', 'd-clear']);
    expect(on('case', join('case', 'bond', 'dial', 'saw'))).toEqual(['bond', 'prime', 'coat', 'clear']);
  });
  it('has the host’s work in the places of what was left out for it, after the join and of the same kind only', () => {
    expect(on('dial', join('case', 'bond', 'dial', 'saw'))).toEqual(['d-early', 'saw', 'prime', 'numerals', 'clear']);
    expect(on('dial', join('case', 'coat', 'dial', 'saw'))).toEqual(['d-early', 'saw', 'd-prime', 'numerals', 'clear']);
    expect(on('dial', join('case', 'gone', 'dial', 'saw'))).toEqual(on('dial'));
    expect(on('dial', join('case', 'bond', 'dial', null))).toEqual(on('dial'));
  });
  it('goes on through a part that is itself joined to another, and ends where parts are joined in a ring', () => {
    expect(on('lens', join('dial', 'numerals', 'lens', 'cut'), join('case', 'bond', 'dial', 'saw'))).toEqual(['cut', 'clear']);
    expect(on('dial', join('case', 'bond', 'dial', 'saw'), join('dial', 'saw', 'case', 'bond'))).toEqual([
      'd-early',
      'saw',
      'prime',
      'numerals',
      'clear',
    ]);
  });
});
