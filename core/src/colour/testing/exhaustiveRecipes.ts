import type { Lab } from '../lab';
import { difference } from '../lab';
import type { MixPaint } from '../paint';
import { createMixer } from '../recipe/mixer';
import { commonDivisor } from '../recipe/recipeTable';

/** Every coprime mix of up to `mostPaints` of these paints and `mostParts` parts, with its Lab; a slow and sure oracle. */
export function everyMix(paints: readonly MixPaint[], mostPaints: number, mostParts: number, mirrored = 0): Float32Array {
  const mixer = createMixer(paints, mirrored);
  const out = new Float64Array(3);
  let labs = new Float32Array(3 * 1024);
  let length = 0;
  const chosen: number[] = [];
  const parts: number[] = [];
  const walk = (from: number, left: number): void => {
    if (chosen.length > 0 && parts.reduce((held, value) => commonDivisor(held, value), 0) === 1) {
      mixer.lab(chosen, parts, chosen.length, out);
      if (length + 3 > labs.length) {
        const larger = new Float32Array(labs.length * 2);
        larger.set(labs);
        labs = larger;
      }
      labs.set(out, length);
      length += 3;
    }
    if (chosen.length === mostPaints) return;
    for (let paint = from; paint < paints.length; paint += 1)
      for (let amount = 1; amount <= left; amount += 1) {
        chosen.push(paint);
        parts.push(amount);
        walk(paint + 1, left - amount);
        chosen.pop();
        parts.pop();
      }
  };
  walk(0, mostParts);
  return labs.slice(0, length);
}

/** The least CIEDE2000 among mixes. ΔL alone shows that most of them cannot be it: S_L is at most 1.75. */
export function leastDifference(labs: Float32Array, target: Lab): number {
  let best = Infinity;
  for (let at = 0; at < labs.length; at += 3) {
    const l = labs[at] as number;
    if (Math.abs(l - target[0]) / 1.75 >= best) continue;
    const value = difference([l, labs[at + 1] as number, labs[at + 2] as number], target);
    if (value < best) best = value;
  }
  return best;
}
