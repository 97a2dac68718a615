import { progressAt } from '../../cure/clockTable';
import type { DryerGain } from '../../cure/forcedDrying';
import { dryerGain, gainsByDryer } from '../../cure/forcedDrying';
import type { CureTables } from '../../cure/cureTables';
import type { Milestone } from '../../cure/dryingData';
import { phaseOf } from '../../cure/dryingData';
import { milestoneDemand, recoatPieces } from '../../cure/filmDemand';
import type { RungSide } from '../../ladder/faces';
import { facesMeet } from '../../ladder/faces';
import type { Method } from '../../ladder/methods';
import { findMethod } from '../../ladder/methods';
import type { ArcPiece, PlanArc } from '../problem/problem';
import { WASH_WATER_NAME, waterLeft } from '../../cure/washWater';
import type { PlanFilm, PlanPart, PlanRung } from './shopPlanInput';

/** The clock on which order alone is measured. */
export const WALL_CLOCK = 'wall';

/** A film on the part, with what the next rung has to wait for. */
interface FilmUnder {
  readonly rungId: string;
  readonly side: RungSide;
  readonly film: PlanFilm;
  /** this coat and those under it that are taken as wet together */
  readonly filmMicrometres: number;
  /** rungs of the coats under it that are taken as wet together with it */
  readonly wetWith: readonly string[];
  readonly doneAtMs: number | null;
  wasRoughened: boolean;
  /** what warm air adds between the coat and what follows: what opens counts on the least, what closes on the most */
  warmed: DryerGain;
}

/**
 * The arcs within one ladder: order, and for each open rung the waits for the films under it. Done rungs count as laid when they were;
 * open coats of one product in a row are taken as wet together, which errs towards waiting longer.
 */
export function buildLadderArcs(part: PlanPart, tables: CureTables): PlanArc[] {
  const arcs: PlanArc[] = [];
  const films: FilmUnder[] = [];
  const done = part.rungs.filter((rung) => rung.status.kind === 'done').sort((a, b) => doneAt(a) - doneAt(b));
  let wet: PlanRung | null = null;
  const laid = new Map<string, PlanRung>();
  for (const rung of done) {
    layFilm(films, rung, findMethod(rung.methodId), tables);
    wet = wetAfter(rung);
    laid.set(rung.id, rung);
  }
  let previous: string | null = null;
  for (const rung of part.rungs) {
    if (rung.status.kind === 'done' || rung.status.kind === 'leftOut') continue;
    const method = findMethod(rung.methodId);
    if (previous) arcs.push(orderArc(previous, rung.id, { kind: 'order' }));
    // What is already in hand has passed its waits; only its order still counts.
    if (rung.status.kind === 'open') arcs.push(...filmArcs(films, rung, method, tables));
    if (rung.status.kind === 'open' && wet && !method.bearsWater) arcs.push(...waterArcs(wet, rung.id, tables));
    const waitedFor = laid.get(rung.hardRungId ?? '');
    if (rung.status.kind === 'open' && waitedFor?.film) arcs.push(hardArc(waitedFor.id, waitedFor.film, films, rung.id, tables));
    layFilm(films, rung, method, tables);
    laid.set(rung.id, rung);
    wet = wetAfter(rung);
    previous = rung.id;
  }
  return arcs;
}

/**
 * Arcs from every film that rungs leave on a part, on whichever face, to what needs the part in hand: it is waited for until each can be handled. The
 * rungs are taken as they stand; done ones count as laid when they were, and coats wet together as one film.
 */
export function handleArcs(rungs: readonly PlanRung[], to: string, tables: CureTables): PlanArc[] {
  const films: FilmUnder[] = [];
  const done = rungs.filter((rung) => rung.status.kind === 'done').sort((a, b) => doneAt(a) - doneAt(b));
  const open = rungs.filter((rung) => rung.status.kind !== 'done' && rung.status.kind !== 'leftOut');
  for (const rung of [...done, ...open]) layFilm(films, rung, findMethod(rung.methodId), tables);
  return films.map((under) => milestoneArc(under, to, 'handle', tables));
}

/**
 * Dry thickness in µm, by rung, of each coat together with the coats under it that are still wet; it decides when the part can be handled.
 */
export function wetDepths(part: PlanPart, tables: CureTables): ReadonlyMap<string, number> {
  const films: FilmUnder[] = [];
  const depths = new Map<string, number>();
  const done = part.rungs.filter((rung) => rung.status.kind === 'done').sort((a, b) => doneAt(a) - doneAt(b));
  const open = part.rungs.filter((rung) => rung.status.kind !== 'done' && rung.status.kind !== 'leftOut');
  for (const rung of [...done, ...open]) {
    layFilm(films, rung, findMethod(rung.methodId), tables);
    const laid = films.at(-1);
    if (laid?.rungId === rung.id) depths.set(rung.id, laid.filmMicrometres);
  }
  return depths;
}

