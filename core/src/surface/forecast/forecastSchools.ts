import { paintNeeded } from '../../batch/paintNeeded';
import type { Air } from '../../climate/air';
import { phaseOf } from '../../cure/dryingData';
import { dryingKind } from '../../cure/dryingKind';
import { milestoneDemand } from '../../cure/filmDemand';
import { findProductClass, TRANSFER } from '../../cure/productClasses';
import type { Engraving, EngravingLeft } from '../../film/filmBudget';
import { brushedHeight, edgeRadius, engravingLeft } from '../../film/filmBudget';
import { stackFilms, stackHeight } from '../../film/filmStack';
import { leavesFilmOnFaces } from '../../ladder/filmOnFaces';
import type { RouteChoice, RungDraft } from '../../ladder/growLadder';
import { growLadder } from '../../ladder/growLadder';
import { findMaterial } from '../../ladder/materials';
import { findMethod } from '../../ladder/methods';
import type { LoopForecast } from '../../ladder/primerLoops';
import type { SmoothingId } from '../../ladder/schools';
import { findSmoothing, SMOOTHING_SCHOOLS } from '../../ladder/schools';

/** A product that a school uses up. */
export interface ProductUse {
  readonly classId: string;
  readonly name: string;
  /** what must leave the can or cup for all pieces, ml */
  readonly millilitres: number;
}

/** What one school costs and leaves, from the bare print to a surface for colour. */
export interface SchoolForecast {
  readonly kind: 'forecast';
  readonly smoothing: SmoothingId;
  readonly name: string;
  readonly loops: LoopForecast;
  readonly handsMinutes: number;
  /** drying between the rungs, in the air given, min; what hands do meanwhile is the plan's affair */
  readonly waitMinutes: number;
  readonly products: readonly ProductUse[];
  /** films left on a face before colour, µm */
  readonly filmMicrometres: number;
  /** what sanding takes off the print itself, µm */
  readonly cutMicrometres: number;
  readonly engraving: EngravingLeft;
  readonly edgeRadiusMicrometres: number;
  /** the rungs behind it */
  readonly rungs: readonly RungDraft[];
}

/** Why a school is not for this part. */
export interface SchoolRefused {
  readonly kind: 'refused';
  readonly smoothing: SmoothingId;
  readonly name: string;
  readonly reason: string;
}

/** What the forecast asks beyond the route. */
export interface ForecastAsk {
  /** deepest valley that may stay, µm */
  readonly wantedMicrometres: number;
  /** air the films dry in */
  readonly air: Air;
  /** the finest engraving on the part */
  readonly engraving: Engraving;
}

/** Where no engraving is known, one as practice often draws it is reckoned with. */
export const USUAL_ENGRAVING: Engraving = { widthMillimetres: 0.6, depthMillimetres: 0.4 };

/** Longer than this is not waited for but lived with (a film that does not dry in this air at all). */
const MOST_WAIT_MINUTES = 30 * 24 * 60;

/** Every smoothing school on one part, side by side. */
export function forecastSchools(choice: RouteChoice, ask: ForecastAsk): (SchoolForecast | SchoolRefused)[] {
  return SMOOTHING_SCHOOLS.map(({ id }) => forecastSchool({ ...choice, smoothing: id }, ask));
}

/** One school on one part. */
export function forecastSchool(choice: RouteChoice, ask: ForecastAsk): SchoolForecast | SchoolRefused {
  const school = findSmoothing(choice.smoothing);
  const known = { ridgeMicrometres: choice.ridgeMicrometres ?? null, wantedMicrometres: ask.wantedMicrometres };
  const grown = growLadder(choice, undefined, known);
  if (grown.kind === 'refused') return { kind: 'refused', smoothing: school.id, name: school.name, reason: grown.reason };
  const { loops } = grown;
  const rungs = grown.rungs.filter((rung) => ['cutBond', 'fillSand', 'prime'].includes(rung.band));
  const filmed = rungs.map((rung, at) => ({ rung, id: String(at), film: filmOf(rung) }));
  const stack = stackFilms(
    filmed.map(({ rung, id, film }) => ({
      rungId: id,
      name: rung.name,
      filmMicrometres: film,
      isSanding: findMethod(rung.methodId).roughens,
      colourHex: null,
    })),
  );
  const filmMicrometres = stackHeight(stack);
  const brushed = brushedHeight(stack, (id) => rungs[Number(id)]?.methodId ?? '');
  const cutMicrometres = cutOf(choice, loops);
  return {
    kind: 'forecast',
    smoothing: school.id,
    name: school.name,
    loops,
    handsMinutes: rungs.reduce((sum, rung) => sum + rung.minutes, 0),
    waitMinutes: waitBetween(rungs, grown.rungs[rungs.length], ask.air),
    products: usedProducts(rungs, choice),
    filmMicrometres,
    cutMicrometres,
    engraving: engravingLeft(ask.engraving, filmMicrometres, brushed, cutMicrometres),
    edgeRadiusMicrometres: edgeRadius(filmMicrometres, cutMicrometres),
    rungs,
  };
}

/** A film on the faces; glue lies in the seam, and solvent leaves nothing. */
function filmOf(rung: RungDraft): number | null {
  return leavesFilmOnFaces(rung.methodId) ? rung.coatMicrometres : null;
}

function cutOf(choice: RouteChoice, loops: LoopForecast): number {
  const isCut = growsCut(choice);
  const [printed, cut] = loops.steps;
  return isCut && printed && cut ? printed.valleyMicrometres - cut.valleyMicrometres : 0;
}

/** The first cut belongs to filaments that are not left as they are. */
function growsCut({ material, finish }: RouteChoice): boolean {
  const { kind, isFlexible } = findMaterial(material);
  return kind === 'filament' && !isFlexible && finish !== 'litTranslucent';
}

/** Minutes films dry before the next rung may touch them, in one air. */
function waitBetween(rungs: readonly RungDraft[], after: RungDraft | undefined, air: Air): number {
  return rungs.reduce((sum, rung, at) => {
    const next = rungs[at + 1] ?? after;
    if (!next || !rung.productClassId || filmOf(rung) === null) return sum;
    const { drying } = findProductClass(rung.productClassId);
    const film = rung.coatMicrometres ?? drying.coatMicrometres;
    const { needs } = findMethod(next.methodId);
    const demand = milestoneDemand(drying, needs, film, film);
    const rate = dryingKind(drying.kind).rates[phaseOf(needs)](air);
    return sum + (demand === null ? 0 : Math.min(MOST_WAIT_MINUTES, rate > 0 ? demand / rate : MOST_WAIT_MINUTES));
  }, 0);
}

function usedProducts(rungs: readonly RungDraft[], { areaSquareCentimetres, pieces }: RouteChoice): ProductUse[] {
  const uses = new Map<string, ProductUse>();
  for (const rung of rungs) {
    const film = filmOf(rung);
    if (!rung.productClassId || film === null) continue;
    const { id, name, volumeSolids, application } = findProductClass(rung.productClassId);
    const need = paintNeeded(areaSquareCentimetres * pieces, film, 1, volumeSolids, TRANSFER[application]).millilitres;
    uses.set(id, { classId: id, name, millilitres: (uses.get(id)?.millilitres ?? 0) + need });
  }
  return [...uses.values()];
}
