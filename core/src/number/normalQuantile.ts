import { normalShare } from './normalShare';

/**
 * The value below which a standard normal quantity lies with that chance: the inverse of `normalShare`, by halving.
 *
 * @throws RangeError for a chance that is not between 0 and 1
 */
export function normalQuantile(chance: number): number {
  if (!(chance > 0 && chance < 1)) throw new RangeError('a chance lies between 0 and 1');
  let [low, high] = [-9, 9];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (normalShare(middle) < chance) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
