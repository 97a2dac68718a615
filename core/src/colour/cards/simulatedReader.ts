import { seededRandom } from '../../random/seededRandom';
import type { Lab } from '../lab';

/** Spread of a hand-held reader's readings of one spot, and of how a hand sets it down on a brushed swatch, Lab units (guessed). */
const REPEAT = 0.15;
const PLACING = 0.45;

/**
 * What a colour reader would read of a swatch, some times over: the same for the same swatch and seed.
 *
 * @param swatch true colour of what lies under it
 * @param count readings, 1 … 50
 * @throws RangeError for another count
 */
export function simulateReadings(swatch: Lab, count: number, seed: number): Lab[] {
  if (!(Number.isInteger(count) && count >= 1 && count <= 50)) throw new RangeError(`1 to 50 readings, got ${count}`);
  const random = seededRandom(seed);
  // Sum of twelve evens less six: near enough to a bell.
  const bell = (): number => Array.from({ length: 12 }, () => random()).reduce((sum, value) => sum + value, -6);
  return Array.from({ length: count }, (): Lab => {
    const placed = PLACING * bell();
    const one = (axis: 0 | 1 | 2): number =>
      Math.round((swatch[axis] + (axis === 0 ? placed : placed * 0.3) + REPEAT * bell()) * 100) / 100;
    return [Math.min(100, Math.max(0, one(0))), one(1), one(2)];
  });
}
