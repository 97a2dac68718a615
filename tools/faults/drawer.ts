/** Whole numbers below a bound, from a seed (Park and Miller's generator). */
export function drawer(seed: number): (most: number) => number {
  let state = seed % 2_147_483_647 || 1;
  return (most) => {
    state = (state * 16_807) % 2_147_483_647;
    return state % Math.max(1, most);
  };
}
