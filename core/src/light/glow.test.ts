import { describe, expect, it } from 'vitest';
import { D65 } from '../colour/spectrum/cieTables';
import { labOfHex } from '../colour/lab';
import { beamPower, foamDamping, glowAlong, illuminanceAt, readGlow } from './glow';
import type { LedColour } from './glowColour';
import { seeLight, spectrumOfHeat, spectrumOfLed, transmissionOf } from './glowColour';

const told = (row: Parameters<typeof readGlow>[0]) => {
  const found = readGlow(row);
  if ('refusal' in found) throw new Error(found.refusal);
  return found;
};

describe('light on a skin', () => {
  it('of one plain chip falls with the square of the distance, and with the fourth power of the cosine aside', () => {
    expect(beamPower(120)).toBeCloseTo(1, 12);
    const one = { pitch: 10, leds: 1, beam: 120 };
    expect(illuminanceAt(0, { ...one, distance: 20 })).toBeCloseTo(1 / 400, 12);
    for (const degrees of [10, 30, 60]) {
      const aside = 20 * Math.tan((degrees * Math.PI) / 180);
      expect(illuminanceAt(aside, { ...one, distance: 20 })).toBeCloseTo(Math.cos((degrees * Math.PI) / 180) ** 4 / 400, 12);
    }
  });
  it('of an endless row far away comes to a line’s: π ÷ 2 over pitch and distance (closed form)', () => {
    // Σ d²/(d² + (np)²)² → ∫ = π/(2 d p) where the pitch is small beside the distance.
    const row = { pitch: 2, distance: 20, leds: 2001, beam: 120 };
    expect(illuminanceAt(2000, row)).toBeCloseTo(Math.PI / (2 * 20 * 2), 6);
  });
  it('shows hot spots near and none far, and the distance it names is just even', () => {
    const row = { pitch: 16.7, distance: 6, leds: 30, beam: 120 };
    const { ripplePercent, distanceForEven } = told(row);
    expect(ripplePercent).toBeGreaterThan(60);
    expect(told({ ...row, distance: distanceForEven }).ripplePercent).toBeCloseTo(15, 4);
    expect(told({ ...row, distance: 3 * distanceForEven }).ripplePercent).toBeLessThan(1);
  });
  it('a narrow beam asks for more distance, and foam does it in place', () => {
    const row = { pitch: 10, distance: 8, leds: 20, beam: 120 };
    expect(told({ ...row, beam: 60 }).distanceForEven).toBeGreaterThan(told(row).distanceForEven);
    expect(told({ ...row, distance: 4 }).sheetsForEven).toBeGreaterThan(0);
    expect(told({ ...row, distance: 30 }).sheetsForEven).toBe(0);
    expect(told({ ...row, leds: 1 }).sheetsForEven).toBeNull();
  });
  it('is drawn with one at its brightest', () => {
    const along = glowAlong({ pitch: 10, distance: 5, leds: 5, beam: 120 }, 81);
    // Behind foam all differences are damped alike, and the mean stays.
    const foamed = glowAlong({ pitch: 10, distance: 5, leds: 5, beam: 120 }, 81, 2);
    const meanOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
    const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);
    expect(meanOf(foamed)).toBeCloseTo(meanOf(along), 9);
    expect(spread(foamed) / spread(along)).toBeCloseTo(foamDamping(2, 10), 9);
    expect([foamDamping(0, 10), foamDamping(2, 10)].map((share) => share.toFixed(3))).toEqual(['1.000', '0.206']);
    expect(Math.max(...along)).toBe(1);
    expect(along[0]).toBeGreaterThan(along[5] as number);
  });
  it.each([
    ['noLeds', { pitch: 10, distance: 5, leds: 0, beam: 120 }],
    ['noLeds', { pitch: 0, distance: 5, leds: 5, beam: 120 }],
    ['noDistance', { pitch: 10, distance: 0, leds: 5, beam: 120 }],
    ['noBeam', { pitch: 10, distance: 5, leds: 5, beam: 180 }],
  ] as const)('is refused: %s', (refusal, row) => expect(readGlow(row)).toEqual({ refusal }));
});

describe('the colour of a glow', () => {
  it('illuminant A and D65 have the chromaticities CIE gives them (CIE 15)', () => {
    const a = seeLight(spectrumOfHeat(2856));
    expect(a.x).toBeCloseTo(0.4476, 2);
    expect(a.y).toBeCloseTo(0.4074, 2);
    const d = seeLight(Float64Array.from(D65));
    expect(d.x).toBeCloseTo(0.3127, 3);
    expect(d.y).toBeCloseTo(0.329, 3);
  });
  it('a neutral filter takes light and leaves the colour', () => {
    const grey = Float64Array.from({ length: 36 }, () => 0.3);
    for (const light of [spectrumOfHeat(2856), Float64Array.from(D65)]) {
      const [bare, dimmed] = [seeLight(light), seeLight(light, grey)];
      expect(dimmed.x).toBeCloseTo(bare.x, 12);
      expect(dimmed.share).toBeCloseTo(0.3, 12);
    }
  });
  it('white LEDs are as warm as they are called, and amber epoxy makes the cool one yellower by more', () => {
    const [warm, neutral, cool] = (['warm', 'neutral', 'cool'] as const).map((colour) => seeLight(spectrumOfLed(colour)));
    expect(warm?.x).toBeGreaterThan((neutral?.x ?? 0) + 0.03);
    expect(neutral?.x).toBeGreaterThan((cool?.x ?? 0) + 0.03);
    const amber = transmissionOf('#d6a04f');
    const through = seeLight(spectrumOfLed('cool'), amber);
    expect(through.x - (cool?.x ?? 0)).toBeGreaterThan(seeLight(spectrumOfLed('warm'), amber).x - (warm?.x ?? 0));
    expect(through.share).toBeGreaterThan(0.3);
    expect(through.share).toBeLessThan(0.9);
  });
  it('coloured LEDs come out in their colours', () => {
    const hueOf = (colour: LedColour): number => {
      const [, a, b] = labOfHex(seeLight(spectrumOfLed(colour)).hex);
      return (Math.atan2(b, a) * 180) / Math.PI;
    };
    expect(Math.abs(hueOf('red') - 40)).toBeLessThan(15);
    expect(Math.abs(hueOf('green') - 140)).toBeLessThan(20);
    expect(hueOf('blue')).toBeLessThan(-30);
  });
});
