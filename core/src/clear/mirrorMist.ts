/** What passes of a metal mist from inside leave of the light. */
export interface MistPasses {
  /** goes through after so many passes, 0–1 */
  readonly share: number;
  /** most passes that leave what is asked for; null: each leaves all of it */
  readonly mostPasses: number | null;
}

/**
 * Light through a mist laid pass by pass, each letting the same share of the rest through: share to the power of the passes.
 *
 * @param each share one pass lets through, read on a strip; above 0, up to 1
 * @param asked share that has to go through, above 0, up to 1
 * @throws RangeError for a share that cannot be, or passes that are no whole number from 0 on
 */
export function mistFor(each: number, passes: number, asked: number): MistPasses {
  if (!(each > 0 && each <= 1 && asked > 0 && asked <= 1)) throw new RangeError('light that goes through is a share above 0, up to 1');
  if (!(Number.isInteger(passes) && passes >= 0)) throw new RangeError('passes are counted from 0');
  return { share: each ** passes, mostPasses: each === 1 ? null : Math.floor(Math.log(asked) / Math.log(each) + 1e-9) };
}
