/** A stream of numbers in [0, 1), the same for the same seed. */
export type RandomSource = () => number;

/**
 * The mulberry32 generator: 32 bits of state, good enough to search and to simulate with, not for secrets.
 *
 * @param seed any integer
 */
export function seededRandom(seed: number): RandomSource {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A whole number in [0, below). */
export function randomIndex(random: RandomSource, below: number): number {
  return Math.floor(random() * below);
}
