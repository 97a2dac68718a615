import { hexOfProduct } from '../film/gatherPaints';
import { lightnessOf } from '@zinc-ladder/core/colour/lightness';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import type { MaterialId } from '@zinc-ladder/core/ladder/materials';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { estimatePrintHours, guessHeight } from '@zinc-ladder/core/surface/forecast/printHours';
import { usualClassOf } from '@zinc-ladder/core/ladder/usualClass';
import { filmOfClass } from '@zinc-ladder/core/plan/shop/filmOfClass';
import type {
  PlanFilm,
  PlanJoin,
  PlanPart,
  PlanRung,
  RungProgress,
  ShopAirs,
  ShopPlanInput,
} from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { productDrying, productLimits } from '../../products/productDrying';
import type { LogEntry } from '../../records/ladder/logEntry';
import type { LoggedPace } from '@zinc-ladder/core/plan/play/pace';
import { gatherPace, gatherPaceOf } from './gatherPace';
import { holderOf, personsInOrder } from './personsInOrder';
import type { Join } from '../../records/prop/join';
import type { Ladder } from '../../records/ladder/ladder';
import type { Part } from '../../records/prop/part';
import type { Person } from '../../records/shop/person';
import type { Product } from '../../records/shop/product';
import type { Prop } from '../../records/prop/prop';
import type { Rung } from '../../records/ladder/rung';
import type { SurfacePass } from '../../records/prop/surfacePass';
import { cautionsOfRung } from '../../rungs/cautionsOfRung';
import { isMeeting } from '../../rungs/joinEffect';
import { rungRackPlaces } from '../../rungs/rackPlaces';
import { rungPieces } from '../../rungs/rungPieces';
import { standingEntries } from '../../log/standingLog';
import type { Can } from '../../records/shelf/can';
import type { Purchase } from '../../records/shelf/purchase';
import { arrivalWaits } from '../shelf/arrivalWaits';
import { usesOf } from '../shelf/loggedUses';
import type { Shop } from '../../records/shop/shop';

/** The records a plan is made from. */
export interface PlanRecords {
  readonly shop: Shop;
  readonly props: readonly Prop[];
  readonly parts: readonly Part[];
  readonly joins: readonly Join[];
  readonly persons: readonly Person[];
  readonly ladders: readonly Ladder[];
  readonly rungs: readonly Rung[];
  readonly products: readonly Product[];
  /** for the finisher's own pace; left out where that is not asked for */
  readonly logEntries?: readonly LogEntry[];
  readonly passes?: readonly SurfacePass[];
  /** in place of both, where it is known already, and of each person */
  readonly ownPace?: Readonly<Record<string, LoggedPace>>;
  readonly ownPaceOf?: Readonly<Record<string, Readonly<Record<string, LoggedPace>>>>;
  /** what is on its way and what stands on the shelf until then; left out where nothing was ordered */
  readonly purchases?: readonly Purchase[];
  readonly cans?: readonly Can[];
  /** in place of both and the log: rungs that wait for what was ordered, with when it is there */
  readonly waits?: ReadonlyMap<string, number>;
}

/** Plans are asked for on a grid of so many ms: what was done since is younger by no more. Farther ahead a clock was turned back. */
export const REPLAN_MS = 5 * 60_000;

/**
 * Records as the planner's plain input.
 *
 * @param askedMs where something was done a little later than that, the plan begins then: a coat must not be taken for older than it is
 */
