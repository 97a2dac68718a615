import { describe, expect, it } from 'vitest';
import type { DiscMagnet } from './magnetPairs';
import { axisField, pullOf, readMagnets } from './magnetPairs';

const disc = (id: string, pole: DiscMagnet['pole'], diameter = 8, thickness = 3): DiscMagnet => ({ id, pole, diameter, thickness });

describe('magnets that meet', () => {
  it('a long rod’s field at its face is half its remanence, and a disc’s falls to nothing far away', () => {
    expect(axisField({ diameter: 1, thickness: 1000 }, 0)).toBeCloseTo(0.65, 3);
    expect(axisField({ diameter: 8, thickness: 3 }, 500)).toBeLessThan(1e-5);
  });
  it('two discs of 8 × 3 mm pull about as much as their tables say: 1 to 3 kg face to face (common practice)', () => {
    const pull = pullOf(disc('a', 'N'), disc('b', 'S'), 0);
    expect(pull).toBeGreaterThan(10);
    expect(pull).toBeLessThan(30);
  });
  it('pull less through every tenth of paint', () => {
    const pulls = [0, 0.1, 0.3, 1, 3].map((gap) => pullOf(disc('a', 'N'), disc('b', 'S'), gap));
    for (const [nth, pull] of pulls.slice(1).entries()) expect(pull).toBeLessThan(pulls[nth] as number);
  });
  it('of one pole push apart, are named, and count against the hold', () => {
    const magnets = [disc('a1', 'N'), disc('b1', 'S'), disc('a2', 'N'), disc('b2', 'N'), disc('spare', 'N')];
    const pairs = [{ a: 'a1', b: 'b1', gap: 0.2 }, { a: 'a2', b: 'b2', gap: 0.2 }]; // prettier-ignore
    const read = readMagnets(magnets, pairs, 60);
    expect(read.pairs.map(({ repels }) => repels)).toEqual([false, true]);
    expect(read.pullNewtons).toBeCloseTo(0, 9);
    expect(read.holds).toBe(false);
    expect(read.alone).toEqual(['spare']);
    expect(readMagnets(magnets, pairs.slice(0, 1), 60).holds).toBe(true);
    expect(readMagnets(magnets, pairs.slice(0, 1), 60).wantedNewtons).toBeCloseTo(0.06 * 9.81 * 4, 9);
  });
  it('without size, with a gap below nothing or in a pair that names none are refused', () => {
    expect(() => readMagnets([disc('a', 'N', 0)], [], 10)).toThrow('has no size');
    expect(() => readMagnets([disc('a', 'N')], [{ a: 'a', b: 'x', gap: 0 }], 10)).toThrow('not there: x');
    expect(() => readMagnets([disc('a', 'N'), disc('b', 'S')], [{ a: 'a', b: 'b', gap: -1 }], 10)).toThrow(RangeError);
  });
});