/** An arc that asks for order only. */
export function orderArc(from: string, to: string, reason: PlanArc['reason']): PlanArc {
  return { from, to, clockId: WALL_CLOCK, pieces: [{ lo: 0, hi: null }], reason };
}

/**
 * A film is waited for until it is hard because the finisher wants it so; coats that lie wet on each other count as one, from the last of them on.
 *
 * @param rungId the coat that was named
 * @param film of it, for where other work came on it since
 */
function hardArc(rungId: string, film: PlanFilm, films: readonly FilmUnder[], to: string, tables: CureTables): PlanArc {
  const under = films.find((one) => one.rungId === rungId || one.wetWith.includes(rungId));
  const thickness = under?.filmMicrometres ?? film.coatMicrometres;
  return {
    from: under?.rungId ?? rungId,
    to,
    clockId: tables.keyFor(film.drying, 'hardening'),
    pieces: [{ lo: milestoneDemand(film.drying, 'hard', thickness, film.coatMicrometres) ?? 0, hi: null }],
    reason: { kind: 'film', milestone: 'hard', filmName: film.name },
  };
}

/** The rung itself when it leaves the part wet with water, else null: warm air dries the part, and any other work waited until it was dry. */
function wetAfter(rung: PlanRung): PlanRung | null {
  return findMethod(rung.methodId).leavesWater ? rung : null;
}

/** What comes after a washing waits until its water is gone; nothing waits for a rung that leaves none. */
export function waterArcs(washed: PlanRung, to: string, tables: CureTables): PlanArc[] {
  const water = waterLeft(washed.methodId, washed.soaks);
  if (!water) return [];
  return [
    {
      from: washed.id,
      to,
      clockId: tables.keyFor(water, 'drying'),
      pieces: [{ lo: water.touchMinutes, hi: null }],
      reason: { kind: 'film', milestone: 'touch', filmName: WASH_WATER_NAME },
    },
  ];
}

function filmArcs(films: readonly FilmUnder[], rung: PlanRung, method: Method, tables: CureTables): PlanArc[] {
  const tops = topsUnder(films, rung.side);
  const arcs: PlanArc[] = [];
  for (const under of films) {
    if (!facesMeet(under.side, rung.side)) {
      // On its other face: it is waited for until the part can be turned.
      arcs.push(milestoneArc(under, rung.id, 'handle', tables));
      continue;
    }
    const isTop = tops.has(under);
    if (method.id === 'unmask' || (method.endsMask && under.film.removeWithinMinutes !== null)) {
      arcs.push(pullArc(under, rung.id, isTop, tables));
      continue;
    }
    if (method.needs === 'recoat') {
      if (isTop && !under.wasRoughened) arcs.push(recoatArc(under, rung.id, tables));
      else if (isTop) arcs.push(milestoneArc(under, rung.id, 'recoat', tables));
    } else arcs.push(milestoneArc(under, rung.id, method.needs, tables));
  }
  return arcs;
}

/** The last film on each of the faces a rung is done on. */
function topsUnder(films: readonly FilmUnder[], side: RungSide): Set<FilmUnder> {
  const faces: readonly RungSide[] = side === 'all' ? ['under', 'top'] : [side];
  return new Set(faces.flatMap((face) => films.findLast((under) => facesMeet(under.side, face)) ?? []));
}

/**
 * A mask is pulled while the paint over it is still soft, or once it is hard: in between the edge tears (common practice). Masking rubber
 * must be off within its time.
 */
function pullArc(under: FilmUnder, to: string, isTop: boolean, tables: CureTables): PlanArc {
  const { drying, coatMicrometres, name, removeWithinMinutes } = under.film;
  if (removeWithinMinutes !== null)
    return {
      from: under.rungId,
      to,
      clockId: WALL_CLOCK,
      // Where it is on too long already, it has to come off all the same.
      pieces: [{ lo: 0, hi: under.doneAtMs === null ? removeWithinMinutes : null }],
      reason: { kind: 'film', milestone: 'remove', filmName: name },
    };
  const demand = (milestone: Milestone): number => milestoneDemand(drying, milestone, under.filmMicrometres, coatMicrometres) ?? 0;
  if (!isTop) return milestoneArc(under, to, 'touch', tables);
  const soft = {
    lo: Math.max(0, demand('touch') - under.warmed.least),
    hi: Math.max(demand('touch'), demand('handle')) - under.warmed.most,
  };
  const hard = { lo: Math.max(demand('handle'), demand('hard')), hi: null };
  return {
    from: under.rungId,
    to,
    ...(soft.lo <= soft.hi
      ? { clockId: tables.keyFor(drying, 'drying'), pieces: [soft, { ...hard, clockId: tables.keyFor(drying, 'hardening') }] }
      : { clockId: tables.keyFor(drying, 'hardening'), pieces: [hard] }),
    reason: { kind: 'film', milestone: 'pull', filmName: name },
  };
}

