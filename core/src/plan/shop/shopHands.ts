import type { WorkKindId } from '../../ladder/workKinds';
import { workKindsOf } from '../../ladder/workKinds';
import { findMethod } from '../../ladder/methods';
import type { Interval } from '../../time/interval';
import { intersectIntervals, mergeIntervals, withoutIntervals } from '../../time/interval';
import type { DayException } from '../../time/workingHours';
import { expandWorkingHours } from '../../time/workingHours';
import type { AirCalendar } from './layCalendars';
import { wholeMinutes } from './layCalendars';
import type { Demand, Doer } from '../problem/problem';
import { AIRBRUSHING, HANDS, LOUD, personalId, SPRAYING } from './shopCalendars';
import type { PlanPerson, PlanRung, ShopPlanInput } from './shopPlanInput';

/** Resource of work that nobody in the shop does; its capacity is zero. */
export const NOBODY = 'nobody';

/** What the shop's hours are cut by for some work. */
export interface HandsLimits {
  /** when power tools rest, epoch ms */
  readonly quiet: readonly Interval[];
  /** when spraying is possible, epoch ms */
  readonly sprayWindows: readonly Interval[];
  /** when an airbrush that stays inside can be used, epoch ms; null: it goes where the cans go */
  readonly airbrushWindows: readonly Interval[] | null;
}

/** Who does a task: what it demands, the calendar it goes by, and whom there is to choose from. */
export interface WorkShare {
  readonly demands: readonly Demand[];
  readonly calendarId: string;
  readonly doers: readonly Doer[];
}

/** Resource of a person in a problem. */
export function personResource(personId: string): string {
  return `person ${personId}`;
}

/** The person of a resource; null where it is none. */
export function personOfResource(resourceId: string | undefined): string | null {
  return resourceId?.startsWith('person ') ? resourceId.slice('person '.length) : null;
}

/** Whether a person can do a rung: they do that kind of work, and the rung is not assigned to someone else. */
export function canDo(
  person: Pick<PlanPerson, 'id' | 'refuses'>,
  rung: Pick<PlanRung, 'methodId' | 'film' | 'cautions' | 'personId' | 'status'>,
): boolean {
  // What is in hand is in somebody's hands.
  if (rung.status.kind === 'begun' && rung.status.isInHand && rung.status.doerId !== null) return rung.status.doerId === person.id;
  if (rung.personId !== null) return rung.personId === person.id;
  const method = findMethod(rung.methodId);
  const asked = workKindsOf({ method, dryingKind: method.laysFilm ? (rung.film?.drying.kind ?? null) : null, cautions: rung.cautions });
  return !asked.some((kind: WorkKindId) => person.refuses.includes(kind));
}

/** When somebody has hands between two moments, epoch ms: own hours or the shop's, own dates before the shop's, without appointments. */
function personHours(person: PlanPerson, input: ShopHours, fromMs: number, untilMs: number): Interval[] {
  const dates = new Set(person.exceptions.map(({ date }) => date));
  const shared: readonly DayException[] = person.hours === null ? input.exceptions.filter(({ date }) => !dates.has(date)) : [];
  const open = expandWorkingHours(person.hours ?? input.hours, [...shared, ...person.exceptions], input.timeZone, fromMs, untilMs);
  // The shop's appointments are those of whoever keeps its hours.
  return withoutIntervals(open, mergeIntervals(person.hours === null ? [...input.busy, ...person.busy] : person.busy));
}

type ShopHours = Pick<ShopPlanInput, 'hours' | 'exceptions' | 'busy' | 'timeZone'>;

/** When each person has hands; with no persons named, the shop's one finisher, with no id. */
export function handsByPerson(
  input: ShopHours & Pick<ShopPlanInput, 'persons'>,
  fromMs: number,
  untilMs: number,
): { readonly personId: string | null; readonly windows: Interval[] }[] {
  if (input.persons.length === 0) {
    const open = expandWorkingHours(input.hours, input.exceptions, input.timeZone, fromMs, untilMs);
    return [{ personId: null, windows: withoutIntervals(open, input.busy) }];
  }
  return input.persons.map((person) => ({ personId: person.id, windows: personHours(person, input, fromMs, untilMs) }));
}

/** Whose hands there are in a shop, and the calendars of those who can share a piece of work. */
export class ShopHands {
  /** hours in which anybody is there */
  readonly windows: readonly Interval[];
  readonly byPerson: readonly { readonly personId: string | null; readonly windows: readonly Interval[] }[];
  private readonly made = new Map<string, AirCalendar>();
  /** those who can do a rung, by what decides it */
  private readonly able = new Map<string, readonly PlanPerson[]>();
  /** times each person is settled for */
  private readonly settled = new Map<string, Interval[]>();

