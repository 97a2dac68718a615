import { findProductClass } from '../cure/productClasses';

/** How long something keeps, months; null: it does not age. */
export interface ShelfLife {
  readonly closedMonths: number | null;
  readonly openedMonths: number | null;
}

/** What is known of the age of a thing. */
export interface ShelfDates {
  /** when it came; null: not known */
  readonly boughtAtMs: number | null;
  /** null: closed */
  readonly openedAtMs: number | null;
  /** when it was last tried and found good; null: never */
  readonly provedAtMs: number | null;
}

/** How a thing stands to its shelf life. */
export interface ShelfAge {
  readonly state: 'good' | 'soon' | 'past';
  /** when it is past its time; null: it does not age, or nothing is known of when it came */
  readonly endsMs: number | null;
  /** which of both spans ends first */
  readonly by: 'closed' | 'opened';
}

/** Days before the end from which on it is said (guess). */
export const SOON_DAYS = 14;
/** Days for which something past its time that was tried and found good is taken as good (guess). */
export const PROVED_DAYS = 30;

const DAY_MS = 86_400_000;
/** A year in days ÷ 12. */
const MONTH_MS = (365.25 / 12) * DAY_MS;

/** Closed and opened months by class (common practice, from memory; what stands on the label wins). */
const OWN_LIVES: Readonly<Record<string, readonly [closed: number, opened: number]>> = {
  // Unspoiled for years, but its nozzle and gas are not: tried on a card first.
  rubberDip: [24, 12],
  brushEpoxy: [24, 12],
  tintedEpoxy: [24, 12],
  bodyFiller: [24, 12],
  putty: [24, 12],
  slurry: [36, 12],
  textureCompound: [24, 12],
  maskingRubber: [24, 6],
  epoxyGlue: [24, 12],
  cyanoacrylate: [12, 3],
  contactCement: [24, 12],
  oilWash: [60, 24],
  floorPolish: [24, 18],
};
const BY_APPLICATION = { aerosol: [36, 24], airbrush: [60, 24], brush: [60, 24], spread: [24, 12] } as const;

/**
 * How long products of a class keep.
 *
 * @throws RangeError for an unknown class
 */
export function usualShelfLife(classId: string): ShelfLife {
  const [closedMonths, openedMonths] = OWN_LIVES[classId] ?? BY_APPLICATION[findProductClass(classId).application];
  return { closedMonths, openedMonths };
}

/**
 * How a thing stands to its shelf life: closed it counts from when it came, opened from then too, and the earlier end is its end. One that was tried since and
 * found good has time again, but not for ever.
 */
export function shelfAge(dates: ShelfDates, life: ShelfLife, nowMs: number): ShelfAge {
  const endOf = (fromMs: number | null, months: number | null): number =>
    fromMs === null || months === null ? Infinity : fromMs + months * MONTH_MS;
  const [closedEnd, openedEnd] = [endOf(dates.boughtAtMs, life.closedMonths), endOf(dates.openedAtMs, life.openedMonths)];
  const byLabel = Math.min(closedEnd, openedEnd);
  const by = openedEnd < closedEnd ? 'opened' : 'closed';
  if (byLabel === Infinity) return { state: 'good', endsMs: null, by };
  const end = dates.provedAtMs === null ? byLabel : Math.max(byLabel, dates.provedAtMs + PROVED_DAYS * DAY_MS);
  const state = nowMs >= end ? 'past' : nowMs >= end - SOON_DAYS * DAY_MS ? 'soon' : 'good';
  return { state, endsMs: Math.round(end), by };
}
