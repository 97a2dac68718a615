import type { FinishId } from '../../ladder/finishes';
import type { GritStep, UnderCoat } from './gritLadder';
import { gritLadder, UNDER_COATS } from './gritLadder';
import type { Grit } from './gritTable';
import { GRITS, scratchMicrometres } from './gritTable';

/** What is sanded. */
export interface SandingAsk {
  /** deepest ridge or scratch that is there, µm */
  readonly valleyMicrometres: number;
  /** faces a power tool reaches, cm² */
  readonly poweredSquareCentimetres: number;
  /** corners, recesses and the strips along edges: by hand, cm² */
  readonly handSquareCentimetres: number;
  readonly under: UnderCoat;
}

/** One paper with how long it is used. */
export interface SandingStep extends GritStep {
  /** depth in µm it must remove to erase the scratches of the previous paper */
  readonly takesOffMicrometres: number;
  readonly poweredMinutes: number;
  readonly handMinutes: number;
  /** double strokes of a hand's length on one spot */
  readonly strokes: number;
}

/** Coarsest and finest paper a first cut begins with (common practice: P80–150, a scuff with P220). */
const COARSEST = 'P80';
const SCUFF = 'P220';
/** A first paper's scratches are a quarter of the ridge they take off, lest they replace it (guessed). */
const FIRST_SCRATCH_SHARE = 0.25;
/** Depth a paper takes off 100 cm² in a minute by hand, share of its grain; a machine is three times as quick (guessed). */
const HAND_RATE = 0.12;
const POWER_FACTOR = 3;
/** Double strokes a minute, and the area under a hand's paper, cm² (guessed). */
const STROKES_A_MINUTE = 60;
const UNDER_HAND = 25;

/** The paper to begin with on a valley: coarse enough to be done soon, not so coarse that its scratches are the next valley. */
export function firstGrit(valleyMicrometres: number): Grit {
  const range = GRITS.slice(placeOf(COARSEST), placeOf(SCUFF) + 1);
  const found = range.find((grit) => scratchMicrometres(grit) <= FIRST_SCRATCH_SHARE * valleyMicrometres);
  const last = range.at(-1);
  if (!last) throw new RangeError('the table of grits has lost its middle');
  return found ?? last;
}

/** What comes next over a sanded face, by the band of work: filler primer while loops are open, then what the finish needs. */
export function underCoatOf(finish: FinishId, hasLoopsLeft: boolean): UnderCoat {
  const id = hasLoopsLeft
    ? 'fillerPrimer'
    : finish === 'gloss' || finish === 'metal' || finish === 'bareChrome'
      ? 'glossOrMetal'
      : 'colour';
  const found = UNDER_COATS.find((coat) => coat.id === id);
  if (!found) throw new RangeError(`unknown undercoat: ${id}`);
  return found;
}

/**
 * Papers from the deepest valley to what the next film hides, with minutes: the first takes off the ridges, each next one the scratches of the
 * one before. Rates are guessed and give way to the finisher's own.
 *
 * @param last the last paper; usually the undercoat's
 * @throws RangeError for areas below 0
 */
export function planSanding(ask: SandingAsk, last: Grit): SandingStep[] {
  const { valleyMicrometres, poweredSquareCentimetres, handSquareCentimetres, under } = ask;
  if (!(poweredSquareCentimetres >= 0 && handSquareCentimetres >= 0)) throw new RangeError('areas must be at least 0');
  const first = firstGrit(valleyMicrometres);
  const from = first.grainMicrometres < last.grainMicrometres ? last : first;
  // By hand the rule is stricter, and some of every part is done by hand.
  const papers = gritLadder(from, last, handSquareCentimetres === 0, under);
  return papers.map((paper, at) => {
    const before = papers[at - 1];
    const takesOffMicrometres = before ? before.scratchMicrometres : valleyMicrometres;
    const handPer100 = takesOffMicrometres / (HAND_RATE * paper.grainMicrometres);
    return {
      ...paper,
      takesOffMicrometres,
      poweredMinutes: (handPer100 / POWER_FACTOR) * (poweredSquareCentimetres / 100),
      handMinutes: handPer100 * (handSquareCentimetres / 100),
      strokes: Math.ceil(handPer100 * (UNDER_HAND / 100) * STROKES_A_MINUTE),
    };
  });
}

/** Strip along sharp edges and in corners that is done by hand, mm on each side (guessed). */
const EDGE_STRIP = 4;

/** Splits an area into what a machine may do and what is done by hand: recesses, and strips along edges. */
export function splitByReach(
  areaSquareMillimetres: number,
  recessShare: number,
  sharpMillimetres: number,
): { readonly poweredSquareCentimetres: number; readonly handSquareCentimetres: number } {
  const hand = Math.min(areaSquareMillimetres, areaSquareMillimetres * recessShare + 2 * EDGE_STRIP * sharpMillimetres);
  return { poweredSquareCentimetres: (areaSquareMillimetres - hand) / 100, handSquareCentimetres: hand / 100 };
}

/** A part without a mesh: this share of it is taken to be corners and edges (guessed). */
const UNKNOWN_HAND_SHARE = 0.2;

/** The same split where there is no mesh to say. */
export function splitUnknown(areaSquareCentimetres: number): {
  readonly poweredSquareCentimetres: number;
  readonly handSquareCentimetres: number;
} {
  const hand = areaSquareCentimetres * UNKNOWN_HAND_SHARE;
  return { poweredSquareCentimetres: areaSquareCentimetres - hand, handSquareCentimetres: hand };
}

/** Minutes of all papers together. */
export function sandingMinutes(steps: readonly SandingStep[]): number {
  return steps.reduce((sum, step) => sum + step.poweredMinutes + step.handMinutes, 0);
}

function placeOf(name: string): number {
  return GRITS.findIndex((grit) => grit.name === name);
}