  constructor(
    private readonly input: ShopPlanInput,
    private readonly limits: HandsLimits,
    untilMs: number,
  ) {
    this.byPerson = handsByPerson(input, input.nowMs, untilMs);
    this.windows = mergeIntervals(this.byPerson.flatMap(({ windows }) => windows));
    const now = input.nowMs / 60_000;
    for (const { minutes, status } of input.parts.flatMap(({ rungs }) => rungs))
      if (status.kind === 'begun' && status.isInHand && status.doerId !== null)
        this.settle(status.doerId, { start: now, end: now + Math.max(1, minutes - status.workedMinutes) });
  }

  /** How many can work at once. */
  get count(): number {
    return this.byPerson.length;
  }

  /** Those who can do a rung, who does the least kinds of work first: what others can do too is left to them. */
  ableTo(rung: PlanRung): readonly PlanPerson[] {
    const holder = rung.status.kind === 'begun' && rung.status.isInHand ? rung.status.doerId : null;
    const key = [rung.methodId, rung.film?.drying.kind, rung.personId, holder, ...rung.cautions].join(' ');
    const known = this.able.get(key);
    if (known) return known;
    const able = this.input.persons.filter((person) => canDo(person, rung)).sort((a, b) => b.refuses.length - a.refuses.length);
    this.able.set(key, able);
    return able;
  }

  /** The calendar of a kind of work for some of the shop's persons; for all, where none is named. */
  calendarOf(kind: string, persons: readonly PlanPerson[]): AirCalendar {
    const isAll = persons.length === this.input.persons.length;
    const ids = persons.map(({ id }) => id).sort();
    const id = isAll ? kind : personalId(kind, ids);
    const known = this.made.get(id);
    if (known) return known;
    const own = isAll
      ? this.windows
      : mergeIntervals(this.byPerson.flatMap(({ personId, windows }) => (ids.includes(personId ?? '') ? windows : [])));
    const sprayed = kind === SPRAYING ? this.limits.sprayWindows : kind === AIRBRUSHING ? this.limits.airbrushWindows : null;
    const hours = sprayed ? intersectIntervals(own, sprayed) : kind === LOUD ? withoutIntervals(own, this.limits.quiet) : own;
    const whose = isAll ? 'hands' : `hands of ${persons.map(({ name }) => name).join(' or ')}`;
    const name = sprayed ? `${whose} and spraying` : kind === LOUD ? `${whose} outside quiet hours` : whose;
    const made = { id, name, hours, windows: wholeMinutes(hours), limits: sprayed ? this.input.sprayLimits : null };
    this.made.set(id, made);
    return made;
  }

  /**
   * Who does a rung.
   *
   * @param kind name of the calendar its work goes by
   * @param calendarFor the calendar as the rung's product narrows it, by id
   * @param settled the time it has already, minutes: who is there then and able has it; null: it is planned
   */
  share(rung: PlanRung, kind: string, calendarFor: (calendar: AirCalendar) => string, settled: Interval | null): WorkShare {
    const hands: Demand = { resourceId: HANDS, amount: 1 };
    const { persons } = this.input;
    const isFact = settled !== null && settled.end * 60_000 <= this.input.nowMs;
    if (isFact) return { demands: [hands], calendarId: kind, doers: [] };
    if (persons.length === 0) return { demands: [hands], calendarId: calendarFor(this.calendarOf(kind, [])), doers: [] };
    const able = this.ableTo(rung);
    const [only] = able.length === 1 || settled ? [this.thereAt(able, settled) ?? able[0]] : [];
    if (able.length === 0) {
      const calendarId = calendarFor(this.calendarOf(kind, persons));
      return { demands: [hands, { resourceId: NOBODY, amount: 1 }], calendarId, doers: [] };
    }
    if (only)
      return {
        demands: [hands, { resourceId: personResource(only.id), amount: 1 }],
        calendarId: calendarFor(this.calendarOf(kind, [only])),
        doers: [],
      };
    return {
      demands: [hands],
      calendarId: calendarFor(this.calendarOf(kind, able)),
      doers: able.map((person) => ({
        resourceId: personResource(person.id),
        calendarId: calendarFor(this.calendarOf(kind, [person])),
      })),
    };
  }

  /** The first of some persons who has hands throughout a time and no other settled work in it. */
  private thereAt(persons: readonly PlanPerson[], settled: Interval | null): PlanPerson | undefined {
    if (!settled) return undefined;
    const startMs = settled.start * 60_000;
    const endMs = settled.end * 60_000;
    const isThere = (person: PlanPerson): boolean =>
      this.byPerson.some(
        ({ personId, windows }) => personId === person.id && windows.some(({ start, end }) => start <= startMs && endMs <= end),
      ) && !(this.settled.get(person.id) ?? []).some(({ start, end }) => start < settled.end && settled.start < end);
    const found = persons.find(isThere);
    if (found) this.settle(found.id, settled);
    return found;
  }

  private settle(personId: string, time: Interval): void {
    this.settled.set(personId, [...(this.settled.get(personId) ?? []), time]);
  }
}