export function gatherPlan(records: PlanRecords, airs: ShopAirs, askedMs: number): ShopPlanInput {
  const { shop } = records;
  const nowMs = records.rungs.reduce(
    (latest, { state, doneAtMs }) =>
      state === 'done' && doneAtMs !== null && doneAtMs <= askedMs + REPLAN_MS ? Math.max(latest, doneAtMs) : latest,
    askedMs,
  );
  const rungs = new Map(records.rungs.map((rung) => [rung.id, rung]));
  const waits = records.waits ?? waitsOf(records);
  const products = new Map(records.products.map((product) => [product.id, product]));
  const ladders = new Map(records.ladders.map((ladder) => [ladder.partId, ladder]));
  const byPosition = (a: { position: number; id: string }, b: { position: number; id: string }): number =>
    a.position - b.position || (a.id < b.id ? -1 : 1);
  const propRank = new Map([...records.props].sort(byPosition).map((prop, index) => [prop.id, index]));
  const parts = [...records.parts]
    .sort((a, b) => (propRank.get(a.propId) ?? 0) - (propRank.get(b.propId) ?? 0) || byPosition(a, b))
    .map((part): PlanPart => {
      const { soaks } = findMaterial(part.materialId);
      const ofPart = soaks ? { soaks } : {};
      return {
        id: part.id,
        propId: part.propId,
        name: partLabel(part),
        rackPlaces: part.rackPlaces,
        pieces: part.count,
        print: part.print && { ...part.print, pieceMinutes: pieceMinutesOf(part) },
        rungs: (ladders.get(part.id)?.rungIds ?? []).flatMap((id) => {
          const rung = rungs.get(id);
          if (!rung) return [];
          const planned = toPlanRung(rung, products, records.persons, part.materialId, nowMs, waits.get(id) ?? null);
          const rackPlaces = rungRackPlaces(rung, part);
          return [{ ...planned, ...ofPart, ...(rackPlaces < part.rackPlaces ? { rackPlaces } : {}) }];
        }),
      };
    });
  return {
    nowMs,
    timeZone: shop.timeZone,
    hours: shop.hours,
    exceptions: shop.exceptions,
    busy: shop.busy.map(({ startMs, endMs }) => ({ start: startMs, end: endMs })),
    daylightAt: shop.spraysByDaylight ? shop.place : null,
    sprayHours: shop.sprayHours,
    quietHours: shop.quietHours,
    sprayLimits: shop.sprayLimits,
    ...airs,
    goesByOwnPace: shop.goesByOwnPace,
    ...paceOf(records),
    persons: personsInOrder(records.persons).map(({ id, name, hours, exceptions, busy, refuses }) => ({
      id,
      name,
      hours,
      exceptions,
      busy: busy.map(({ startMs, endMs }) => ({ start: startMs, end: endMs })),
      refuses,
    })),
    boothPlaces: shop.boothPlaces,
    rackPlaces: shop.rackPlaces,
    printers: shop.printers,
    props: [...records.props].sort(byPosition).map(({ id, name, dueMs, weight }) => ({ id, name, dueMs, weight })),
    parts,
    joins: records.joins.map((join) => toPlanJoin(join, records.joins, rungs)),
  };
}

/**
 * Hours a piece prints: as typed, else guessed from its skin and height.
 *
 * @param heightMillimetres of its mesh; null: as typed, or guessed from its skin
 */
export function printHoursOf(
  part: Pick<Part, 'printHours' | 'areaSquareCentimetres' | 'sizeMillimetres' | 'layerMillimetres' | 'materialId'>,
  heightMillimetres: number | null = null,
): number {
  if (part.printHours !== null) return part.printHours;
  const areaSquareMillimetres = part.areaSquareCentimetres * 100;
  return estimatePrintHours({
    areaSquareMillimetres,
    heightMillimetres: heightMillimetres ?? part.sizeMillimetres?.[2] ?? guessHeight(areaSquareMillimetres),
    layerMillimetres: part.layerMillimetres,
    isResin: findMaterial(part.materialId).isResin,
  });
}

/** The same in minutes, as plan and bench reckon with it. */
export function pieceMinutesOf(part: Parameters<typeof printHoursOf>[0]): number {
  return printHoursOf(part) * 60;
}

/** The name of a part where a rung is done on some of its pieces only. */
export function rungPartLabel(rung: Pick<Rung, 'pieces'>, part: Pick<Part, 'name' | 'count'>): string {
  const pieces = rungPieces(rung, part);
  return pieces < part.count ? `${part.name}, ${pieces} of ${part.count}` : partLabel(part);
}

/** `Cage bar × 4`. */
export function partLabel(part: Pick<Part, 'name' | 'count'>): string {
  return part.count > 1 ? `${part.name} × ${part.count}` : part.name;
}

/** When what was ordered is there for the rungs that need it. */
function waitsOf({ purchases, cans, logEntries, ...records }: PlanRecords): ReadonlyMap<string, number> {
  if (!purchases || !cans || purchases.every(({ arrivedAtMs }) => arrivedAtMs !== null)) return new Map();
  return arrivalWaits({ ...records, purchases, cans }, usesOf(standingEntries(logEntries ?? [])));
}

