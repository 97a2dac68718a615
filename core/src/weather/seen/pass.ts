import type { CoatPaint } from '../../colour/coats/coatsOver';
import type { Vector } from '../../surface/mesh/vector';
import type { Carrier } from '../deposit/carrier';

/** One pass of weathering over a part, as far as it can be reckoned. */
export interface WeatherPass {
  readonly carrier: Carrier;
  readonly paint: CoatPaint;
  /** what it leaves in regions of another colour, by their place, where that is something else: what chips bare there */
  readonly paintIn?: readonly (CoatPaint | null)[];
  /** how much, 0 … 1 */
  readonly amount: number;
  /** how far a wash is wiped, 0 … 1 */
  readonly wiped: number;
  /** breadth of its marks, mm */
  readonly sizeMillimetres: number;
  readonly seed: number;
  /** way things fly, for drops */
  readonly throwDirection: Vector;
}

/** Film in coats that counts as ink; under that a place is hardly touched (guessed). */
export const INK_COATS = 0.15;
/** A veil has no marks: all of it is ink, and counts as soon as it is seen. */
const VEIL_COATS = 0.01;

/** Film in coats from which a carrier's deposit counts as ink. */
export function inkCoats({ kind }: Carrier): number {
  return kind === 'veil' ? VEIL_COATS : INK_COATS;
}
/** ΔE00 from which a place differs at a glance, seen side by side (common practice). */
export const SEEN_DIFFERENCE = 2;

/** What is seen of one pass from a distance. */
export interface PassSight {
  /** share of the area that carries it */
  readonly ink: number;
  /** the ink that is seen: where the surface, blurred as the eye blurs it, differs by ΔE00 2 or more from what is under it */
  readonly coverage: number;
  /** mean ΔE00 where it is seen; 0 where it is not */
  readonly contrast: number;
  /** mean ΔE00 over everything */
  readonly tint: number;
}
