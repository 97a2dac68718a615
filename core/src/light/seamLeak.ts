import { DARK_SHARE } from './lightLeak';

/** A seam that light can find its way through. */
export interface Seam {
  /** how far it stands open, mm */
  readonly gap: number;
  /** through the wall, mm */
  readonly depth: number;
  /** a lip behind it, so that no straight way leads out */
  readonly hasLip: boolean;
  /** its faces are black */
  readonly isBlack: boolean;
}

/** What comes out of it. */
export interface SeamLeak {
  /** of the light that falls on its mouth, at most, 0–1 */
  readonly share: number;
  readonly isDark: boolean;
}

/** What the faces of a seam throw back: bare plastic, and matte black paint (guesses). */
export const SEAM_RETURNS = { bare: 0.6, black: 0.04 } as const;

/**
 * Light through a seam, at most. Straight through comes the view factor of two facing strips, √(1 + (d ÷ w)²) − d ÷ w (Hottel's crossed strings); of what hits
 * its faces they throw a share back, of which no more than half goes on. A lip leaves no straight way and asks for two such turns.
 *
 * @throws RangeError for a gap or a depth below nothing
 */
export function seamLeak({ gap, depth, hasLip, isBlack }: Seam): SeamLeak {
  if (!(gap >= 0 && depth >= 0)) throw new RangeError('a seam and its depth are not below nothing');
  if (gap === 0) return { share: 0, isDark: true };
  const slender = depth / gap;
  const straight = Math.sqrt(1 + slender ** 2) - slender;
  const turned = SEAM_RETURNS[isBlack ? 'black' : 'bare'] / 2;
  const share = hasLip ? turned ** 2 : straight + (1 - straight) * turned;
  return { share, isDark: share < DARK_SHARE };
}
