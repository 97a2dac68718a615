import type { CoatLaid, CureOutlook, ForcedDrying } from '../../cure/cureClock';
import { readCureClock } from '../../cure/cureClock';
import type { CureTables } from '../../cure/cureTables';
import type { Milestone } from '../../cure/dryingData';
import { DRYER_FACTOR, gainsByDryer } from '../../cure/forcedDrying';
import type { RungSide } from '../../ladder/faces';
import { facesMeet } from '../../ladder/faces';
import { findMethod } from '../../ladder/methods';
import type { PlanFilm, PlanRung } from '../shop/shopPlanInput';

/** One film on a part: the coats of one product on the same faces, nothing between. */
export interface LaidFilm {
  readonly film: PlanFilm;
  readonly side: RungSide;
  readonly coats: readonly CoatLaid[];
  readonly isRoughened: boolean;
  /** warm air it had, epoch ms */
  readonly forced: readonly ForcedDrying[];
}

/** What lies on a part, the last film last. */
export type FilmsOnPart = readonly LaidFilm[];

/** What lies on a part once a rung was done between two moments. */
export function afterRung(films: FilmsOnPart, rung: PlanRung, startMs: number, endMs: number): FilmsOnPart {
  const method = findMethod(rung.methodId);
  const isTopFor = (at: number, side: RungSide): boolean => films.findLastIndex((film) => facesMeet(film.side, side)) === at;
  const faces: readonly RungSide[] = rung.side === 'all' ? ['under', 'top'] : [rung.side];
  const isTop = (at: number): boolean => faces.some((face) => isTopFor(at, face));
  if (method.roughens) return films.map((film, at) => (isTop(at) ? { ...film, isRoughened: true } : film));
  if (rung.methodId === 'warmDry')
    return films.map((film, at) => {
      const depth = film.coats.reduce((sum, coat) => sum + coat.thicknessMicrometres, 0);
      if (!isTop(at) || !gainsByDryer(film.film.drying, depth)) return film;
      return { ...film, forced: [...film.forced, { fromMs: startMs, toMs: endMs, factor: DRYER_FACTOR }] };
    });
  if (method.endsMask) return films.filter((film) => film.film.removeWithinMinutes === null);
  if (!method.laysFilm || !rung.film) return films;
  const coat = { atMs: endMs, thicknessMicrometres: rung.film.coatMicrometres };
  const top = films.at(-1);
  if (top && top.film.productId === rung.film.productId && top.side === rung.side && !top.isRoughened)
    return [...films.slice(0, -1), { ...top, coats: [...top.coats, coat] }];
  return [...films, { film: rung.film, side: rung.side, coats: [coat], isRoughened: false, forced: [] }];
}

/** What the cure clock says of a film. */
export function outlookOn({ film, coats, forced }: LaidFilm, tables: CureTables): CureOutlook {
  return readCureClock(film.drying, coats, tables, forced);
}

/** Films that a part must be held for with care: when the last of them can be handled; null: never. */
export function handleableMs(films: FilmsOnPart, tables: CureTables): number | null {
  const moments = films.map((film) => outlookOn(film, tables).milestones.handle);
  return moments.some((moment) => moment === null) ? null : Math.max(Number.NEGATIVE_INFINITY, ...moments.map((moment) => moment ?? 0));
}

/** Why a rung may not begin on these films at a moment; null: it may. A minute is given, since plans are in whole minutes. */
export function filmFault(films: FilmsOnPart, rung: PlanRung, startMs: number, tables: CureTables): string | null {
  const method = findMethod(rung.methodId);
  const late = startMs + 60_000;
  const faces: readonly RungSide[] = rung.side === 'all' ? ['under', 'top'] : [rung.side];
  const tops = new Set(faces.map((face) => films.findLast((film) => facesMeet(film.side, face))));
  for (const film of films) {
    const outlook = outlookOn(film, tables);
    const reached = (milestone: Milestone): boolean => (outlook.milestones[milestone] ?? outlook.milestones.hard ?? Infinity) <= late;
    const say = (what: string): string => `${film.film.name} ${what} at ${new Date(startMs).toISOString()}`;
    if (!facesMeet(film.side, rung.side)) {
      if (!reached('handle')) return say('cannot be handled');
    } else if (method.endsMask && film.film.removeWithinMinutes !== null) {
      continue;
    } else if (rung.methodId === 'unmask') {
      if (!reached('touch')) return say('is wet');
      const isSoft = (outlook.milestones.handle ?? Infinity) >= startMs - 60_000;
      if (tops.has(film) && !isSoft && !reached('hard')) return say('is neither soft nor hard');
    } else if (method.needs !== 'recoat') {
      if (!reached(method.needs)) return say(`is not ready to ${method.needs}`);
    } else if (tops.has(film) && film.isRoughened) {
      if (!reached('recoat')) return say('cannot be coated');
    } else if (tops.has(film)) {
      const isOpen = outlook.recoatWindows.some(
        ({ opensMs, closesMs }) => opensMs <= late && (closesMs === null || startMs <= closesMs + 60_000),
      );
      // Nothing opens it again by itself: hard, it is scuffed first.
      if (!isOpen && !reached('hard')) return say('is outside its recoat window');
    }
  }
  return null;
}
