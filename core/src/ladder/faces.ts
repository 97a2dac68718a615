/** Which faces a rung is done on: a part sprayed lying down is done from below, turned when it can be handled, and done from above. */
export type RungSide = 'all' | 'under' | 'top';

/** Whether two rungs touch the same faces. */
export function facesMeet(a: RungSide, b: RungSide): boolean {
  return a === b || a === 'all' || b === 'all';
}

/** Share of a part's surface a rung is done on; one side is taken as half of it (guessed). */
export function facesShare(side: RungSide): number {
  return side === 'all' ? 1 : 0.5;
}