function milestoneArc(under: FilmUnder, to: string, milestone: Milestone, tables: CureTables): PlanArc {
  const { drying, coatMicrometres } = under.film;
  // A film that is never sanded or taped is waited for until it is hard.
  const isOffered = milestoneDemand(drying, milestone, under.filmMicrometres, coatMicrometres) !== null;
  const asked: Milestone = isOffered ? milestone : 'hard';
  const lo = milestoneDemand(drying, asked, under.filmMicrometres, coatMicrometres) ?? 0;
  return {
    from: under.rungId,
    to,
    clockId: tables.keyFor(drying, phaseOf(asked)),
    pieces: [{ lo: Math.max(0, lo - under.warmed.least), hi: null }],
    reason: { kind: 'film', milestone: asked, filmName: under.film.name },
  };
}

function recoatArc(under: FilmUnder, to: string, tables: CureTables): PlanArc {
  const { drying, coatMicrometres, name } = under.film;
  const pieces: ArcPiece[] = recoatPieces(drying, under.filmMicrometres, coatMicrometres).map(({ from, until }) => ({
    lo: Math.max(0, from - under.warmed.least),
    hi: until === null ? null : Math.max(0, from - under.warmed.least, until - under.warmed.most),
  }));
  const last = pieces.at(-1);
  if (under.doneAtMs !== null && last && last.hi !== null) {
    // The coat is a fact: if its window has passed for good, what is left is to let it harden and scuff it.
    const hard = milestoneDemand(drying, 'hard', under.filmMicrometres, coatMicrometres) ?? last.hi;
    return {
      from: under.rungId,
      to,
      clockId: tables.keyFor(drying, 'drying'),
      pieces: [...pieces, { lo: Math.max(hard, last.hi), hi: null, clockId: tables.keyFor(drying, 'hardening') }],
      keepsLabelTime: true,
      reason: { kind: 'missedWindow', filmName: name },
    };
  }
  const reason = { kind: 'film', milestone: 'recoat', filmName: name } as const;
  return { from: under.rungId, to, clockId: tables.keyFor(drying, 'drying'), pieces, keepsLabelTime: true, reason };
}

function layFilm(films: FilmUnder[], rung: PlanRung, method: Method, tables: CureTables): void {
  const tops = topsUnder(films, rung.side);
  if (method.roughens) for (const top of tops) top.wasRoughened = true;
  if (method.id === 'warmDry')
    for (const top of tops)
      if (gainsByDryer(top.film.drying, top.filmMicrometres)) {
        const { least, most } = dryerGain(tables.tableFor(top.film.drying, 'drying'), rung.minutes);
        top.warmed = { least: top.warmed.least + least, most: top.warmed.most + most };
      }
  if (method.endsMask) {
    const rubber = films.findIndex((under) => under.film.removeWithinMinutes !== null);
    if (rubber >= 0) films.splice(rubber, 1);
  }
  const top = films.findLast((under) => facesMeet(under.side, rung.side));
  if (!rung.film || !method.laysFilm) return;
  const { film } = rung;
  const isSameWetFilm = top !== undefined && top.film.productId === film.productId && !top.wasRoughened && !isSettled(top, rung, tables);
  const filmMicrometres = film.coatMicrometres + (isSameWetFilm ? top.filmMicrometres : 0);
  const wetWith = isSameWetFilm ? [...top.wetWith, top.rungId] : [];
  const doneAtMs = rung.status.kind === 'done' ? rung.status.endMs : null;
  // A later coat of the same product is softer than the earlier one, which need not be waited for any more.
  const earlier = films.findIndex((under) => under.film.productId === film.productId && covers(rung.side, under.side));
  if (earlier >= 0) films.splice(earlier, 1);
  films.push({
    rungId: rung.id,
    film,
    filmMicrometres,
    wetWith,
    doneAtMs,
    wasRoughened: false,
    warmed: { least: 0, most: 0 },
    side: rung.side,
  });
}

function covers(side: RungSide, other: RungSide): boolean {
  return side === 'all' || side === other;
}

/** Whether a laid coat could already be handled when the next went on; only known between facts. */
function isSettled(under: FilmUnder, next: PlanRung, tables: CureTables): boolean {
  if (under.doneAtMs === null || next.status.kind !== 'done') return false;
  const table = tables.tableFor(under.film.drying, 'drying');
  const gained = progressAt(table, next.status.endMs / 60_000) - progressAt(table, under.doneAtMs / 60_000);
  return gained >= (milestoneDemand(under.film.drying, 'handle', under.filmMicrometres, under.film.coatMicrometres) ?? 0);
}

function doneAt(rung: PlanRung): number {
  return rung.status.kind === 'done' ? rung.status.endMs : 0;
}
