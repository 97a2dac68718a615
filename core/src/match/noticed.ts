import type { Lab } from '../colour/lab';
import { difference } from '../colour/lab';
import { HALF_90 } from '../number/half90';
import { normalShare } from '../number/normalShare';

/** Something that differs between the reference and one's own, in just noticeable steps. */
export interface Noticeable {
  readonly id: string;
  readonly steps: number;
  /** half width of its 90 % interval, steps */
  readonly half: number;
  /** share of the sight it takes, 0–1 */
  readonly share: number;
}

/** What a viewer would notice, with the score it is ordered by. */
export interface Noticed extends Noticeable {
  readonly score: number;
}

/** Per cent of a length that is one just noticeable step (memory). */
const LENGTH_STEP_PERCENT = 2.5;

/**
 * What a viewer notices first: steps above one, by the root of the share of the sight, by how surely. The exponent orders as any from ⅓ to ¾ does; our
 * own. What may as well be nothing is not listed.
 */
export function orderByNotice(all: readonly Noticeable[]): readonly Noticed[] {
  return all
    .filter(({ steps, half }) => steps - half > 1)
    .map((one) => ({ ...one, score: noticeScore(one) }))
    .toSorted((a, b) => b.score - a.score);
}

/** The score of one. */
export function noticeScore({ steps, half, share }: Pick<Noticeable, 'steps' | 'half' | 'share'>): number {
  const above = Math.max(0, steps - 1);
  const sureness = half > 0 ? normalShare((steps - 1) / (half / HALF_90)) : 1;
  return above * Math.sqrt(share) * sureness;
}

/**
 * Steps of a colour seen small: the eye blurs it, chroma sooner than lightness (a guess in form and figures).
 *
 * @param arcMinutes the narrower width of the region as seen; Infinity where that is not known
 */
export function colourSteps(reference: Lab, own: Lab, arcMinutes: number): number {
  const squared = arcMinutes * arcMinutes;
  const [light, chroma] = Number.isFinite(squared) ? [squared / (squared + 1), squared / (squared + 16)] : [1, 1];
  const seen: Lab = [
    reference[0] + (own[0] - reference[0]) * light,
    reference[1] + (own[1] - reference[1]) * chroma,
    reference[2] + (own[2] - reference[2]) * chroma,
  ];
  return difference(reference, seen);
}

/**
 * A length beside the reference's, in steps over the whole sight.
 *
 * @param relativeSd standard deviation of the one over the other
 */
export function lengthNoticeable(id: string, reference: number, own: number, relativeSd: number): Noticeable {
  const steps = (share: number): number => (share * 100) / LENGTH_STEP_PERCENT;
  return { id, steps: steps(Math.abs(own / reference - 1)), half: steps(HALF_90 * relativeSd), share: 1 };
}

/** Minutes of arc under which a width is seen. */
export function arcMinutesOf(widthMillimetres: number, distanceMetres: number): number {
  return (2 * Math.atan(widthMillimetres / 2000 / distanceMetres) * 180 * 60) / Math.PI;
}
