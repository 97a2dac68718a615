import type { CoatPaint } from '../../colour/coats/coatsOver';
import { backingOf, labOver } from '../../colour/coats/coatsOver';
import type { Lab } from '../../colour/lab';
import { difference } from '../../colour/lab';
import type { PassSight } from './pass';
import { SEEN_DIFFERENCE } from './pass';

/** ΔE00 from which a pass is worth mixing: well over what is just seen, as it is blurred from where the prop is looked at (guessed). */
export const WORTH_MIXING = 6;
/** Coats in which a technique's paint mostly lies where it lies (guessed): a thin wash pools to about one. */
export const USUAL_DEPOSIT = 1;

/** What a paint would do over a colour. */
export interface Contrast {
  readonly id: string;
  /** ΔE00 of its film over the colour and the colour */
  readonly difference: number;
  readonly lab: Lab;
}

/** ΔE00 that a film of so many coats makes over a colour. */
export function contrastOver(paint: CoatPaint, under: Lab, coats = USUAL_DEPOSIT, mirrored?: number): number {
  return difference(labOver(paint, coats, backingOf(under, mirrored), mirrored), under);
}

/** Whether a pass would show at all, by its contrast. */
export function willShow(contrast: number): 'no' | 'hardly' | 'yes' {
  if (contrast < SEEN_DIFFERENCE) return 'no';
  return contrast < WORTH_MIXING ? 'hardly' : 'yes';
}

/** Coverage below which nobody would notice the deposit (guessed). */
const NOTICED_SHARE = 0.005;

/** Why a pass would not be noticed: hardly any lands here; its colour is much like what is under it; it lies too thin or in marks too fine to be seen. */
export type Unseen = 'sparse' | 'alike' | 'faint';

/**
 * Why a pass is not seen; null where it is.
 *
 * @param contrast ΔE00 of its paint, as it usually lies, over what is under it
 */
export function whyUnseen({ ink, coverage }: Pick<PassSight, 'ink' | 'coverage'>, contrast: number): Unseen | null {
  if (coverage >= NOTICED_SHARE) return null;
  if (willShow(contrast) !== 'yes') return 'alike';
  return ink < NOTICED_SHARE ? 'sparse' : 'faint';
}

/**
 * Paints that would show over a colour where one does not, most like the wanted one first: a wash that vanishes is best changed for its next darker
 * neighbour, not for white.
 *
 * @param wanted the colour that was thought of
 */
export function paintsThatShow(paints: readonly CoatPaint[], under: Lab, wanted: Lab, most = 3, mirrored?: number): Contrast[] {
  return paints
    .map((paint) => ({ id: paint.paint.id, difference: contrastOver(paint, under, USUAL_DEPOSIT, mirrored), lab: paint.paint.lab }))
    .filter(({ difference: away }) => away >= WORTH_MIXING)
    .toSorted((a, b) => difference(a.lab, wanted) - difference(b.lab, wanted))
    .slice(0, most);
}
