/** A step as it was really done, of one part. */
export interface TwinStep {
  readonly id: string;
  readonly name: string;
  /** the method */
  readonly kind: string;
  /** what was laid on, mix card before product; null: nothing */
  readonly productId: string | null;
  readonly cardId: string | null;
  /** dry film of it, µm; null: none, or not known */
  readonly micrometres: number | null;
  readonly minutes: number | null;
  /** what its method usually takes on that part; null: not known, and minutes are compared as they are */
  readonly usualMinutes: number | null;
  readonly grit: string | null;
  /** minutes since the step before it ended; null for the first, or where a moment is not known */
  readonly waitedMinutes: number | null;
  readonly air: { readonly temperatureCelsius: number; readonly relativeHumidityPercent: number } | null;
}

/** A step of one beside a step of the other; null where the other has none. */
export interface StepPair<Step extends TwinStep = TwinStep> {
  readonly a: Step | null;
  readonly b: Step | null;
  /** the same step, done at another place in the order */
  readonly isMoved: boolean;
}

/** What steps of two ladders cost to be put beside each other; gap 1. Set by trial on edited ladders. */
const GAP = 1;
const OTHER_KIND = 9;
const OTHER_PRODUCT = 0.7;
const AMOUNT = 0.15;
const MINUTES = 0.1;
/** Extra cost of different names; small, so that it only decides which of two coats of one product is matched (guessed). */
const NAME = 0.03;
const MOST = 2;

/**
 * Two rows of steps beside each other so that least is left over or differs (Needleman and Wunsch 1970, memory); what is left over on both sides and
 * is the same is a step that was moved.
 */
export function alignSteps<Step extends TwinStep>(a: readonly Step[], b: readonly Step[]): readonly StepPair<Step>[] {
  const width = b.length + 1;
  const cost = new Float64Array((a.length + 1) * width);
  for (let i = 0; i <= a.length; i += 1)
    for (let j = 0; j <= b.length; j += 1) {
      if (i === 0 || j === 0) {
        cost[i * width + j] = (i + j) * GAP;
        continue;
      }
      const beside = (cost[(i - 1) * width + j - 1] as number) + differenceCost(a[i - 1] as Step, b[j - 1] as Step);
      cost[i * width + j] = Math.min(beside, (cost[(i - 1) * width + j] as number) + GAP, (cost[i * width + j - 1] as number) + GAP);
    }
  const pairs: StepPair<Step>[] = [];
  let [i, j] = [a.length, b.length];
  while (i > 0 || j > 0) {
    const here = cost[i * width + j] as number;
    const isBeside =
      i > 0 && j > 0 && here === (cost[(i - 1) * width + j - 1] as number) + differenceCost(a[i - 1] as Step, b[j - 1] as Step);
    if (isBeside) pairs.push({ a: a[--i] as Step, b: b[--j] as Step, isMoved: false });
    else if (i > 0 && here === (cost[(i - 1) * width + j] as number) + GAP) pairs.push({ a: a[--i] as Step, b: null, isMoved: false });
    else pairs.push({ a: null, b: b[--j] as Step, isMoved: false });
  }
  return pairMoved(pairs.reverse());
}

function pairMoved<Step extends TwinStep>(pairs: readonly StepPair<Step>[]): readonly StepPair<Step>[] {
  const taken = new Set<Step>();
  const moved = new Map<Step, Step>();
  for (const { a, b } of pairs) {
    if (!a || b) continue;
    const twin = pairs.find((other) => !other.a && other.b && !taken.has(other.b) && differenceCost(a, other.b) < OTHER_PRODUCT)?.b;
    if (!twin) continue;
    taken.add(twin);
    moved.set(a, twin);
  }
  return pairs.flatMap((pair): StepPair<Step>[] => {
    if (pair.b && !pair.a && taken.has(pair.b)) return [];
    const twin = pair.a && !pair.b ? moved.get(pair.a) : undefined;
    return [twin ? { a: pair.a, b: twin, isMoved: true } : pair];
  });
}

/** Minutes of one over the other's, each against what is usual on its part where that is known: six pieces take longer than one. Null: not known. */
export function minutesRatio(a: TwinStep, b: TwinStep): number | null {
  if (!a.minutes || !b.minutes) return null;
  const [usualA, usualB] = [a.usualMinutes, b.usualMinutes];
  return usualA && usualB ? a.minutes / usualA / (b.minutes / usualB) : a.minutes / b.minutes;
}

function differenceCost(a: TwinStep, b: TwinStep): number {
  if (a.kind !== b.kind) return OTHER_KIND;
  const product = (a.cardId ?? a.productId) === (b.cardId ?? b.productId) ? 0 : OTHER_PRODUCT;
  const amount =
    a.micrometres !== null && b.micrometres !== null
      ? Math.min(MOST, Math.abs(a.micrometres - b.micrometres) / Math.max(1, a.micrometres))
      : 0;
  const ratio = minutesRatio(a, b);
  const minutes = ratio === null ? 0 : Math.min(MOST, Math.abs(Math.log(ratio)));
  const name = a.name === b.name ? 0 : NAME;
  const grit = a.grit === b.grit ? 0 : AMOUNT;
  return product + AMOUNT * amount + MINUTES * minutes + grit + name;
}
