import { describe, expect, it } from 'vitest';
import checks from '../testing/weatherChecks.json';
import { hashOfCell, octaveNoise, shareOfOctaveNoise, shareOfValueNoise, TURNED_LATTICE, valueNoise } from './noise';

// The values were made by a separate program for the method this noise follows (value noise on a hashed lattice); see weatherChecks.json.
const { noise } = checks;
type Place = [number, number, number, number];

describe('noise by position', () => {
  it('hashes a cell to the very number', () => {
    for (const [place, value] of noise.hashValues as [Place, number][]) expect(hashOfCell(...place)).toBe(value);
  });
  it('has the values of one octave and of three', () => {
    for (const [place, value] of noise.valueNoise as [Place, number][]) expect(Math.abs(valueNoise(...place) - value)).toBeLessThan(1e-9);
    for (const [place, value] of noise.octaveNoise as [Place, number][]) expect(Math.abs(octaveNoise(...place) - value)).toBeLessThan(1e-9);
  });
  it('is a share: as much lies under p as p says', () => {
    for (const [value, share] of noise.distribution as [number, number][])
      expect(Math.abs(shareOfOctaveNoise(value) - share)).toBeLessThan(noise.distributionTolerance);
    const count = 40_000;
    for (const wanted of [0.05, 0.2, 0.5, 0.9]) {
      let octaves = 0;
      let single = 0;
      for (let at = 0; at < count; at += 1) {
        const place = [at * 0.731, at * 0.177, at * 0.393] as const;
        if (shareOfOctaveNoise(octaveNoise(...place, 7)) < wanted) octaves += 1;
        if (shareOfValueNoise(valueNoise(...place, 9)) < wanted) single += 1;
      }
      expect(Math.abs(octaves / count - wanted)).toBeLessThan(0.015);
      expect(Math.abs(single / count - wanted)).toBeLessThan(0.015);
    }
  });
  it('is continuous across the lattice, and differs by seed', () => {
    expect(Math.abs(valueNoise(1 - 1e-7, 2.4, 3.6, 1) - valueNoise(1 + 1e-7, 2.4, 3.6, 1))).toBeLessThan(1e-6);
    expect(octaveNoise(0.5, 0.5, 0.5, 1)).not.toBe(octaveNoise(0.5, 0.5, 0.5, 2));
  });
  it('lies on a lattice whose rows are square to each other and of length 1', () => {
    TURNED_LATTICE.forEach((one, i) => {
      TURNED_LATTICE.forEach((other, j) => {
        const product = one.reduce<number>((sum, value, axis) => sum + value * (other[axis] ?? 0), 0);
        expect(product).toBeCloseTo(i === j ? 1 : 0, 7);
      });
    });
  });
});
