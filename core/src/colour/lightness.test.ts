import { expect, it } from 'vitest';
import { lightnessOf } from './lightness';

it('lightness runs from black to white as CIE 15 has it', () => {
  expect(lightnessOf('#000000')).toBeCloseTo(0, 6);
  expect(lightnessOf('#ffffff')).toBeCloseTo(100, 3);
  // L* = 116 (Y/Yn)^(1/3) − 16 (CIE 15); the luminance of sRGB red is 0.2126 (IEC 61966-2-1).
  expect(lightnessOf('#ff0000')).toBeCloseTo(116 * Math.cbrt(0.2126) - 16, 1);
  expect(() => lightnessOf('green-ish')).toThrow(RangeError);
});
