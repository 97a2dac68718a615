import { findProductClass } from '../cure/productClasses';
import type { AgeId } from './ages';
import type { BandId } from './bands';
import type { Finish, FinishId } from './finishes';
import { finishAtAge } from './finishes';
import { isGlued } from './filmOnFaces';
import type { Material, MaterialId } from './materials';
import { findMaterial } from './materials';
import type { Method } from './methods';
import { findMethod } from './methods';
import type { KnownSurface, LoopForecast } from './primerLoops';
import { forecastPrimerLoops, forecastWithoutLoops } from './primerLoops';
import type { ColourRole, RouteRow, RowCondition } from './route/routeRow';
import { ROUTE_TABLE } from './route/routeTable';
import { estimateRungMinutes } from './rungMinutes';
import type { JoiningId, SealingId, SmoothingId } from './schools';
import { findSmoothing } from './schools';

/** What a ladder grows from. */
export interface RouteChoice {
  readonly material: MaterialId;
  readonly finish: FinishId;
  readonly age: AgeId;
  readonly smoothing: SmoothingId;
  readonly joining: JoiningId;
  readonly sealing: SealingId;
  /** mm, 0–1 */
  readonly layerMillimetres: number;
  /** surface of one piece */
  readonly areaSquareCentimetres: number;
  readonly pieces: number;
  /** the deepest ridges of what is seen, µm, where they were measured; else layer and material say */
  readonly ridgeMicrometres?: number | null;
}

/** A rung as it grows; the finisher may change every value. */
export interface RungDraft {
  readonly name: string;
  readonly methodId: string;
  readonly band: BandId;
  readonly productClassId: string | null;
  readonly role: ColourRole | null;
  /** words one of which a product's name must have to be chosen by itself; none: any of its class may be */
  readonly paintWords: readonly string[];
  readonly grit: string | null;
  /** dry film of the class's usual coat; null where no film stays */
  readonly coatMicrometres: number | null;
  readonly minutes: number;
  readonly minutesFormula: string;
  readonly why: string;
  readonly cautionIds: readonly string[];
}

/** A grown ladder, or why this combination cannot be. */
export type GrownLadder =
  | {
      readonly kind: 'grown';
      readonly rungs: readonly RungDraft[];
      readonly loops: LoopForecast;
      /** hands minutes of all rungs together */
      readonly handsMinutes: number;
    }
  | { readonly kind: 'refused'; readonly reason: string };

/**
 * Grows a ladder from the route table: rows whose condition holds, looped rows as often as the forecast says.
 *
 * @param known where the surface is known, or wanted, otherwise than layer, material and finish say
 * @throws RangeError for an unknown material, finish or school
 */
export function growLadder(
  choice: RouteChoice,
  table: readonly RouteRow[] = ROUTE_TABLE,
  known: KnownSurface = { ridgeMicrometres: choice.ridgeMicrometres ?? null },
): GrownLadder {
  const material = findMaterial(choice.material);
  const finish = finishAtAge(choice.finish, choice.age);
  const school = findSmoothing(choice.smoothing);
  if (!material.finishes.includes(choice.finish)) return { kind: 'refused', reason: finishRefusal(material, finish) };
  const refusal = school.refusal(material, choice.finish);
  if (refusal) return { kind: 'refused', reason: `${school.name} on ${material.name.toLowerCase()}: ${refusal}.` };
  const held = table.filter((row) => holds(row.when, choice));
  const forecast = forecastPrimerLoops(material, choice.layerMillimetres, school, finish, known);
  const loops = held.some((row) => row.isLooped)
    ? forecast
    : forecastWithoutLoops(forecast, { isCut: held.some((row) => row.method === 'firstCut'), isFilled: school.valleyFilledShare > 0 });
  const rows = repeatLoops(held, loops.loops);
  const rungs = rows.map(({ row, turn }) => draftRung(row, turn, choice, finish));
  return { kind: 'grown', rungs, loops, handsMinutes: rungs.reduce((sum, rung) => sum + rung.minutes, 0) };
}

