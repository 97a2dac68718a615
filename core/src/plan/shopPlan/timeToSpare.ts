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

/** When all of several props are ready: the last of those that have a moment; null when none has. Epoch ms. */
export function lastReady(props: readonly { readonly readyMs: number | null }[]): number | null {
  const moments = props.flatMap((prop) => (prop.readyMs === null ? [] : [prop.readyMs]));
  return moments.length === 0 ? null : Math.max(...moments);
}
