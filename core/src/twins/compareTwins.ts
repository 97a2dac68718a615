import type { CoatPaint } from '../colour/coats/coatsOver';
import { backingOf, labOver } from '../colour/coats/coatsOver';
import type { Lab } from '../colour/lab';
import { difference } from '../colour/lab';
import type { StepPair, TwinStep } from './alignSteps';
import { alignSteps, minutesRatio } from './alignSteps';

/** How a dry surface throws light back. */
export type TwinSheen = 'matte' | 'eggshell' | 'satin' | 'semi' | 'gloss';

/** A step with the paint it laid, where it laid one that covers by sum. */
export interface PaintedStep extends TwinStep {
  readonly coat: CoatPaint | null;
  /** how many coats of the usual thickness its film comes to */
  readonly coats: number;
  /** of the film it left; null: it left none, or it is not known */
  readonly sheen: TwinSheen | null;
  /** epoch ms; null: not known */
  readonly endedAtMs: number | null;
}

/** What two twins differ in at a step. */
export type TwinDifferenceKind =
  'onlyA' | 'onlyB' | 'order' | 'product' | 'mix' | 'film' | 'sheen' | 'grit' | 'minutes' | 'air' | 'waiting' | 'age';

/** One difference. */
export interface TwinDifference {
  readonly kind: TwinDifferenceKind;
  readonly a: PaintedStep | null;
  readonly b: PaintedStep | null;
  /** ΔE00 that would be left between both were only this mended; null where no colour comes of it */
  readonly deltaELeft: number | null;
  /** just noticeable steps it makes by itself: ΔE00 that mending it takes away, or the sheen's; null: it is not seen as such */
  readonly seen: number | null;
}

/** Two twins side by side. */
export interface TwinComparison {
  readonly pairs: readonly StepPair<PaintedStep>[];
  readonly labA: Lab;
  readonly labB: Lab;
  readonly deltaE: number;
  /** of the last film of each */
  readonly sheenA: TwinSheen | null;
  readonly sheenB: TwinSheen | null;
  /** what shows most first */
  readonly differences: readonly TwinDifference[];
}

/** Differences smaller than these are none: what a hand and a clock vary by (guessed). */
const FILM_SHARE = 0.15;
const MINUTES_RATIO = 1.5;
const WAIT_RATIO = 2;
const CELSIUS = 3;
const HUMIDITY = 10;
/** Where no colour comes of it: what bears most on film and sheen first. */
const ORDER: readonly TwinDifferenceKind[] = [
  'product',
  'mix',
  'onlyA',
  'onlyB',
  'order',
  'film',
  'sheen',
  'grit',
  'age',
  'waiting',
  'air',
  'minutes',
];
/** Gloss at 60° in gloss units, the middle of what each word covers (common practice). */
const GLOSS_UNITS: Readonly<Record<TwinSheen, number>> = { matte: 5, eggshell: 15, satin: 30, semi: 55, gloss: 85 };
/** Gloss units that are one just noticeable step (guessed). */
const GLOSS_STEP = 10;
/** A last film younger than the other's by more than this still sinks in and yellows differently (guessed). */
const AGE_DAYS = 7;
const DAY_MS = 86_400_000;

/**
 * What two parts that should match differ in, step by step, by what is seen of it: the colour each stack of coats comes to, and what would be left of
 * their difference were only that one thing mended. Sums of single effects are not the whole effect: coats lie on each other.
 *
 * @param base colour of the bare part
 */
export function compareTwins(a: readonly PaintedStep[], b: readonly PaintedStep[], base: Lab, mirrored: number): TwinComparison {
  const pairs = alignSteps(a, b);
  const colourOf = (steps: readonly PaintedStep[]): Lab =>
    steps.reduce<Lab>((under, { coat, coats }) => (coat ? labOver(coat, coats, backingOf(under, mirrored), mirrored) : under), base);
  const [labA, labB] = [colourOf(a), colourOf(b)];
  const deltaE = difference(labA, labB);
  const left = (mended: readonly PaintedStep[]): number => difference(labA, colourOf(mended));
  const differences = pairs.flatMap((pair): TwinDifference[] => {
    const isCoat = (pair.a?.coat ?? pair.b?.coat ?? null) !== null;
    return kindsOf(pair).map((kind) => {
      const deltaELeft = isCoat && MENDED.has(kind) ? left(mend(b, pairs, pair)) : null;
      return { kind, a: pair.a, b: pair.b, deltaELeft, seen: deltaELeft === null ? null : deltaE - deltaELeft };
    });
  });
  const [lastA, lastB] = [lastFilm(a), lastFilm(b)];
  const [sheenA, sheenB] = [lastA?.sheen ?? null, lastB?.sheen ?? null];
  if (lastA && lastB) differences.push(...wholeDifferences(lastA, lastB));
  // Visible differences come first, then the others by how much they bear on colour, film and sheen.
  const rank = ({ kind, seen }: TwinDifference): number => (seen === null ? 1000 + ORDER.indexOf(kind) : -seen);
  return { pairs, labA, labB, deltaE, sheenA, sheenB, differences: differences.toSorted((one, other) => rank(one) - rank(other)) };
}