function finishRefusal({ name, letsLightThrough }: Material, finish: Finish): string {
  if (finish.id === 'litTranslucent' && !letsLightThrough) return `${name} lets no light through; a lit finish needs a translucent part.`;
  return `${name} is not finished as ${finish.name.toLowerCase()}.`;
}

function holds(when: RowCondition, choice: RouteChoice): boolean {
  return (
    (when.material?.includes(choice.material) ?? true) &&
    !when.notMaterial?.includes(choice.material) &&
    (when.finish?.includes(choice.finish) ?? true) &&
    (when.age?.includes(choice.age) ?? true) &&
    !when.notFinish?.includes(choice.finish) &&
    (when.smoothing?.includes(choice.smoothing) ?? true) &&
    (when.joining?.includes(choice.joining) ?? true) &&
    (when.sealing?.includes(choice.sealing) ?? true)
  );
}

interface TurnedRow {
  readonly row: RouteRow;
  /** which turn of the loop, from 1; 0 outside loops or for a single turn */
  readonly turn: number;
}

function repeatLoops(rows: readonly RouteRow[], loops: number): TurnedRow[] {
  const turned: TurnedRow[] = [];
  for (let at = 0; at < rows.length;) {
    const loop: RouteRow[] = [];
    for (let row = rows[at + loop.length]; row?.isLooped; row = rows[at + loop.length]) loop.push(row);
    const single = rows[at];
    if (loop.length === 0 && single) {
      turned.push({ row: single, turn: 0 });
      at += 1;
      continue;
    }
    for (let turn = 1; turn <= loops; turn += 1) turned.push(...loop.map((row) => ({ row, turn: loops > 1 ? turn : 0 })));
    at += loop.length;
  }
  return turned;
}

function draftRung(row: RouteRow, turn: number, choice: RouteChoice, { lastGrit, clearSheen, paintWords = [] }: Finish): RungDraft {
  const method = findMethod(row.method);
  const product = row.productClass === undefined ? null : findProductClass(row.productClass);
  const { minutes, formula } = estimateRungMinutes(method, choice.areaSquareCentimetres, choice.pieces);
  const grit = row.grit === 'last' ? lastGrit : (row.grit ?? null);
  const base = row.grit === 'last' ? lastGrit : row.sheen === 'finish' ? `${clearSheen} ${row.name}` : row.name;
  return {
    name: turn > 0 && product ? `${base} ${turn}` : base,
    methodId: method.id,
    band: row.band ?? method.band,
    productClassId: product?.id ?? null,
    role: row.role ?? null,
    paintWords: row.paintWords ?? (row.role === 'colour' || row.role === 'metal' ? paintWords : []),
    grit,
    coatMicrometres: product && method.laysFilm && method.id !== 'solventSmooth' ? product.drying.coatMicrometres : null,
    minutes,
    minutesFormula: formula,
    why: row.why,
    cautionIds: gatherCautions(method, product?.cautions ?? [], choice.material),
  };
}

/** The caution that applies on a material: resin dust has a caution of its own. */
export function cautionOn(id: string, material: MaterialId): string {
  if (id !== 'dust' && id !== 'resinDust') return id;
  return findMaterial(material).isResin ? 'resinDust' : 'dust';
}

/** Cautions of a rung: the method's and the product's; dust of resin is its own. */
export function gatherCautions(method: Method, productCautions: readonly string[], material: MaterialId): string[] {
  const ofMethod = method.cautions.map((id) => cautionOn(id, material));
  // A bond's glue says what it needs; the method's caution stands in only where no product is named.
  const ids = isGlued(method.id) && productCautions.length > 0 ? productCautions : [...ofMethod, ...productCautions];
  return [...new Set(ids)];
}
