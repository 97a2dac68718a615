import type { Lab } from './lab';
import { reflectanceOf } from './spectrum/reflectance';

/** A paint must be brighter than what its surface mirrors: at most this share of its darkest band may be gloss (guessed). */
const MOST_OF_DARKEST = 0.5;

/** The specular share in colour readings, limited so that every paint of the shelf keeps a possible reflectance. */
export interface BoundMirrored {
  readonly value: number;
  /** id of the paint that is too dark for more; null where nothing had to be taken away */
  readonly boundBy: string | null;
}

/**
 * Bounds the mirrored share by the darkest paint of a shelf. A reading that is darker than the gloss in it would leave nothing of the paint itself:
 * its K/S would grow without end, and one part of black would swallow any white.
 *
 * @param wanted share, 0 … 1
 */
export function boundMirrored(wanted: number, paints: readonly { readonly id: string; readonly lab: Lab }[]): BoundMirrored {
  let value = wanted;
  let boundBy: string | null = null;
  if (wanted <= 0) return { value: 0, boundBy };
  for (const { id, lab } of paints) {
    const most = MOST_OF_DARKEST * Math.min(...reflectanceOf(lab));
    if (most >= value) continue;
    value = most;
    boundBy = id;
  }
  return { value, boundBy };
}
