import { describe, expect, it } from 'vitest';
import type { Rung } from '../../records/ladder/rung';
import { NEW_RUNG } from '../grow/growRungs';
import { filmOfLadder } from './filmOfLadder';

const rung = (id: string, more: Partial<Rung>): Rung => ({ ...NEW_RUNG, id, ladderId: 'l', name: id, ...more });
const coat = (id: string, more: Partial<Rung> = {}): Rung => rung(id, { methodId: 'sprayCoat', coatMicrometres: 20, ...more });
const height = (...rungs: Rung[]): number => filmOfLadder(rungs, new Map());

describe('the film a ladder lays', () => {
  it('is the sum of its coats, less what sanding takes of the one on top', () => {
    expect(height(coat('black'), coat('brass'))).toBe(40);
    expect(height(coat('primer'), rung('sand', { methodId: 'sand' }), coat('brass'))).toBe(30);
  });
  it('counts a coat in two turns once, and neither glue nor what is left out', () => {
    expect(height(coat('black', { side: 'under' }), coat('black', { side: 'top' }))).toBe(20);
    expect(height(coat('black'), coat('gold', { state: 'leftOut' }), rung('glue', { methodId: 'cement', coatMicrometres: 50 }))).toBe(20);
    expect(height()).toBe(0);
  });
});
