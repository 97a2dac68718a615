import type { CureTables } from '../../cure/cureTables';
import { milestoneDemand } from '../../cure/filmDemand';
import type { Hold } from '../problem/problem';
import type { PlanPart, PlanRung } from './shopPlanInput';

/** Name of the rack within a shop's problem. */
export const RACK = 'rack';

/** Places on the rack that what a rung is done on takes while it is wet. */
function rackPlacesOf(rung: Pick<PlanRung, 'rackPlaces'>, part: Pick<PlanPart, 'rackPlaces'>): number {
  return Math.min(part.rackPlaces, rung.rackPlaces ?? part.rackPlaces);
}

/**
 * What is wet keeps its places on the rack until the whole of its wet film can be handled; its own next coat takes no other place. Where some
 * rungs are done on fewer pieces than others, the fewest come first: their places are held by what is done on them, and the rest of the set's
 * by what is done on more.
 *
 * @param filmMicrometres dry film of its coat with those under it that are wet; left out: it lays none
 */
export function rackHolds(rung: PlanRung, part: PlanPart, filmMicrometres: number | undefined, tables: CureTables): Hold[] {
  const { film } = rung;
  if (!film || filmMicrometres === undefined) return [];
  const clockId = tables.keyFor(film.drying, 'drying');
  const progress = milestoneDemand(film.drying, 'handle', filmMicrometres, film.coatMicrometres) ?? 0;
  const wet = part.rungs.filter((other) => other.film !== null && other.status.kind !== 'leftOut');
  const sizes = new Set([rung, ...wet].map((other) => rackPlacesOf(other, part)).filter((places) => places <= rackPlacesOf(rung, part)));
  let below = 0;
  return [...sizes]
    .sort((a, b) => a - b)
    .flatMap((places) => {
      const [first, amount] = [below, places - below];
      below = places;
      return amount > 0
        ? [{ resourceId: RACK, amount, clockId, progress, ownerId: first === 0 ? part.id : `${part.id} from ${first}` }]
        : [];
    });
}
