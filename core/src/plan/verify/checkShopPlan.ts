import { airAt, windAt } from '../../climate/airTimeline';
import { daylight } from '../../climate/daylight';
import { judgeSpraying } from '../../climate/sprayVerdict';
import { createCureTables } from '../../cure/cureTables';
import type { DryingData } from '../../cure/dryingData';
import { waterLeft } from '../../cure/washWater';
import { readCureClock } from '../../cure/cureClock';
import { findMethod } from '../../ladder/methods';
import type { Interval } from '../../time/interval';
import { workKindsOf } from '../../ladder/workKinds';
import { expandWorkingHours } from '../../time/workingHours';
import { atOwnPace } from '../shop/ownMinutes';
import type { RungTime, ShopPlan } from '../shopPlan/shopPlan';
import type { PlanPart, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import type { FilmsOnPart } from './filmsOnPart';
import { afterRung, filmFault, handleableMs, outlookOn } from './filmsOnPart';

/** A rule of the bench that a plan breaks, with the rung it shows at. */
export interface ShopPlanFault {
  readonly rungId: string;
  readonly rule: 'hours' | 'air' | 'hands' | 'places' | 'order' | 'film' | 'rack' | 'join' | 'minutes' | 'print' | 'wish' | 'person';
  readonly detail: string;
}

const MINUTE = 60_000;
const DAY = 86_400_000;
/** The air is judged in the middle of such steps, as windows are found. */
const AIR_STEP = 10 * MINUTE;

/** A rung as it was or will be done. */
interface Done {
  readonly part: PlanPart;
  readonly rung: PlanRung;
  /** null: done before the plan */
  readonly time: RungTime | null;
  /** when hands touch the part: after getting ready */
  readonly startMs: number;
  readonly endMs: number;
}

/**
 * Checks a shop's plan anew: from ladders, hours, air and the cure clock, and from nothing the planner made of them (no arcs, calendars, holds or
 * demands). Films lie on parts as they come, coats that are wet together are found by their planned times. Minutes are whole: one is given.
 */
export function checkShopPlan(asked: ShopPlanInput, plan: Extract<ShopPlan, { kind: 'planned' }>): ShopPlanFault[] {
  const input = atOwnPace(asked);
  const faults: ShopPlanFault[] = [];
  const say = (rungId: string, rule: ShopPlanFault['rule'], detail: string): void => void faults.push({ rungId, rule, detail });
  const lastMs = Math.max(input.nowMs, ...plan.rungs.map(({ endMs }) => endMs), ...plan.prints.map(({ startMs }) => startMs));
  // As far behind and ahead as the planner's own tables, since beyond them the air is a mean.
  const tables = createCureTables(input.air, input.nowMs - 10 * DAY, input.nowMs + 8 * DAY);
  const times = new Map(plan.rungs.map((time) => [time.rungId, time]));
  const done = new Map<string, Done>();
  for (const part of input.parts)
    for (const rung of part.rungs) {
      const time = times.get(rung.id) ?? null;
      if (rung.status.kind === 'done') done.set(rung.id, { part, rung, time: null, startMs: rung.status.endMs, endMs: rung.status.endMs });
      else if (time) done.set(rung.id, { part, rung, time, startMs: time.startMs + time.setupMinutes * MINUTE, endMs: time.endMs });
    }
  // Work on a joined piece is left out of the guest's ladder where the host's is done on both.
  const onBoth = new Map(
    input.joins.flatMap(({ isShared, guestRungId, hostRungId }) => (isShared && guestRungId ? [[guestRungId, hostRungId]] : [])),
  );
  const wet: { readonly part: PlanPart; readonly places: number; readonly fromMs: number; readonly toMs: number }[] = [];
  const filmsAt = new Map<string, { readonly atMs: number; readonly films: FilmsOnPart }[]>();
  for (const part of input.parts) checkLadder(part);

  function checkLadder(part: PlanPart): void {
    const works = part.rungs.flatMap((rung) => done.get(onBoth.get(rung.id) ?? rung.id) ?? []);
    const facts = works.filter(({ time }) => time === null).sort((a, b) => a.endMs - b.endMs);
    const planned = works.filter(({ time }) => time !== null);
    let films: FilmsOnPart = [];
    let washed: { readonly water: DryingData; readonly atMs: number } | null = null;
    let before: Done | null = null;
    const states: { atMs: number; films: FilmsOnPart }[] = [];
    filmsAt.set(part.id, states);
    for (const work of [...facts, ...planned]) {
      const { rung, time, startMs, endMs } = work;
      const method = findMethod(rung.methodId);
      if (time && rung.status.kind === 'open') {
        if (before?.time && before.endMs > startMs) say(rung.id, 'order', `begins before ${before.rung.name} is done`);
        const fault = filmFault(films, rung, startMs, tables);
        if (fault) say(rung.id, 'film', fault);
        if (washed && !method.bearsWater) {
          const { water, atMs } = washed;
          const dry = readCureClock(water, [{ atMs, thicknessMicrometres: water.coatMicrometres }], tables).milestones.touch;
          if (dry === null || dry > startMs + MINUTE) say(rung.id, 'film', 'the water of the washing is not gone');
        }
        const hard = done.get(rung.hardRungId ?? '');
        const awaited = hard && films.find(({ coats }) => coats.some(({ atMs }) => atMs === hard.endMs));
        if (awaited && (outlookOn(awaited, tables).milestones.hard ?? Infinity) > startMs + MINUTE)
          say(rung.id, 'film', `${awaited.film.name} is not hard`);
        if (work.part === part) checkWork(work, time);
      }
      films = afterRung(films, rung, startMs, endMs);
      states.push({ atMs: endMs, films });
      const water = waterLeft(rung.methodId, rung.soaks);
      washed = water && { water, atMs: endMs };
      if (work.part === part && method.laysFilm && rung.film && endMs >= input.nowMs - 30 * DAY)
        wet.push({
          part,
          places: rung.rackPlaces ?? part.rackPlaces,
          fromMs: endMs,
          toMs: handleableMs(films.slice(-1), tables) ?? Infinity,
        });
      before = work;
    }
  }

  function checkWork({ rung, startMs }: Done, time: RungTime): void {
    const method = findMethod(rung.methodId);
    const worked = rung.status.kind === 'begun' ? rung.status.workedMinutes : 0;
    const minutes = time.chunks.reduce((sum, { start, end }) => sum + end - start, 0) / MINUTE;
    // Who goes on in a session has no getting ready of his own.
    const least = rung.minutes - worked - (time.session && time.setupMinutes === 0 ? method.setupMinutes : 0);
    if (minutes < Math.max(0, Math.round(least)) - 1e-6) say(rung.id, 'minutes', `${minutes} of ${least} min`);
    if (time.chunks.length > 1 && !method.isSplittable) say(rung.id, 'minutes', 'is set down though it may not be');
    if (rung.notBeforeMs !== null && startMs < rung.notBeforeMs - MINUTE) say(rung.id, 'wish', 'is before it is wanted');
    if (rung.lockedAtMs !== null && rung.lockedAtMs >= input.nowMs && Math.abs(time.startMs - rung.lockedAtMs) > MINUTE)
      say(rung.id, 'wish', 'is not where it was locked');
    if (!method.isSprayed && !rung.film) return;
    for (const chunk of time.chunks) checkAir(rung, chunk);
    if (method.laysFilm && rung.film && time.outlook?.tooColdMs != null) say(rung.id, 'air', 'its film is too cold to form');
  }

  function isAirbrushedInside({ film }: PlanRung): boolean {
    return input.airbrushesInside && film?.application === 'airbrush';
  }

  function checkAir(rung: PlanRung, chunk: Interval): void {
    const method = findMethod(rung.methodId);
    const { sprayLimits } = input;
    const band = method.laysFilm && rung.film ? rung.film.limits : null;
    const isOut = method.isSprayed && !isAirbrushedInside(rung);
    const around = isOut && input.yardAir ? input.yardAir : input.air;
    for (let at = Math.floor(chunk.start / AIR_STEP) * AIR_STEP + AIR_STEP / 2; at < chunk.end; at += AIR_STEP) {
      const air = airAt(around, at);
      if (method.isSprayed && !judgeSpraying(air, sprayLimits, air.temperatureCelsius, windAt(around, at)).isOpen)
        say(rung.id, 'air', 'is sprayed in air the shop does not spray in');
      const isFit =
        band === null ||
        (air.temperatureCelsius >= band.coldestCelsius &&
          air.temperatureCelsius <= band.warmestCelsius &&
          air.relativeHumidityPercent <= band.mostHumidityPercent);
      if (!isFit)
        say(
          rung.id,
          'air',
          `${air.temperatureCelsius.toFixed(1)} °C, ${air.relativeHumidityPercent.toFixed(0)} % is not for ${rung.film?.name ?? ''}`,
        );
    }
  }

  checkJoins();
  checkHours();
  checkLoads();
  checkPrints();
  return faults;

  function checkJoins(): void {
    const partOf = new Map(input.parts.map((part) => [part.id, part]));
    const filmsBefore = (partId: string, ms: number): FilmsOnPart => filmsAt.get(partId)?.findLast(({ atMs }) => atMs <= ms)?.films ?? [];
    for (const { hostRungId, hostPartId, guestPartId, guestRungId } of input.joins) {
      const guest = partOf.get(guestPartId);
      const host = done.get(hostRungId);
      if (!guest || !host) continue;
      const place = guestRungId === null ? Infinity : guest.rungs.findIndex(({ id }) => id === guestRungId);
      const isClimbed = ({ status }: PlanRung): boolean => status.kind !== 'leftOut';
      const isBoth = onBoth.get(guestRungId ?? '') === hostRungId;
      const before = guest.rungs.filter((rung, at) => at <= place && isClimbed(rung));
      const after = guest.rungs.filter((rung, at) => at > place && isClimbed(rung));
      if (host.time && host.rung.status.kind === 'open') {
        for (const rung of before) {
          const end = done.get(rung.id)?.endMs ?? Infinity;
          if (end > host.startMs) say(hostRungId, 'join', `${rung.name} of ${guest.name} is not done`);
        }
        // Its own ladder says what the guest's films must be for work on both.
        const ready = isBoth ? host.startMs : handleableMs(filmsBefore(guestPartId, host.startMs), tables);
        if (ready === null || ready > host.startMs + MINUTE) say(hostRungId, 'join', `${guest.name} cannot be handled`);
      }
      const next = done.get(after[0]?.id ?? '');
      if (!next?.time || next.rung.status.kind !== 'open') continue;
      if (host.endMs > next.startMs) say(next.rung.id, 'join', 'begins before it is joined');
      const films = filmsAt.get(hostPartId)?.find(({ atMs }) => atMs >= host.endMs)?.films ?? [];
      const others = films.filter(({ coats }) => !isBoth || coats.every(({ atMs }) => atMs !== host.endMs));
      const ready = handleableMs(others, tables);
      if (ready === null || ready > next.startMs + MINUTE) say(next.rung.id, 'join', 'what it is joined to cannot be handled');
    }
  }

  function checkHours(): void {
    const until = lastMs + DAY;
    const open = new Map<string | null, Interval[]>(
      input.persons.map(({ id, hours, exceptions }) => {
        const shared = hours === null ? input.exceptions.filter(({ date }) => !exceptions.some((own) => own.date === date)) : [];
        return [id, expandWorkingHours(hours ?? input.hours, [...shared, ...exceptions], input.timeZone, input.nowMs, until)];
      }),
    );
    if (open.size === 0) open.set(null, expandWorkingHours(input.hours, input.exceptions, input.timeZone, input.nowMs, until));
    const isWithin = (spans: readonly Interval[], { start, end }: Interval): boolean =>
      spans.some((span) => span.start <= start + MINUTE && end <= span.end + MINUTE);
    for (const { partId, startMs } of plan.prints) {
      const print = input.parts.find(({ id }) => id === partId)?.print;
      // What is on the bed goes on by itself.
      const isFirst = plan.prints.every((other) => other.partId !== partId || other.startMs >= startMs);
      if (isFirst && print?.startedAtMs != null) continue;
      if (![...open.values()].some((hours) => isWithin(hours, { start: startMs, end: startMs })))
        say(partId, 'print', 'is begun while nobody is there');
    }
    const quiet = expandWorkingHours(input.quietHours, [], input.timeZone, input.nowMs, until);
    const sprayed = expandWorkingHours(input.sprayHours, [], input.timeZone, input.nowMs, until);
    const lit = input.daylightAt ? daylight(input.daylightAt, input.nowMs, until) : null;
    const meets = (spans: readonly Interval[], { start, end }: Interval): boolean =>
      spans.some((span) => span.start + MINUTE < end && start + MINUTE < span.end);
    for (const { rungId, chunks, personId } of plan.rungs) {
      const rung = done.get(rungId)?.rung;
      if (!rung || rung.status.kind !== 'open') continue;
      const method = findMethod(rung.methodId);
      const person = input.persons.find(({ id }) => id === personId);
      if (!person && input.persons.length > 0) say(rungId, 'person', 'is done by nobody');
      const asked = workKindsOf({ method, dryingKind: method.laysFilm ? (rung.film?.drying.kind ?? null) : null, cautions: rung.cautions });
      if (person && rung.personId !== null && rung.personId !== person.id)
        say(rungId, 'person', `is asked of somebody else than ${person.name}`);
      if (person && rung.personId === null && asked.some((kind) => person.refuses.includes(kind)))
        say(rungId, 'person', `is nothing ${person.name} does`);
      const busy = [...(person?.busy ?? []), ...(person && person.hours !== null ? [] : input.busy)];
      for (const chunk of chunks) {
        if (chunk.start < input.nowMs - MINUTE) say(rungId, 'hours', 'is planned for the past');
        if (!isWithin(open.get(person?.id ?? null) ?? [], chunk) || meets(busy, chunk))
          say(rungId, 'hours', 'is outside the hours of hands');
        if (method.isLoud && meets(quiet, chunk)) say(rungId, 'hours', 'is loud in quiet hours');
        if (method.isSprayed && (!isWithin(sprayed, chunk) || (lit && !isAirbrushedInside(rung) && !isWithin(lit, chunk))))
          say(rungId, 'hours', 'is sprayed outside its hours');
      }
    }
  }

  function checkLoads(): void {
    const hands = plan.rungs.flatMap(({ rungId, chunks, personId }) => chunks.map((chunk) => ({ ...chunk, rungId, personId, amount: 1 })));
    const isSprayed = (rungId: string): boolean => findMethod(done.get(rungId)?.rung.methodId ?? 'cut').isSprayed;
    for (const id of input.persons.length > 0 ? input.persons.map((person) => person.id) : [null])
      checkLoad(
        hands.filter(({ personId }) => personId === id),
        1,
        'hands',
      );
    checkLoad(
      hands.filter(({ rungId }) => isSprayed(rungId)),
      input.boothPlaces,
      'places',
    );
    // A piece is in its place once, however many of its films keep it there; what is done on fewer pieces of a set is done on the same ones.
    const places = input.parts.flatMap((part) =>
      Array.from({ length: part.rackPlaces }, (_, place) =>
        merge(
          wet.filter((film) => film.part.id === part.id && film.places > place).map(({ fromMs, toMs }) => ({ start: fromMs, end: toMs })),
        ).map((span) => ({ ...span, rungId: part.id, amount: 1 })),
      ).flat(),
    );
    checkLoad(places, input.rackPlaces, 'rack');
  }

  function checkLoad(
    spans: readonly (Interval & { readonly rungId: string; readonly amount: number })[],
    capacity: number,
    rule: 'hands' | 'places' | 'rack',
  ): void {
    const steps = spans
      .flatMap(({ start, end, rungId, amount }) => [
        { at: start, by: amount, rungId },
        // A minute is given at the end, so that rounding of moments is no overlap.
        { at: Math.max(start, end - MINUTE), by: -amount, rungId },
      ])
      .sort((a, b) => a.at - b.at || a.by - b.by);
    let load = 0;
    for (const { at, by, rungId } of steps) {
      load += by;
      // What is full before the plan begins is a fact.
      if (by > 0 && load > capacity && at > input.nowMs) say(rungId, rule, `${load} of ${capacity} at ${new Date(at).toISOString()}`);
    }
  }

  function checkPrints(): void {
    for (const part of input.parts) {
      const { print } = part;
      const beds = plan.prints.filter(({ partId }) => partId === part.id).toSorted((a, b) => a.startMs - b.startMs);
      if (!print || beds.length === 0) continue;
      const first = part.rungs.find(({ status }) => status.kind === 'open');
      const work = done.get(first?.id ?? '');
      let off = part.pieces - print.piecesLeft;
      let free = 0;
      for (const [bed, { startMs, lastOffMs, pieces }] of beds.entries()) {
        const gone = bed === 0 && print.startedAtMs !== null ? (input.nowMs - print.startedAtMs) / MINUTE : 0;
        if (lastOffMs - startMs < (pieces * print.pieceMinutes - gone - 1) * MINUTE) say(part.id, 'print', 'is off before its time');
        if (startMs < free) say(part.id, 'print', 'is begun before the bed is free');
        free = lastOffMs;
        // The pieces that are off before keep the hands busy that long at least.
        if (first && work?.time && lastOffMs > work.startMs + ((off * first.minutes) / part.pieces + 1) * MINUTE)
          say(first.id, 'print', 'waits for its next pieces');
        off += pieces;
      }
      if (work?.time && off < part.pieces) say(part.id, 'print', 'is worked on before all of it has a time to print');
    }
    // Beds that are printing now are a fact, however many printers there are said to be.
    const printing = input.parts.filter(({ print }) => {
      const onBed = print && Math.min(print.piecesLeft, print.bedPieces) * print.pieceMinutes * MINUTE;
      return print?.startedAtMs != null && print.startedAtMs + (onBed ?? 0) > input.nowMs;
    }).length;
    for (const { partId, startMs } of plan.prints) {
      const together = plan.prints.filter((other) => other.startMs <= startMs && startMs < other.lastOffMs);
      if (together.length > Math.max(input.printers, printing)) say(partId, 'print', 'more beds than there are printers');
    }
  }
}

function merge(spans: readonly Interval[]): Interval[] {
  const merged: { start: number; end: number }[] = [];
  for (const { start, end } of spans.toSorted((a, b) => a.start - b.start)) {
    const last = merged.at(-1);
    if (last && start <= last.end) last.end = Math.max(last.end, end);
    else merged.push({ start, end });
  }
  return merged;
}
