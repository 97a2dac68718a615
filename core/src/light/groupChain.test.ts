import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random/seededRandom';
import type { ChainEnd, LedGroup, Spot } from './groupChain';
import { readChain } from './groupChain';

const group = (id: string, from: Spot, to: Spot, fields: Partial<LedGroup> = {}): LedGroup => ({ id, in: from, out: to, hasPower: true, hasGround: true, ...fields }); // prettier-ignore
const START: Spot = [0, 0, 0];
const THREE = [group('A', [10, 0, 0], [60, 0, 0]), group('B', [120, 0, 0], [70, 0, 0]), group('C', [130, 0, 0], [180, 0, 0])];
const end = (text: string): ChainEnd => {
  const [name = '', side] = text.split('.');
  return name === 'controller' ? { kind: 'controller' } : { kind: side as 'in' | 'out', group: name };
};
const link = (from: string, to: string) => ({ from: end(from), to: end(to) });
const kinds = (links: readonly ReturnType<typeof link>[], groups = THREE): string[] =>
  readChain(START, groups, links).faults.map(({ kind, group: name }) => `${kind} ${name}`);

describe('a chain of groups', () => {
  it('as it should be has no fault, and its wire is the sum of its stretches', () => {
    const { faults, wireMillimetres } = readChain(START, THREE, [link('controller', 'A.in'), link('A.out', 'B.in'), link('B.out', 'C.in')]);
    expect(faults).toEqual([]);
    expect(wireMillimetres).toBe(10 + 60 + 60);
  });
  it('names the group that faces backwards, the line that is too long, power and ground that are missing', () => {
    expect(kinds([link('controller', 'A.in'), link('A.out', 'B.out'), link('B.in', 'C.in')])).toEqual(['backwards B', 'backwards B']);
    const long = [group('far', [2000, 0, 0], [2100, 0, 0], { hasGround: false })];
    expect(kinds([link('controller', 'far.in')], long)).toEqual(['noGround far', 'tooLong far']);
  });
  it('finds a loop, what no data reaches, what is fed twice, and a group that is not there', () => {
    expect(kinds([link('controller', 'A.in'), link('A.out', 'B.in'), link('B.out', 'A.in')])).toEqual([
      'fedTwice A',
      'loop A',
      'notReached C',
    ]);
    expect(kinds([link('controller', 'X.in')])).toEqual(['unknownGroup X', 'notReached A', 'notReached B', 'notReached C']);
  });
  it('is threaded with least wire: no order of all is shorter', () => {
    const random = seededRandom(9);
    const spot = (): Spot => [random() * 200, random() * 200, random() * 80];
    const length = (order: readonly LedGroup[]): number =>
      order.reduce(
        (sum, one, at) => sum + Math.hypot(...one.in.map((value, axis) => value - ((order[at - 1]?.out ?? START)[axis] as number))),
        0,
      );
    const permutations = (list: readonly LedGroup[]): LedGroup[][] =>
      list.length < 2
        ? [[...list]]
        : list.flatMap((one, at) => permutations(list.filter((_, nth) => nth !== at)).map((rest) => [one, ...rest]));
    for (let trial = 0; trial < 25; trial += 1) {
      const groups = Array.from({ length: 1 + (trial % 7) }, (_, at) => group(`g${at}`, spot(), spot()));
      const { leastMillimetres, order, isExact } = readChain(START, groups, []);
      expect(isExact).toBe(true);
      expect([...order].sort()).toEqual(groups.map(({ id }) => id).sort());
      expect(leastMillimetres).toBeCloseTo(Math.min(...permutations(groups).map(length)), 9);
    }
  });
  it('of twenty groups still reaches each once, shorter than as they stand', () => {
    const random = seededRandom(4);
    const groups = Array.from({ length: 20 }, (_, at): LedGroup => {
      const x = random() * 500;
      return group(`g${at}`, [x, random() * 500, 0], [x + 20, random() * 500, 0]);
    });
    const { order, cuts, isExact } = readChain(START, groups, []);
    expect(new Set(order).size).toBe(20);
    expect(cuts).toHaveLength(20);
    expect(isExact).toBe(false);
  });
  it('of none is none', () =>
    expect(readChain(START, [], [])).toMatchObject({ faults: [], order: [], leastMillimetres: 0, wireMillimetres: null }));
});
