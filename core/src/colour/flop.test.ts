import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flakeGain, flakeSurround, flopIndex, lightnessAt, USUAL_FLOP } from './flop';

const READ = fc.double({ min: 20, max: 95, noNaN: true });
const INDEX = fc.double({ min: 0, max: 20, noNaN: true });

describe('the flop of flake paints', () => {
  it('of a silver car paint read at three angles is that of flake paints', () => {
    // L* 130, 60 and 30 at 15°, 45° and 110° (from memory); 2.69 · 100^1.11 ÷ 60^0.86 by hand: 2.69 · 165.96 ÷ 33.82.
    expect(flopIndex(130, 60, 30)).toBeCloseTo(13.2, 1);
    expect(flopIndex(60, 60, 60)).toBe(0);
  });

  it('comes out of the lightness that was made from it, and the reading stays what was read', () => {
    fc.assert(
      fc.property(READ, INDEX, (read, index) => {
        expect(lightnessAt(read, index, 45)).toBeCloseTo(read, 9);
        const far = lightnessAt(read, index, 110);
        fc.pre(far > 0);
        expect(flopIndex(lightnessAt(read, index, 15), read, far)).toBeCloseTo(index, 6);
      }),
    );
  });

  it('makes no paint brighter the further it is seen from the mirror’s direction, and none darker than black', () => {
    fc.assert(
      fc.property(READ, INDEX, fc.nat(180), fc.nat(180), (read, index, one, other) => {
        const [near, far] = [Math.min(one, other), Math.max(one, other)];
        expect(flakeGain(read, index, far)).toBeLessThanOrEqual(flakeGain(read, index, near) + 1e-12);
        expect(flakeGain(read, index, far)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it('is none where nothing was measured nearer than 15°', () => {
    expect(flakeGain(60, USUAL_FLOP, 0)).toBe(flakeGain(60, USUAL_FLOP, 15));
    expect(flakeGain(60, USUAL_FLOP, 16)).toBeLessThan(flakeGain(60, USUAL_FLOP, 15));
  });

  it('is brighter at the nearest angle by what its lightness says: Y by CIE 15', () => {
    // L* over 100 goes on by the same cube: ((L + 16) ÷ 116)³.
    const near = lightnessAt(50, USUAL_FLOP, 15);
    expect(near).toBeGreaterThan(100);
    expect(flakeGain(50, USUAL_FLOP, 15)).toBeCloseTo(((near + 16) / 66) ** 3, 9);
    // Under L* 8 luminance is 27 ÷ 24,389 of it.
    expect(flakeGain(6, 0.2, 100)).toBeCloseTo(lightnessAt(6, 0.2, 100) / 6, 9);
  });

  it('without any throws back what a matte paint does: all of an even surround, two thirds of one that leans', () => {
    const { even, leaning } = flakeSurround(55, 0);
    expect(even).toBeCloseTo(1, 3);
    expect(leaning).toBeCloseTo(2 / 3, 3);
  });

  it('throws back more of an even surround than its reading says, and more of that from where a mirror looks', () => {
    const { even, leaning } = flakeSurround(55, USUAL_FLOP);
    expect(even).toBeGreaterThan(1.5);
    expect(leaning / even).toBeGreaterThan(0.75);
    expect(leaning / even).toBeLessThan(1);
  });
});
