import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random/seededRandom';
import { solveLinear } from './solveLinear';

const solve = (rows: readonly (readonly number[])[], right: readonly number[]): number[] | null => {
  const solution = Float64Array.from(right);
  return solveLinear(Float64Array.from(rows.flat()), solution) ? [...solution] : null;
};

describe('solving by elimination', () => {
  it('a system worked by hand, and one whose diagonal is empty', () => {
    // x + y = 5, x − y = 1.
    expect(solve([[1, 1], [1, -1]], [5, 1])).toEqual([3, 2]); // prettier-ignore
    // 2y = 6, 3x + z = 10, 4z = 16.
    expect(solve([[0, 2, 0], [3, 0, 1], [0, 0, 4]], [6, 10, 16])).toEqual([2, 3, 4]); // prettier-ignore
  });
  // The inverse of the Hilbert matrix has whole entries (Savage and Lukacs 1954, from memory); these are the sums of its rows.
  it('a Hilbert matrix of order 4, which loses four digits', () => {
    const hilbert = [0, 1, 2, 3].map((row) => [0, 1, 2, 3].map((column) => 1 / (row + column + 1)));
    const solution = solve(hilbert, [1, 1, 1, 1]);
    for (const [at, wanted] of [-4, 60, -180, 140].entries()) expect(solution?.[at]).toBeCloseTo(wanted, 8);
  });
  it('takes the largest head there is: a tiny one would drown the rest', () => {
    // Exactly x = 1/(1 − 1e-20), y = 1 − x·1e-20; without another row first, x comes out as 0.
    expect(solve([[1e-20, 1], [1, 1]], [1, 2])).toEqual([1, 1]); // prettier-ignore
  });
  it('says where there is no one solution, and where nothing is to be solved', () => {
    expect(solve([[1, 2], [2, 4]], [1, 2])).toBeNull(); // prettier-ignore
    expect(solve([[0]], [1])).toBeNull();
    expect(solve([[Number.NaN]], [1])).toBeNull();
    expect(solve([], [])).toEqual([]);
  });
  it('gives back what systems of any size were made from', () => {
    const random = seededRandom(7);
    for (let size = 1; size <= 12; size += 1) {
      const truth = Array.from({ length: size }, () => random() * 10 - 5);
      const rows = truth.map(() => truth.map(() => random() * 2 - 1));
      const solution = solve(rows, rows.map((row) => row.reduce((sum, value, at) => sum + value * (truth[at] ?? 0), 0))) ?? []; // prettier-ignore
      for (const [at, wanted] of truth.entries()) expect(solution[at]).toBeCloseTo(wanted, 7);
    }
  });
});