/** A join as the planner sees it, among all joins and rungs of the shop. */
export function toPlanJoin(join: Join, joins: readonly Join[], rungs: ReadonlyMap<string, Rung>): PlanJoin {
  const { id, hostPartId, hostRungId, guestPartId, guestRungId } = join;
  return { id, hostPartId, hostRungId, guestPartId, guestRungId, ...(isMeeting(join, joins, rungs) ? { isShared: true } : {}) };
}

/**
 * A rung as the planner sees it.
 *
 * @param arrivesMs when what it takes has come; null: it is there
 */
export function toPlanRung(
  rung: Rung,
  products: ReadonlyMap<string, Product>,
  persons: readonly Person[],
  materialId: MaterialId,
  nowMs: number,
  arrivesMs: number | null = null,
): PlanRung {
  const product = rung.productId === null ? undefined : products.get(rung.productId);
  return {
    id: rung.id,
    name: rung.name,
    methodId: rung.methodId,
    minutes: rung.minutes,
    side: rung.side,
    film: filmOf(rung, product),
    notBeforeMs: arrivesMs === null ? rung.notBeforeMs : Math.max(rung.notBeforeMs ?? 0, arrivesMs),
    ...(arrivesMs !== null && arrivesMs > (rung.notBeforeMs ?? 0) ? { isAwaited: true } : {}),
    hardRungId: rung.hardRungId,
    lockedAtMs: rung.lockedAtMs,
    cautions: cautionsOfRung(rung, product ?? null, materialId),
    personId: rung.personId,
    status: progressOf(rung, persons, nowMs),
  };
}

/** The film a rung lays: of its product, or of what is usually laid by its method where none is chosen; null where its method leaves none. */
export function filmOf(rung: Pick<Rung, 'methodId' | 'coatMicrometres' | 'name'>, product: Product | undefined): PlanFilm | null {
  const usual = usualClassOf(rung.methodId);
  if (usual === null) return null;
  if (!product) {
    const film = filmOfClass(usual);
    return { ...film, coatMicrometres: rung.coatMicrometres ?? film.coatMicrometres };
  }
  const entry = findProductClass(product.classId);
  const hex = hexOfProduct(product);
  const drying = productDrying(product);
  return {
    productId: product.id,
    name: product.name,
    drying,
    application: entry.application,
    potLifeMinutes: entry.potLifeMinutes,
    removeWithinMinutes: entry.removeWithinMinutes,
    limits: productLimits(product),
    lightness: hex === null ? null : lightnessOf(hex),
    coatMicrometres: rung.coatMicrometres ?? drying.coatMicrometres,
  };
}

function paceOf({ ownPace, ownPaceOf, logEntries, rungs, passes, persons }: PlanRecords): Pick<ShopPlanInput, 'ownPace' | 'ownPaceOf'> {
  if (ownPace) return { ownPace, ...(ownPaceOf ? { ownPaceOf } : {}) };
  if (!logEntries) return { ownPace: {} };
  const standing = standingEntries(logEntries);
  return { ownPace: gatherPace(standing, rungs, passes), ownPaceOf: gatherPaceOf(standing, rungs, passes ?? [], persons) };
}

function progressOf(rung: Rung, persons: readonly Person[], nowMs: number): RungProgress {
  if (rung.state === 'done' && rung.doneAtMs !== null) return { kind: 'done', endMs: Math.min(rung.doneAtMs, nowMs) };
  if (rung.state === 'leftOut') return { kind: 'leftOut' };
  const workedMinutes = workedMs(rung, nowMs) / 60_000;
  const isInHand = rung.state === 'inHand';
  return isInHand || workedMinutes > 0
    ? { kind: 'begun', workedMinutes, isInHand, doerId: holderOf(rung.doerId, persons) }
    : { kind: 'open' };
}

/** Work done on a rung up to now, ms: stretches that are over and the one that runs. Never negative, whatever the clock did. */
export function workedMs(rung: Pick<Rung, 'workedMs' | 'startedAtMs'>, nowMs: number): number {
  return rung.workedMs + (rung.startedAtMs === null ? 0 : Math.max(0, nowMs - rung.startedAtMs));
}
