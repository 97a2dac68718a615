import { modeLab65, modeRgb, useMode } from 'culori/fn';

useMode(modeRgb);
const toLab = useMode(modeLab65);

/**
 * CIE L* (D65, 2°) of an sRGB colour, 0 black to 100 white.
 *
 * @param hex `#rrggbb`
 * @throws RangeError when it is none
 */
export function lightnessOf(hex: string): number {
  const lab = toLab(hex);
  if (!lab) throw new RangeError(`not a colour: ${hex}`);
  return lab.l;
}
