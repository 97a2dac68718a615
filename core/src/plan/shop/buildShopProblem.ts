import type { CureTables } from '../../cure/cureTables';
import { createCureTables } from '../../cure/cureTables';
import { findMethod } from '../../ladder/methods';
import type { Interval } from '../../time/interval';
import { expandWorkingHours } from '../../time/workingHours';
import { buildJoinArcs } from './joinArcs';
import { gatherClocks } from './gatherClocks';
import { buildLadderArcs, wetDepths } from './ladderArcs';
import { atOwnPace } from './ownMinutes';
import { bedsAtOnce, PRINTERS, printPart } from './partPrints';
import type { SessionShare } from './sessionFamilies';
import { sessionShare } from './sessionFamilies';
import type { Family, Hold, PlanArc, PlanProblem, PlanTask, Tool } from '../problem/problem';
import type { SprayLimits } from '../../climate/sprayVerdict';
import { LayCalendars } from './layCalendars';
import { AIRBRUSHING, HANDS, LOUD, SPRAYING } from './shopCalendars';
import { NOBODY, personResource, ShopHands } from './shopHands';
import type { PlanPart, PlanProp, PlanRung, ShopPlanInput } from './shopPlanInput';
import { RACK, rackHolds } from './rackHolds';
import { withSharedRungs } from './sharedRungs';
import { sprayHoursUntil } from './sprayHours';
import { sprayPlace } from './sprayPlace';

/** Name of the spray place within a shop's problem; hands have the name of their calendar. */
export const BOOTH = 'booth';

const DAY_MS = 86_400_000;
/** How far ahead is planned unless told otherwise: enough for what most shops have in work. */
export const USUAL_HORIZON_DAYS = 45;
/**
 * Clock tables reach this far behind and ahead of now. Before that the mean of their first day holds, after it their last day comes again.
 * Forecasts end well before.
 */
const TABLE_DAYS_BEHIND = 10;
const TABLE_DAYS_AHEAD = 8;
/** Work that may be set down is taken up for no shorter than this (guessed; the bench allows any). */
const LEAST_CHUNK_MINUTES = 10;

/** The shop's problem with the windows it was made from, epoch ms. */
export interface ShopProblem {
  readonly problem: PlanProblem;
  /** of its calendars, those the air has a say in: what it must keep in them, by calendar id */
  readonly airLimits: ReadonlyMap<string, SprayLimits>;
  readonly tables: CureTables;
  /** hours in which anybody is there, and each */
  readonly handsWindows: readonly Interval[];
  readonly handsByPerson: ShopHands['byPerson'];
  readonly sprayWindows: readonly Interval[];
  /** of an airbrush that stays inside; null: it goes where the cans go */
  readonly airbrushWindows: readonly Interval[] | null;
}

/**
 * Ladders, hours, air and places as the planner's one problem type, in epoch minutes.
 *
 * @param horizonDays how far ahead windows are worked out
 */
export function buildShopProblem(asked: ShopPlanInput, horizonDays = USUAL_HORIZON_DAYS): ShopProblem {
  const input = atOwnPace(asked);
  const fromMinute = Math.ceil(input.nowMs / 60_000);
  const horizonMs = input.nowMs + horizonDays * DAY_MS;
  const { windows: sprayWindows } = sprayHoursUntil(input, horizonMs);
  const airbrushWindows = input.airbrushesInside ? sprayHoursUntil(input, horizonMs, 'in').windows : null;
  const quiet = expandWorkingHours(input.quietHours, [], input.timeZone, input.nowMs, horizonMs);
  const tables = createCureTables(input.air, input.nowMs - TABLE_DAYS_BEHIND * DAY_MS, input.nowMs + TABLE_DAYS_AHEAD * DAY_MS);
  const props = new Map(input.props.map((prop) => [prop.id, prop]));
  const hands = new ShopHands(input, { quiet, sprayWindows, airbrushWindows }, horizonMs);
  const shared = [HANDS, LOUD, SPRAYING, ...(airbrushWindows ? [AIRBRUSHING] : [])].map((kind) => hands.calendarOf(kind, input.persons));
  const calendars = new LayCalendars(input, tables, shared);
  const arcs: PlanArc[] = [];
  const tasks: PlanTask[] = [];
  const tools = new Map<string, Tool>();
  const families = new Map<string, Family>();
  const climbed = new Map(withSharedRungs(input.parts, input.joins).map((part) => [part.id, part]));
  for (const part of climbed.values()) arcs.push(...buildLadderArcs(part, tables));
  for (const part of input.parts) {
    const printing = printPart(part, props.get(part.propId), input);
    tasks.push(...printing.tasks);
    arcs.push(...printing.arcs);
    const depths = wetDepths(part, tables);
    for (const rung of part.rungs) {
      if (rung.status.kind === 'leftOut') continue;
      const share = sessionShare(rung, findMethod(rung.methodId), input);
      if (share) {
        tools.set(share.tool.id, share.tool);
        families.set(share.family.id, share.family);
      }
      const holds = rackHolds(rung, part, depths.get(rung.id), tables);
      tasks.push(buildTask(rung, part, props.get(part.propId), { holds, share, calendars, hands, input }));
    }
  }
  for (const join of input.joins) arcs.push(...buildJoinArcs(join, climbed, tables));
  return {
    problem: {
      fromMinute,
      horizonMinute: Math.floor(horizonMs / 60_000),
      resources: [
        { id: HANDS, name: 'hands', capacity: hands.count },
        ...input.persons.map(({ id, name }) => ({ id: personResource(id), name, capacity: 1 })),
        ...(input.persons.length > 0 ? [{ id: NOBODY, name: 'somebody who does this', capacity: 0 }] : []),
        { id: BOOTH, name: 'spray place', capacity: input.boothPlaces },
        { id: RACK, name: 'rack', capacity: input.rackPlaces },
        { id: PRINTERS, name: 'printers', capacity: bedsAtOnce(input) },
      ],
      calendars: calendars.list().map(({ id, name, windows }) => ({ id, name, windows })),
      clocks: gatherClocks(
        input.parts.flatMap(({ rungs }) => rungs),
        tables,
        fromMinute,
      ),
      tools: [...tools.values()],
      families: [...families.values()],
      tasks,
      arcs,
    },
    airLimits: new Map(calendars.list().flatMap(({ id, limits }) => (limits ? [[id, limits]] : []))),
    tables,
    handsWindows: hands.windows,
    handsByPerson: hands.byPerson,
    sprayWindows,
    airbrushWindows,
  };
}

