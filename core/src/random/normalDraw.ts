import type { RandomSource } from './seededRandom';

/** A number from the standard normal distribution; always takes two from the source (Box and Muller 1958, from memory). */
export function normalDraw(random: RandomSource): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  return radius * Math.cos(2 * Math.PI * random());
}