function lastFilm(steps: readonly PaintedStep[]): PaintedStep | undefined {
  return steps.findLast(({ sheen }) => sheen !== null);
}

/** What two parts differ in by the film each shows. */
function wholeDifferences(a: PaintedStep, b: PaintedStep): TwinDifference[] {
  const found: TwinDifference[] = [];
  if (a.sheen && b.sheen && a.sheen !== b.sheen) {
    const seen = Math.abs(GLOSS_UNITS[a.sheen] - GLOSS_UNITS[b.sheen]) / GLOSS_STEP;
    found.push({ kind: 'sheen', a, b, deltaELeft: null, seen });
  }
  if (a.endedAtMs !== null && b.endedAtMs !== null && Math.abs(a.endedAtMs - b.endedAtMs) > AGE_DAYS * DAY_MS)
    found.push({ kind: 'age', a, b, deltaELeft: null, seen: null });
  return found;
}

/** Kinds whose mending puts other paint on the part. */
const MENDED: ReadonlySet<TwinDifferenceKind> = new Set(['product', 'mix', 'onlyA', 'onlyB', 'order', 'film']);

function kindsOf({ a, b, isMoved }: StepPair<PaintedStep>): TwinDifferenceKind[] {
  if (!a) return ['onlyB'];
  if (!b) return ['onlyA'];
  const kinds: TwinDifferenceKind[] = isMoved ? ['order'] : [];
  if (a.cardId !== b.cardId) kinds.push('mix');
  else if (a.cardId === null && a.productId !== b.productId) kinds.push('product');
  if (a.micrometres && b.micrometres && Math.abs(a.micrometres - b.micrometres) > FILM_SHARE * a.micrometres) kinds.push('film');
  if (a.grit !== b.grit) kinds.push('grit');
  if (isOff(minutesRatio(a, b), 1, MINUTES_RATIO)) kinds.push('minutes');
  if (isOff(a.waitedMinutes, b.waitedMinutes, WAIT_RATIO)) kinds.push('waiting');
  const [airA, airB] = [a.air, b.air];
  if (airA && airB) {
    const warmer = Math.abs(airA.temperatureCelsius - airB.temperatureCelsius) > CELSIUS;
    if (warmer || Math.abs(airA.relativeHumidityPercent - airB.relativeHumidityPercent) > HUMIDITY) kinds.push('air');
  }
  return kinds;
}

function isOff(a: number | null, b: number | null, ratio: number): boolean {
  return a !== null && b !== null && a > 0 && b > 0 && Math.max(a / b, b / a) > ratio;
}

/** The second twin's steps in its own order, the one difference mended after the first: its paint, its place, there or not. */
function mend(b: readonly PaintedStep[], pairs: readonly StepPair<PaintedStep>[], mended: StepPair<PaintedStep>): readonly PaintedStep[] {
  const { a: wanted, b: own } = mended;
  if (!wanted) return b.filter((step) => step !== own);
  if (own && !mended.isMoved) return b.map((step) => (step === own ? wanted : step));
  const rest = b.filter((step) => step !== own);
  // Its place is after the last step before it that both have where the first has it.
  const before = pairs
    .slice(0, pairs.indexOf(mended))
    .flatMap((pair) => (pair.a && pair.b && !pair.isMoved ? [pair.b] : []))
    .at(-1);
  const at = before ? rest.indexOf(before) + 1 : 0;
  return [...rest.slice(0, at), own ?? wanted, ...rest.slice(at)];
}