interface TaskSetting {
  readonly holds: readonly Hold[];
  readonly share: SessionShare | null;
  readonly calendars: LayCalendars;
  readonly hands: ShopHands;
  readonly input: Pick<ShopPlanInput, 'nowMs' | 'airbrushesInside'>;
}

function buildTask(rung: PlanRung, part: PlanPart, prop: PlanProp | undefined, setting: TaskSetting): PlanTask {
  const { holds, share, calendars, hands, input } = setting;
  const { nowMs } = input;
  const method = findMethod(rung.methodId);
  const worked = rung.status.kind === 'begun' ? rung.status.workedMinutes : 0;
  // Of what is done the moment counts, not its minute: a clock that runs from it must say what every other says.
  const end = rung.status.kind === 'done' ? rung.status.endMs / 60_000 : null;
  const minutes = share?.ownMinutes ?? Math.max(rung.status.kind === 'begun' ? 1 : 0, Math.round(rung.minutes - worked));
  const lockedAt = lockOf(rung, nowMs) === null ? null : Math.round((rung.lockedAtMs ?? 0) / 60_000) + (share?.family.setupMinutes ?? 0);
  const fixed = end !== null ? { start: end, end } : lockedAt !== null ? { start: lockedAt, end: lockedAt + minutes } : null;
  const place = sprayPlace(input, rung.methodId, rung.film?.application ?? null);
  const kind = method.isSprayed ? (place === 'out' ? SPRAYING : AIRBRUSHING) : method.isLoud ? LOUD : HANDS;
  const { demands, calendarId, doers } = hands.share(rung, kind, (calendar) => calendars.idFor(rung, calendar), fixed);
  return {
    id: rung.id,
    name: `${part.name}: ${rung.name}`,
    minutes,
    familyId: share?.family.id ?? null,
    calendarId,
    ...(doers.length > 0 && { doers }),
    demands: [...demands, ...(method.isSprayed ? [{ resourceId: BOOTH, amount: 1 }] : [])],
    holds,
    leastChunkMinutes: method.isSplittable ? Math.min(LEAST_CHUNK_MINUTES, Math.max(1, rung.minutes)) : null,
    notBeforeMinute: rung.notBeforeMs === null ? null : Math.ceil(rung.notBeforeMs / 60_000),
    ...(rung.isAwaited ? { isAwaited: true } : {}),
    groupId: part.propId,
    dueMinute: prop?.dueMs == null ? null : Math.floor(prop.dueMs / 60_000),
    weight: prop?.weight ?? 1,
    isUnderWay: rung.status.kind === 'begun' && rung.status.isInHand,
    fixed,
  };
}

/** The time a rung is locked to; a lock that has passed holds no more. */
export function lockOf({ status, lockedAtMs }: PlanRung, nowMs: number): number | null {
  return status.kind === 'open' && lockedAtMs !== null && lockedAtMs >= nowMs ? lockedAtMs : null;
}
