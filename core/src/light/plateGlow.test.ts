import { describe, expect, it } from 'vitest';
import { illuminanceAt, readGlow } from './glow';
import type { GlowPlate } from './plateGlow';
import { glowOver, illuminanceOver, plateDamping, readPlateGlow } from './plateGlow';

const PLATE: GlowPlate = { pitch: 16.7, rowPitch: 20, distance: 12, leds: 11, rows: 7, beam: 120 };

describe('the glow over a plate', () => {
  it('of one row is that of the row', () => {
    const row = { ...PLATE, rows: 1 };
    expect(readPlateGlow(row)).toEqual(readGlow(row));
    expect(illuminanceOver(40, 0, row)).toBeCloseTo(illuminanceAt(40, row), 3);
  });
  it('of endless Lambertian chips lies about π ÷ (pitch × row pitch) in the mean (closed form)', () => {
    // ∫ d² ÷ (d² + ρ²)² over the plane is π: a chip gives as much whatever its distance.
    const wide = { ...PLATE, pitch: 10, rowPitch: 10, distance: 10, leds: 61, rows: 61 };
    let sum = 0;
    for (let x = 0; x < 10; x += 1) for (let y = 0; y < 10; y += 1) sum += illuminanceOver(300 + x, 300 + y, wide);
    expect(sum / 100).toBeGreaterThan((Math.PI / 100) * 0.985);
    expect(sum / 100).toBeLessThan(Math.PI / 100);
  });
  it('is the same turned a quarter', () => {
    const turned = { ...PLATE, pitch: PLATE.rowPitch, rowPitch: PLATE.pitch, leds: PLATE.rows, rows: PLATE.leds };
    expect(illuminanceOver(30, 50, PLATE)).toBeCloseTo(illuminanceOver(50, 30, turned), 12);
  });
  it('is even from the distance it names on, and with the foam it names', () => {
    const glow = readPlateGlow(PLATE);
    if ('refusal' in glow) throw new Error(glow.refusal);
    const at = (distance: number) => readPlateGlow({ ...PLATE, distance }) as { ripplePercent: number };
    expect(at(glow.distanceForEven).ripplePercent).toBeCloseTo(15, 1);
    expect(at(glow.distanceForEven * 1.2).ripplePercent).toBeLessThan(15);
    expect(glow.ripplePercent * plateDamping(glow.sheetsForEven ?? 0, PLATE)).toBeLessThanOrEqual(15);
    expect(at(6).ripplePercent).toBeGreaterThan(at(12).ripplePercent);
  });
  it('is darkest between four LEDs: rows further apart ripple more', () => {
    const ripple = (rowPitch: number) => (readPlateGlow({ ...PLATE, rowPitch }) as { ripplePercent: number }).ripplePercent;
    expect([10, 20, 40].map(ripple)).toEqual([10, 20, 40].map(ripple).toSorted((a, b) => a - b));
  });
  it('is drawn with its brightest place at 1, and evened by foam', () => {
    const picture = glowOver(PLATE, 41, 13).flat();
    expect(Math.max(...picture)).toBe(1);
    const foamed = glowOver(PLATE, 41, 13, 3).flat();
    expect(Math.max(...foamed) - Math.min(...foamed)).toBeLessThan(Math.max(...picture) - Math.min(...picture));
  });
  it('says what cannot be', () => {
    expect(readPlateGlow({ ...PLATE, distance: 0 })).toEqual({ refusal: 'noDistance' });
    expect(readPlateGlow({ ...PLATE, leds: 0 })).toEqual({ refusal: 'noLeds' });
    expect(readPlateGlow({ ...PLATE, beam: 0 })).toEqual({ refusal: 'noBeam' });
  });
});
