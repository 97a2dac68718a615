import { handledShare } from '../deposit/carrier';
import { nearestPoint } from '../field/handling';
import { CROSSED_SEAM } from '../field/runOff';
import type { SamplePoints } from '../places/samplePoints';
import type { SeatedPins } from './seat';

/** A hand that leaves less than this share of its marks at the nearest point is not felt (guessed). */
const LEAST_FELT = 0.01;

/** How near pins of other parts are to this one. */
export interface LentReach {
  /** how many of them mark it */
  readonly count: number;
  /** to the nearest of all, mm; null: there is none */
  readonly nearestMillimetres: number | null;
}

/** Tells which pins that other parts lend mark a part at all. */
export function lentReach(points: SamplePoints, { held, runs }: Pick<SeatedPins, 'held' | 'runs'>): LentReach {
  const heldAway = held.map((pin) => nearestPoint(points, pin).millimetres);
  const runsAway = runs.map((pin) => nearestPoint(points, pin).millimetres);
  const all = [...heldAway, ...runsAway];
  return {
    count: heldAway.filter((away) => handledShare(away) >= LEAST_FELT).length + runsAway.filter((away) => away <= CROSSED_SEAM).length,
    nearestMillimetres: all.length === 0 ? null : Math.min(...all),
  };
}
