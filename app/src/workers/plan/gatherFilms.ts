import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { DRYER_FACTOR, gainsByDryer } from '@zinc-ladder/core/cure/forcedDrying';
import type { CoatLaid, ForcedDrying } from '@zinc-ladder/core/cure/cureClock';
import { facesMeet } from '@zinc-ladder/core/ladder/faces';
import type { Milestone } from '@zinc-ladder/core/cure/dryingData';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { WASH_WATER_NAME, waterLeft } from '@zinc-ladder/core/cure/washWater';
import type { PlanFilm } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { rungRackPlaces } from '@zinc-ladder/model/rungs/rackPlaces';
import type { FilmQuestion } from './filmTypes';
import { nextOnFilm } from './filmTypes';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { filmOf } from '@zinc-ladder/model/gather/plan/gatherPlan';

/** Water is gone after that in any air one can work in, out of webbing too. */
const WATER_GONE_AFTER_MS = 48 * 3_600_000;
/** Films older than this are hard whatever they were, and no longer read. */
const FORGOTTEN_AFTER_MS = 30 * 86_400_000;

/** The top film of every part: its product, the coats that lie on each other unsanded, and what the next rung waits for. */
export function gatherFilms(records: Pick<PlanRecords, 'parts' | 'ladders' | 'rungs' | 'products'>, nowMs: number): FilmQuestion[] {
  const rungs = new Map(records.rungs.map((rung) => [rung.id, rung]));
  const products = new Map(records.products.map((product) => [product.id, product]));
  const parts = new Map(records.parts.map((part) => [part.id, part]));
  return records.ladders.flatMap((ladder): FilmQuestion[] => {
    const own = ladder.rungIds.flatMap((id) => rungs.get(id) ?? []);
    const done = own
      .filter((rung) => rung.state === 'done' && rung.doneAtMs !== null)
      .sort((a, b) => (a.doneAtMs ?? 0) - (b.doneAtMs ?? 0));
    const part = parts.get(ladder.partId);
    if (!part) return [];
    const coats: CoatLaid[] = [];
    /** their rungs */
    const laid: Rung[] = [];
    const forced: ForcedDrying[] = [];
    let top: Rung | null = null;
    let topFilm: PlanFilm | null = null;
    let last: Rung | null = null;
    for (const rung of done) {
      last = rung;
      const film = filmOf(rung, products.get(rung.productId ?? ''));
      const isSameFace = top === null || facesMeet(top.side, rung.side);
      if (findMethod(rung.methodId).roughens && isSameFace) coats.length = laid.length = 0;
      const toMs = rung.doneAtMs ?? 0;
      if (rung.methodId === 'warmDry') forced.push({ fromMs: toMs - (rung.workedMs || rung.minutes * 60_000), toMs, factor: DRYER_FACTOR });
      if (!film) continue;
      if (topFilm?.productId !== film.productId || !isSameFace) coats.length = laid.length = 0;
      coats.push({ atMs: rung.doneAtMs ?? 0, thicknessMicrometres: film.coatMicrometres });
      laid.push(rung);
      top = rung;
      topFilm = film;
    }
    const product = products.get(top?.productId ?? '');
    const next = own.find((rung) => rung.state === 'open' || rung.state === 'setDown' || rung.state === 'inHand');
    const water = last && waterLeft(last.methodId, findMaterial(part.materialId).soaks);
    // A washed part is waited for whatever lies under the water.
    if (water && last?.doneAtMs && last.doneAtMs > nowMs - WATER_GONE_AFTER_MS)
      return [
        {
          partId: ladder.partId,
          rungId: last.id,
          rackPlaces: rungRackPlaces(last, part),
          filmName: WASH_WATER_NAME,
          colourHex: null,
          drying: water,
          coats: [{ atMs: last.doneAtMs, thicknessMicrometres: water.coatMicrometres }],
          forced: [],
          nextRungId: next?.id ?? null,
          nextNeeds: next && !findMethod(next.methodId).bearsWater ? 'touch' : null,
          nextIs: 'coat',
        },
      ];
    // Sanding clears the coats: what is left in the lines is dry already.
    if (!top || !topFilm || coats.length === 0 || (top.doneAtMs ?? 0) < nowMs - FORGOTTEN_AFTER_MS) return [];
    const isThin = gainsByDryer(
      topFilm.drying,
      coats.reduce((sum, coat) => sum + coat.thicknessMicrometres, 0),
    );
    return [
      {
        partId: ladder.partId,
        rungId: top.id,
        rackPlaces: Math.max(...laid.map((rung) => rungRackPlaces(rung, part))),
        filmName: top.name,
        colourHex: product ? hexOfProduct(product) : null,
        drying: topFilm.drying,
        coats: [...coats],
        forced: isThin ? forced : [],
        nextRungId: next?.id ?? null,
        // What goes on the other face waits until the part can be turned.
        nextNeeds: next ? needsOf(next, top, laid) : null,
        nextIs: next && facesMeet(top.side, next.side) ? nextOnFilm(next.methodId) : 'coat',
      },
    ];
  });
}

/** What a rung waits for of the film that was laid last, in some coats. */
function needsOf(next: Rung, top: Rung, coats: readonly Rung[]): Milestone {
  if (coats.some(({ id }) => id === next.hardRungId)) return 'hard';
  return facesMeet(top.side, next.side) ? findMethod(next.methodId).needs : 'handle';
}
