import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parsePathData } from './pathData';
import { openAreaOf, openAt, pictureOfStencil } from './stencilPicture';

const square = (from: number, to: number): string => `M${from} ${from}L${to} ${from}L${to} ${to}L${from} ${to}Z`;

describe('what a stencil leaves open', () => {
  it('is what its lines enclose, and not what a line within closes again', () => {
    const frame = pictureOfStencil(parsePathData(square(0, 100) + square(25, 75)), 0.5);
    expect(frame.widthMillimetres).toBe(50);
    expect(openAreaOf(frame)).toBeCloseTo(50 * 50 - 25 * 25, -1);
    expect(openAt(frame, 0, 0)).toBe(0);
    expect(openAt(frame, 20, 0)).toBe(1);
    expect(openAt(frame, -20, 20)).toBe(1);
    expect(openAt(frame, 26, 0)).toBe(0);
    expect(openAt(frame, 1000, Number.NaN)).toBe(0);
  });

  it('has its edges where the outline has them, half open on them', () => {
    const half = pictureOfStencil(parsePathData(square(0, 40)), 1);
    expect(openAt(half, 19.8, 0)).toBe(1);
    expect(openAt(half, 20.2, 0)).toBe(0);
    expect(openAt(half, 20, 3)).toBeCloseTo(0.5, 1);
  });

  it('stands upright: files count downwards, a part upwards', () => {
    // A triangle with its point at the top of the file, 30 wide and 40 high: half of its box.
    const triangle = pictureOfStencil(parsePathData('M15 0L30 40L0 40Z'), 1);
    expect(openAreaOf(triangle)).toBeCloseTo(600, 0);
    expect(openAt(triangle, 10, -18)).toBe(1);
    expect(openAt(triangle, 10, 18)).toBe(0);
  });

  it('has the area of any polygon by the surveyor’s formula', () => {
    const star = fc.array(fc.double({ min: 0.2, max: 1, noNaN: true }), { minLength: 5, maxLength: 24 });
    fc.assert(
      fc.property(star, (radii) => {
        const corners = radii.map((radius, at) => {
          const angle = (2 * Math.PI * at) / radii.length;
          return [100 * radius * Math.cos(angle), 100 * radius * Math.sin(angle)] as const;
        });
        const picture = pictureOfStencil(parsePathData(`M${corners.map(([x, y]) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}Z`), 0.3);
        const twice = corners.reduce((sum, [x, y], at) => {
          const [nextX, nextY] = corners[(at + 1) % corners.length] ?? [0, 0];
          return sum + x * nextY - nextX * y;
        }, 0);
        expect(openAreaOf(picture) / ((Math.abs(twice) / 2) * 0.09)).toBeCloseTo(1, 2);
      }),
      { numRuns: 40 },
    );
  });

  it('is nothing for lines that are not closed, and is refused without a size or with lines that never end', () => {
    expect(openAreaOf(pictureOfStencil(parsePathData('M0 0L10 0L10 10L0 10'), 1))).toBe(0);
    expect(() => pictureOfStencil(parsePathData('M5 5L5 5Z'), 1)).toThrow(RangeError);
    expect(() => pictureOfStencil(parsePathData(square(0, 10)), 0)).toThrow(RangeError);
    const comb = Array.from({ length: 12_000 }, (_, at) => `${at % 10} ${at % 2 === 0 ? 0 : 10}`).join('L');
    expect(() => pictureOfStencil(parsePathData(`M${comb}Z`), 1)).toThrow(/back and forth/u);
  });
});
