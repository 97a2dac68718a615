import type { Lab } from '../lab';
import { difference } from '../lab';
import type { MixPaint } from '../paint';
import { mixLab } from '../paint';
import { solveLinear } from '../../number/solveLinear';

/** A card as far as strengths can be learned from it. */
export interface StrengthCard {
  readonly id: string;
  readonly parts: readonly { readonly paintId: string; readonly parts: number }[];
  /** as it dried */
  readonly lab: Lab;
}

/** What the cards say of the strengths. Nothing is changed by it: it is shown, and taken over or not. */
export interface LearnedStrengths {
  readonly paints: readonly { readonly paintId: string; readonly before: number; readonly after: number; readonly cards: number }[];
  /** by card, ΔE00 of prediction and reading */
  readonly cards: readonly { readonly cardId: string; readonly before: number; readonly after: number }[];
  readonly meanBefore: number;
  readonly meanAfter: number;
}

/** Reading error of a card, Lab units; and how far a strength is thought to lie from what is usual, log units: the ridge. Guessed. */
const READING_ERROR = 0.8;
const PRIOR_SPREAD = 0.7;
/** A card further off than that, in reading errors, is thought to be a mistake. */
const FAR_OFF = 4;
const TURNS = 40;
const STEP = 1e-4;
const LEAST = 0.02;
const MOST = 50;

/**
 * Tinting strengths from cards: Levenberg–Marquardt on log strengths, with a pull towards what is usual, so that few cards do not make wild
 * strengths, and learning twice from the same cards changes nothing the second time. Only ratios can be told: the paint named as fixed,
 * white by custom, keeps its strength. Tints with white, 1 : 4 to 1 : 20, say most.
 *
 * @param paints all paints the cards name; with the strengths of now
 * @param fixedId the paint that stays
 * @param usual usual strengths by the paints' kind of pigment; a paint that is not in it counts as white, 1
 */
export function learnStrengths(
  paints: readonly MixPaint[],
  cards: readonly StrengthCard[],
  fixedId: string | null,
  mirrored: number,
  usual: ReadonlyMap<string, number> = new Map(),
): LearnedStrengths {
  const byId = new Map(paints.map((paint) => [paint.id, paint]));
  const useful = cards.filter((card) => card.parts.length >= 2 && card.parts.every((part) => byId.has(part.paintId)));
  const named = new Set(useful.flatMap((card) => card.parts.map((part) => part.paintId)));
  const free = paints.filter((paint) => named.has(paint.id) && paint.id !== fixedId);
  const before = Float64Array.from(free, (paint) => Math.log(paint.strength));
  const pulls = Float64Array.from(free, (paint) => Math.log(usual.get(paint.id) ?? 1));
  const predict = (card: StrengthCard, logs: ArrayLike<number>): Lab => {
    const strengths = new Map(free.map((paint, at) => [paint.id, Math.exp(logs[at] as number)]));
    return mixLab(
      card.parts.map(({ paintId, parts }) => {
        const paint = byId.get(paintId) as MixPaint;
        return { paint: { ...paint, strength: strengths.get(paintId) ?? paint.strength }, parts };
      }),
      mirrored,
    );
  };
  const residuals = (logs: Float64Array): Float64Array => {
    const all = useful.flatMap((card) =>
      tame(predict(card, logs).map((value, axis) => (value - (card.lab[axis] as number)) / READING_ERROR)),
    );
    return Float64Array.from([...all, ...Array.from(logs, (value, at) => (value - (pulls[at] as number)) / PRIOR_SPREAD)]);
  };
  const logs = leastSquares(residuals, before);
  const told = (values: Float64Array) => useful.map((card) => difference(predict(card, values), card.lab));
  const errorsBefore = told(before);
  const errorsAfter = told(logs);
  return {
    paints: free.map((paint, at) => ({
      paintId: paint.id,
      before: paint.strength,
      after: Math.min(MOST, Math.max(LEAST, Math.exp(logs[at] as number))),
      cards: useful.filter((card) => card.parts.some((part) => part.paintId === paint.id)).length,
    })),
    cards: useful.map((card, at) => ({ cardId: card.id, before: errorsBefore[at] as number, after: errorsAfter[at] as number })),
    meanBefore: mean(errorsBefore),
    meanAfter: mean(errorsAfter),
  };
}

/** Huber's loss: far off, a card counts by its error, not by its square, so that one mistake does not teach. */
function tame(miss: readonly number[]): number[] {
  const size = Math.hypot(...miss);
  const scale = size <= FAR_OFF ? 1 : Math.sqrt(2 * FAR_OFF * size - FAR_OFF ** 2) / size;
  return miss.map((value) => value * scale);
}

/** Levenberg–Marquardt with slopes by differences. */
function leastSquares(residuals: (at: Float64Array) => Float64Array, start: Float64Array): Float64Array {
  const size = start.length;
  let here = start.slice();
  if (size === 0) return here;
  let rest = residuals(here);
  let cost = sumOfSquares(rest);
  let damping = 1e-2;
  for (let turn = 0; turn < TURNS; turn += 1) {
    const slopes = Array.from({ length: size }, (_, at) => {
      const moved = here.slice();
      moved[at] = (moved[at] as number) + STEP;
      const there = residuals(moved);
      return there.map((value, row) => (value - (rest[row] as number)) / STEP);
    });
    const matrix = new Float64Array(size * size);
    const right = new Float64Array(size);
    for (let i = 0; i < size; i += 1) {
      const one = slopes[i] as Float64Array;
      for (let j = 0; j < size; j += 1) matrix[i * size + j] = dotOf(one, slopes[j] as Float64Array);
      matrix[i * size + i] = (matrix[i * size + i] as number) * (1 + damping) + 1e-12;
      right[i] = -dotOf(one, rest);
    }
    if (!solveLinear(matrix, right)) break;
    const next = here.map((value, at) => value + Math.min(1, Math.max(-1, right[at] as number)));
    const restThere = residuals(next);
    const costThere = sumOfSquares(restThere);
    if (costThere < cost) {
      const gain = cost - costThere;
      here = next;
      rest = restThere;
      cost = costThere;
      damping = Math.max(1e-9, damping / 4);
      if (gain < 1e-9 * (1 + cost)) break;
    } else {
      damping *= 6;
      if (damping > 1e9) break;
    }
  }
  return here;
}

function sumOfSquares(values: Float64Array): number {
  return dotOf(values, values);
}

function dotOf(one: Float64Array, other: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < one.length; at += 1) sum += (one[at] as number) * (other[at] as number);
  return sum;
}

function mean(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;
}
