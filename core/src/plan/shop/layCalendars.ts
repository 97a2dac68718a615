import { limitsToLay } from '../../climate/layLimits';
import type { SprayLimits } from '../../climate/sprayVerdict';
import { findAirWindows, findFitMinutes, isWithinLimits } from '../../climate/sprayWindows';
import { minuteAfter } from '../../cure/clockTable';
import type { CureTables } from '../../cure/cureTables';
import { canFailToForm } from '../../cure/dryingKind';
import { milestoneDemand } from '../../cure/filmDemand';
import { tooColdToForm } from '../../cure/filmForming';
import { findMethod } from '../../ladder/methods';
import type { Interval } from '../../time/interval';
import type { Calendar } from '../problem/problem';
import { cutCalendarId } from './shopCalendars';
import type { PlanFilm, PlanRung, ShopAirs, ShopPlanInput } from './shopPlanInput';
import { airOfPlace, sprayPlace } from './sprayPlace';

/** A calendar with the hours it was cut from, epoch ms, and what the air must keep in them; null: the air does not matter. */
export interface AirCalendar extends Calendar {
  readonly hours: readonly Interval[];
  readonly limits: SprayLimits | null;
}

/**
 * The calendars of rungs: most work goes by the hands' or the spraying's own; what lays a product whose label asks more of the air has one cut further,
 * shared by all that ask the same. A water-borne film is not begun where it would be too cold before it has formed.
 */
export class LayCalendars {
  private readonly all = new Map<string, AirCalendar>();

  constructor(
    private readonly input: ShopAirs & Pick<ShopPlanInput, 'sprayLimits'>,
    private readonly tables: CureTables,
    shared: readonly AirCalendar[],
  ) {
    for (const calendar of shared) this.all.set(calendar.id, calendar);
  }

  /** Those that some rung goes by or that were there before. */
  list(): readonly AirCalendar[] {
    return [...new Map([...this.all.values()].map((calendar) => [calendar.id, calendar])).values()];
  }

  /**
   * The calendar of a rung.
   *
   * @param shared what it would go by if the air of its product did not matter
   */
  idFor(rung: Pick<PlanRung, 'film' | 'methodId'>, shared: AirCalendar): string {
    const { film } = rung;
    const { isSprayed, laysFilm } = findMethod(rung.methodId);
    this.all.set(shared.id, shared);
    if (!film || !laysFilm) return shared.id;
    const limits = limitsToLay(this.input.sprayLimits, film.limits, isSprayed);
    const { mostHumidityPercent, coldestCelsius, warmestCelsius } = limits;
    const key = cutCalendarId(shared.id, [mostHumidityPercent, coldestCelsius, warmestCelsius, ...formingKey(film)]);
    const known = this.all.get(key);
    if (known) return known.id;
    const air = airOfPlace(this.input, sprayPlace(this.input, rung.methodId, film.application));
    const fit = findAirWindows(shared.hours, air, (at) => isWithinLimits(air, limits, at));
    // A coat is laid when its work ends, at any minute of a window: cold that sets in within a step of the grid counts to the minute.
    const hours = canFailToForm(film.drying.kind) ? findFitMinutes(fit, air, (at) => !this.isTooCold(film, at)) : fit;
    const windows = wholeMinutes(hours);
    const isSame = windows.length === shared.windows.length && windows.every((span, nth) => isEqual(span, shared.windows[nth]));
    const calendar = isSame ? shared : { id: key, name: `${shared.name}, air fit for ${film.name}`, hours, windows, limits };
    this.all.set(key, calendar);
    return calendar.id;
  }

  private isTooCold({ drying, coatMicrometres }: PlanFilm, laidMs: number): boolean {
    const clock = this.tables.tableFor(drying, 'drying');
    const reach = (name: 'touch' | 'handle'): number | null => {
      const minute = minuteAfter(clock, laidMs / 60_000, milestoneDemand(drying, name, coatMicrometres, coatMicrometres) ?? 0);
      return Number.isFinite(minute) ? minute * 60_000 : null;
    };
    return tooColdToForm(drying, this.input.air, { laidMs, touchMs: reach('touch'), handleMs: reach('handle') }) !== null;
  }
}

/** Intervals of epoch ms as whole minutes, never longer than they are. */
export function wholeMinutes(windows: readonly Interval[]): Interval[] {
  return windows
    .map(({ start, end }) => ({ start: Math.ceil(start / 60_000), end: Math.floor(end / 60_000) }))
    .filter(({ start, end }) => end > start);
}

function formingKey({ drying, coatMicrometres }: PlanFilm): readonly (number | string)[] {
  if (!canFailToForm(drying.kind)) return [];
  return [drying.minimumFilmCelsius, drying.touchMinutes, drying.handleMinutes, coatMicrometres, drying.coatMicrometres];
}

function isEqual(a: Interval, b: Interval | undefined): boolean {
  return a.start === b?.start && a.end === b.end;
}
