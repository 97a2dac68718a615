/** A line of points; closed where the last joins the first. */
export interface OutlineLine {
  /** x, y in the file's units, y downwards */
  readonly points: readonly (readonly [x: number, y: number])[];
  readonly isClosed: boolean;
}

/** A stencil's outline as a file gives it: only lines, nothing that a file could hide a script in. */
export interface Outline {
  readonly lines: readonly OutlineLine[];
  readonly min: readonly [x: number, y: number];
  readonly max: readonly [x: number, y: number];
  /** mm a unit is by the file's own word; null: it does not say */
  readonly millimetresPerUnit: number | null;
  readonly notices: readonly string[];
}

/** A file that gives no outline, with the reason. */
export class OutlineFaultError extends Error {}

const MOST_POINTS = 200_000;
/** Points farther out, in the file's units, are a mistake or a trick: sizes would no longer be numbers. */
const FARTHEST = 1e9;

/**
 * Lines with their box.
 *
 * @throws OutlineFaultError for no line, points that are no numbers, or more than 200,000
 */
export function outlineOf(lines: readonly OutlineLine[], millimetresPerUnit: number | null, notices: readonly string[]): Outline {
  const kept = lines.filter((line) => line.points.length >= 2);
  const count = kept.reduce((sum, line) => sum + line.points.length, 0);
  if (count === 0) throw new OutlineFaultError('there is no outline in it');
  if (count > MOST_POINTS) throw new OutlineFaultError(`its outline has ${count} points; ${MOST_POINTS} are the most`);
  const min: [number, number] = [Infinity, Infinity];
  const max: [number, number] = [-Infinity, -Infinity];
  for (const line of kept)
    for (const [x, y] of line.points) {
      if (!(Math.abs(x) <= FARTHEST) || !(Math.abs(y) <= FARTHEST))
        throw new OutlineFaultError('it holds a point that is no number, or far out of any drawing');
      min[0] = Math.min(min[0], x);
      min[1] = Math.min(min[1], y);
      max[0] = Math.max(max[0], x);
      max[1] = Math.max(max[1], y);
    }
  return { lines: kept, min, max, millimetresPerUnit, notices };
}

/** Length of a distance between two points of the file, its units. */
export function spanOf(outline: Outline): { readonly width: number; readonly height: number } {
  return { width: outline.max[0] - outline.min[0], height: outline.max[1] - outline.min[1] };
}
