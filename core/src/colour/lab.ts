import { modeLab65, modeLrgb, modeRgb, modeXyz65, useMode } from 'culori/fn';
import { differenceCiede2000, formatHex } from 'culori/fn';

useMode(modeRgb);
const toLab = useMode(modeLab65);
const toLinear = useMode(modeLrgb);
const toXyz = useMode(modeXyz65);
const ciede2000 = differenceCiede2000();

/** CIE L*a*b* for D65 and the 2° observer (CIE 15). */
export type Lab = readonly [l: number, a: number, b: number];
/** Linear light in sRGB primaries (IEC 61966-2-1), 0 … 1; outside of that where a colour cannot be shown. */
export type LinearRgb = readonly [r: number, g: number, b: number];

/**
 * Lab of an sRGB colour.
 *
 * @param hex `#rrggbb`
 * @throws RangeError when it is none
 */
export function labOfHex(hex: string): Lab {
  const lab = /^#[0-9a-f]{6}$/iu.test(hex) ? toLab(hex) : undefined;
  if (!lab) throw new RangeError(`not a colour: ${hex}`);
  return [lab.l, lab.a, lab.b];
}

/** The nearest colour a screen can show, `#rrggbb`; channels outside of sRGB are cut off. */
export function hexOfLab([l, a, b]: Lab): string {
  return formatHex({ mode: 'lab65', l, a, b });
}

/** Whether a screen can show it, with half a step of 8 bits to spare. */
export function isShownTruly(lab: Lab): boolean {
  return linearOfLab(lab).every((value) => value >= -0.002 && value <= 1.002);
}

/** Linear sRGB, not cut off. */
export function linearOfLab([l, a, b]: Lab): LinearRgb {
  const { r, g, b: blue } = toLinear({ mode: 'lab65', l, a, b });
  return [r, g, blue];
}

/** Lab of linear sRGB. */
export function labOfLinear([r, g, b]: LinearRgb): Lab {
  const lab = toLab({ mode: 'lrgb', r, g, b });
  return [lab.l, lab.a, lab.b];
}

/** X, Y and Z of the three linear primaries: columns of the matrix of IEC 61966-2-1. */
export function xyzOfLinear([r, g, b]: LinearRgb): readonly [x: number, y: number, z: number] {
  const { x, y, z } = toXyz({ mode: 'lrgb', r, g, b });
  return [x, y, z];
}

/** CIEDE2000 (Sharma, Wu and Dalal 2005), with all weights 1. */
export function difference(one: Lab, other: Lab): number {
  return ciede2000({ mode: 'lab65', l: one[0], a: one[1], b: one[2] }, { mode: 'lab65', l: other[0], a: other[1], b: other[2] });
}

/** Chroma C*ab. */
export function chromaOf([, a, b]: Lab): number {
  return Math.hypot(a, b);
}
