import type { PropReady } from './shopPlan';

/** What the two dates of a prop say together. */
export interface TimeToSpare {
  /** minutes between ready and due, at least 0 */
  readonly minutes: number;
  readonly isLate: boolean;
}

/** Time between ready and due; null while either is not known. Moments are epoch ms. Ready on the very minute is in time. */
export function timeToSpare(readyMs: number | null, dueMs: number | null): TimeToSpare | null {
  if (readyMs === null || dueMs === null) return null;
  return { minutes: Math.abs(dueMs - readyMs) / 60_000, isLate: readyMs > dueMs };
}

/** When all of several props are ready, epoch ms: the last of those that are still climbed; null where that is none, or a rung has no place. */
export function lastReady(props: readonly Pick<PropReady, 'readyMs' | 'unplacedRungs' | 'laterRungs'>[]): number | null {
  if (props.some(({ unplacedRungs, laterRungs }) => unplacedRungs + laterRungs > 0)) return null;
  const moments = props.flatMap((prop) => (prop.readyMs === null ? [] : [prop.readyMs]));
  return moments.length === 0 ? null : Math.max(...moments);
}
