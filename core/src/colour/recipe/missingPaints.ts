import type { Lab } from '../lab';

/** A paint that a shelf for mixing needs, and does not have. */
export type PrimaryId = 'white' | 'black' | 'yellow' | 'red' | 'blue';

/** The paints from which most colours can be mixed, with the part of the colour space each of them covers; bounds are guessed. */
const PRIMARIES: readonly { readonly id: PrimaryId; readonly holds: (lightness: number, chroma: number, hue: number) => boolean }[] = [
  { id: 'white', holds: (lightness, chroma) => lightness >= 85 && chroma <= 15 },
  { id: 'black', holds: (lightness, chroma) => lightness <= 25 && chroma <= 12 },
  { id: 'yellow', holds: (_, chroma, hue) => chroma >= 35 && hue >= 70 && hue <= 115 },
  { id: 'red', holds: (_, chroma, hue) => chroma >= 30 && (hue <= 50 || hue >= 340) },
  { id: 'blue', holds: (_, chroma, hue) => chroma >= 20 && hue >= 220 && hue <= 310 },
];

/** Primaries of which a shelf has no paint, in the order in which they are most missed. */
export function missingPrimaries(paints: readonly Lab[]): PrimaryId[] {
  const polar = paints.map(([lightness, a, b]) => ({
    lightness,
    chroma: Math.hypot(a, b),
    hue: ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360,
  }));
  return PRIMARIES.filter(({ holds }) => !polar.some(({ lightness, chroma, hue }) => holds(lightness, chroma, hue))).map(({ id }) => id);
}
