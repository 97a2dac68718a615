import type { Mixer } from './mixer';

/** Colours of small recipes of a shelf, made once and searched for every target. */
export interface RecipeTable {
  readonly count: number;
  /** three paints an entry; 255 where there is none */
  readonly paints: Uint8Array;
  readonly parts: Uint8Array;
  /** Lab, three values an entry */
  readonly labs: Float32Array;
}

/** No paint. */
export const NONE = 255;
/** Recipes of three paints go up to that many parts. */
const TRIPLE_PARTS = 8;

/**
 * All recipes of one paint, of two up to `pairParts` parts and of three up to 8 parts that are not a multiple of a smaller one.
 *
 * @throws RangeError for more than 255 paints
 */
export function buildRecipeTable(mixer: Mixer, pairParts: number): RecipeTable {
  const { count: n } = mixer;
  if (n > NONE) throw new RangeError(`at most ${NONE} paints can be searched, got ${n}`);
  const pairs = coprimePairs(pairParts);
  const triples = coprimeTriples(TRIPLE_PARTS);
  const count = n + ((n * (n - 1)) / 2) * pairs.length + ((n * (n - 1) * (n - 2)) / 6) * triples.length;
  const paints = new Uint8Array(count * 3).fill(NONE);
  const parts = new Uint8Array(count * 3);
  const labs = new Float32Array(count * 3);
  const out = new Float64Array(3);
  let at = 0;
  const put = (chosen: readonly number[], amounts: readonly number[]): void => {
    mixer.lab(chosen, amounts, chosen.length, out);
    paints.set(chosen, at);
    parts.set(amounts, at);
    labs.set(out, at);
    at += 3;
  };
  for (let i = 0; i < n; i += 1) put([i], [1]);
  for (let i = 0; i < n; i += 1)
    for (let j = i + 1; j < n; j += 1) {
      for (const pair of pairs) put([i, j], pair);
      for (let k = j + 1; k < n; k += 1) for (const triple of triples) put([i, j, k], triple);
    }
  return { count, paints, parts, labs };
}

function coprimePairs(most: number): number[][] {
  const found: number[][] = [];
  for (let a = 1; a < most; a += 1) for (let b = 1; a + b <= most; b += 1) if (commonDivisor(a, b) === 1) found.push([a, b]);
  return found;
}

function coprimeTriples(most: number): number[][] {
  const found: number[][] = [];
  for (let a = 1; a < most; a += 1)
    for (let b = 1; a + b < most; b += 1)
      for (let c = 1; a + b + c <= most; c += 1) if (commonDivisor(commonDivisor(a, b), c) === 1) found.push([a, b, c]);
  return found;
}

/** Greatest common divisor. */
export function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
