import type { RouteChoice } from '../../ladder/growLadder';
import { finishAtAge } from '../../ladder/finishes';
import { findMaterial } from '../../ladder/materials';
import { forecastPrimerLoops } from '../../ladder/primerLoops';
import type { SmoothingId } from '../../ladder/schools';
import { findSmoothing } from '../../ladder/schools';
import type { ZoneSum } from '../measure/layerRidges';
import type { ZoneId } from '../measure/zones';

/** A zone rougher than what the forecast of the whole part counts with: 95 % of the area is smoother, and this is of the rest. */
export interface OwnCase {
  readonly zone: ZoneId;
  /** of one piece, cm² */
  readonly areaSquareCentimetres: number;
  /** share of the part's area, 0–1 */
  readonly share: number;
  readonly ridgeMicrometres: number;
  /** loops more than the part gets, if nothing is done for the zone itself */
  readonly moreLoops: number;
  /** filler that brings it level with the part before the first loop: the first that does, else the one that fills most */
  readonly fillerClassId: 'putty' | 'bodyFiller';
  /** loops it still needs beyond the part's after that filler */
  readonly loopsStillMissing: number;
}

/** Smaller zones are the file's and the nail's business, not the plan's (guessed), cm². */
const LEAST_AREA = 0.5;
/** Fillers for a zone by itself, the quickest first. */
const FILLERS: readonly (SmoothingId & OwnCase['fillerClassId'])[] = ['putty', 'bodyFiller'];

/**
 * Zones that the forecast of a whole part leaves rough, each with what it needs by itself. The bed face is none: it lay on glass.
 *
 * @param ridgeMicrometres what the part's forecast counts with
 * @param wantedMicrometres deepest valley that may stay
 */
export function findOwnCases(
  sums: readonly ZoneSum[],
  choice: RouteChoice,
  ridgeMicrometres: number,
  wantedMicrometres: number,
): readonly OwnCase[] {
  const material = findMaterial(choice.material);
  const finish = finishAtAge(choice.finish, choice.age);
  const school = findSmoothing(choice.smoothing);
  const loopsFor = (ridge: number): number =>
    forecastPrimerLoops(material, choice.layerMillimetres, school, finish, { ridgeMicrometres: ridge, wantedMicrometres }).loops;
  const whole = sums.reduce((sum, { areaSquareMillimetres }) => sum + areaSquareMillimetres, 0);
  const given = loopsFor(ridgeMicrometres);
  return sums.flatMap(({ zone, areaSquareMillimetres, p95Micrometres }): OwnCase[] => {
    const areaSquareCentimetres = areaSquareMillimetres / 100;
    if (zone === 'bed' || areaSquareCentimetres < LEAST_AREA || p95Micrometres <= ridgeMicrometres) return [];
    const moreLoops = loopsFor(p95Micrometres) - given;
    if (moreLoops <= 0) return [];
    const missingAfter = (id: SmoothingId): number =>
      Math.max(0, loopsFor(p95Micrometres * (1 - findSmoothing(id).valleyFilledShare)) - given);
    const fillerClassId = FILLERS.find((id) => missingAfter(id) === 0) ?? 'bodyFiller';
    return [
      {
        zone,
        areaSquareCentimetres,
        share: areaSquareMillimetres / whole,
        ridgeMicrometres: p95Micrometres,
        moreLoops,
        fillerClassId,
        loopsStillMissing: missingAfter(fillerClassId),
      },
    ];
  });
}
