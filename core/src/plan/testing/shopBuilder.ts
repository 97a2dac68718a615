import { buildAirTimeline } from '../../climate/airTimeline';
import { USUAL_SPRAY_LIMITS } from '../../climate/sprayVerdict';
import { filmOfClass } from '../shop/filmOfClass';
import type { PlanPart, PlanPerson, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';

/** When the shops of tests begin. */
export const NOW = Date.parse('2026-05-28T08:00:00Z');
/** Milliseconds of a minute. */
export const MINUTE = 60_000;
/** Hours of a shop that never closes. */
export const ALWAYS = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 0, endMinute: 1440 }));

/** The film of a class, by the short name that tests know. */
export const film = filmOfClass;
/** A rung of ten minutes, with what a test changes of it. */
export function rung(id: string, methodId: string, change: Partial<PlanRung> & { classId?: string } = {}): PlanRung {
  const { classId, ...rest } = change;
  return {
    id,
    name: id,
    methodId,
    minutes: 10,
    side: 'all',
    film: classId ? filmOfClass(classId) : null,
    notBeforeMs: null,
    hardRungId: null,
    lockedAtMs: null,
    cautions: [],
    personId: null,
    status: { kind: 'open' },
    ...rest,
  };
}
/** Somebody with the shop's hours who does everything, with what a test changes. */
export function person(id: string, change: Partial<PlanPerson> = {}): PlanPerson {
  return { id, name: id, hours: null, exceptions: [], busy: [], refuses: [], ...change };
}
/** So many persons alike. */
export function pairs(count: number): PlanPerson[] {
  return Array.from({ length: count }, (_, nth) => person(`p${nth + 1}`));
}
/** A part of one prop. */
export function part(id: string, rungs: readonly PlanRung[], rackPlaces = 1): PlanPart {
  return { id, propId: 'prop', name: id, rackPlaces, pieces: 1, print: null, rungs };
}
/** A shop in label air (23 °C, 50 %), open day and night. */
export function shop(parts: readonly PlanPart[], change: Partial<ShopPlanInput> = {}): ShopPlanInput {
  return {
    nowMs: NOW,
    timeZone: 'UTC',
    hours: ALWAYS,
    exceptions: [],
    busy: [],
    daylightAt: null,
    sprayHours: ALWAYS,
    quietHours: [],
    sprayLimits: USUAL_SPRAY_LIMITS,
    yardAir: null,
    airbrushesInside: false,
    air: buildAirTimeline([], [], {
      meanCelsius: 23,
      swingCelsius: 0,
      warmestHour: 15,
      meanHumidityPercent: 50,
      swingHumidityPercent: 0,
      utcOffsetMinutes: 0,
    }),
    goesByOwnPace: false,
    ownPace: {},
    persons: [],
    boothPlaces: 1,
    rackPlaces: 8,
    printers: 1,
    props: [{ id: 'prop', name: 'prop', dueMs: null, weight: 1 }],
    parts,
    joins: [],
    ...change,
  };
}
