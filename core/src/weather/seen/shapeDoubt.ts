/** What is reckoned on a part's shape alone, without its recesses and fittings, may be off by this factor either way (guess). */
export const SHAPE_DOUBT = 1.5;

/** Between what a share lies that was reckoned on a shape alone. */
export function shapeRange(share: number): { readonly low: number; readonly high: number } {
  return { low: share / SHAPE_DOUBT, high: Math.min(1, share * SHAPE_DOUBT) };
}
