/** An opening a wearer looks through. */
export interface EyeOpening {
  readonly width: number;
  readonly height: number;
  /** from the eye to the opening, mm */
  readonly distance: number;
  /** how far the opening's middle lies off the eye's axis, mm: right and up are above nothing */
  readonly aside?: number;
  readonly above?: number;
  /** light the mesh or tint lets through, 0–1 */
  readonly transmission?: number;
}

/** Where too little is seen. */
export type SightLack = 'sideways' | 'down' | 'light';

/** What is seen through it, with one eye that does not turn. */
export interface Sight {
  readonly horizontalDegrees: number;
  readonly verticalDegrees: number;
  readonly left: number;
  readonly right: number;
  readonly up: number;
  readonly down: number;
  readonly light: number;
  /** what is below what is usual: who comes from the side, steps and floor, or anything in a room */
  readonly lacks: readonly SightLack[];
  /** too little to walk among people without somebody who leads */
  readonly needsHandler: boolean;
}

/** Below these a handler is usual: sideways, down to see steps, and light (common practice, figures guessed). */
export const HANDLER_BELOW = { horizontalDegrees: 90, downDegrees: 30, light: 0.3 } as const;

/**
 * Field of view by trigonometry: the angle under which each edge is seen.
 *
 * @throws RangeError for an opening or a distance of nothing
 */
export function readSight({ width, height, distance, aside = 0, above = 0, transmission = 1 }: EyeOpening): Sight {
  if (!(width > 0 && height > 0 && distance > 0)) throw new RangeError('an opening and its distance must be above nothing');
  if (!(transmission >= 0 && transmission <= 1)) throw new RangeError('light that is let through is a share from 0 to 1');
  const degrees = (edge: number): number => (Math.atan2(edge, distance) * 180) / Math.PI;
  const [left, right] = [degrees(width / 2 - aside), degrees(width / 2 + aside)];
  const [up, down] = [degrees(height / 2 + above), degrees(height / 2 - above)];
  const horizontalDegrees = left + right;
  const lacks: SightLack[] = [];
  if (horizontalDegrees < HANDLER_BELOW.horizontalDegrees) lacks.push('sideways');
  if (down < HANDLER_BELOW.downDegrees) lacks.push('down');
  if (transmission < HANDLER_BELOW.light) lacks.push('light');
  return {
    horizontalDegrees,
    verticalDegrees: up + down,
    left,
    right,
    up,
    down,
    light: transmission,
    lacks,
    needsHandler: lacks.length > 0,
  };
}
