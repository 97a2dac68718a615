import type { AirTimeline } from '../../climate/airTimeline';
import { saturationPressureHpa } from '../../climate/saturationPressure';
import { gainsByDryer } from '../../cure/forcedDrying';
import { findMethod } from '../../ladder/methods';
import { localDay } from '../../time/workingHours';
import type { Objective } from '../problem/objective';
import { planOrder } from './planOrder';
import { planAsBefore, planShop } from '../shopPlan/planShop';
import type { ShopOutlook } from '../shopPlan/shopOutlook';
import { datesMet, shopOutlook } from '../shopPlan/shopOutlook';
import type { Certificate } from '../problem/problem';
import type { PlanProp, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { lastReady, timeToSpare } from '../shopPlan/timeToSpare';

/** Something that could be done about a plan. */
export type WhatIf =
  | { readonly kind: 'heater'; readonly celsius: number }
  | { readonly kind: 'evening'; readonly date: string; readonly startMinute: number; readonly endMinute: number }
  | { readonly kind: 'rack'; readonly places: number }
  | { readonly kind: 'sprayPlace' }
  | { readonly kind: 'leaveOut'; readonly rungId: string }
  /** a turn of filling and sanding fewer */
  | { readonly kind: 'leaveOutLoop'; readonly rungIds: readonly string[] }
  /** warm air after these coats, one rung of it each */
  | { readonly kind: 'dryer'; readonly rungIds: readonly string[]; readonly minutes: number }
  /** a scuff before a coat whose window cannot be met */
  | { readonly kind: 'scuff'; readonly beforeRungId: string; readonly minutes: number }
  /** hands and spraying stay so much longer, every day that has any */
  | { readonly kind: 'longer'; readonly minutes: number }
  /** a part's open ladder grown anew by another smoothing school */
  | { readonly kind: 'school'; readonly partId: string; readonly smoothing: string; readonly rungs: readonly PlanRung[] }
  | { readonly kind: 'thinner'; readonly rungIds: readonly string[]; readonly share: number };

/** What came of trying. */
export interface WhatIfOutcome {
  readonly whatIf: WhatIf;
  /** when all is ready by the plan made with it, epoch ms; null when something has no place */
  readonly readyMs: number | null;
  readonly unplaced: number;
  /** Σ hours late over the props, by that plan */
  readonly lateHours: number;
  readonly outlook: ShopOutlook | null;
  /** the order that was played, keys by rung: who takes the idea goes on from it */
  readonly order: Readonly<Record<string, number>>;
}

/** A heater keeps the shop at least this warm; its air is dried by warming, the water in it stays. */
const HEATER_CELSIUS = 20;
/** Share of its thickness a thinner coat keeps; guessed. */
const THINNER = 0.7;
/** Minutes of warm air after a thin coat; common practice. */
const DRYER_MINUTES = 5;
const SCUFF_MINUTES = 5;
/** More are not read. */
const MOST_IDEAS = 12;
const DAY_MS = 86_400_000;

/** What is worth trying in a shop: heat, one more evening, more places, a coat left out, thinner coats. */
export function suggestWhatIfs(input: ShopPlanInput): WhatIf[] {
  const found: WhatIf[] = [{ kind: 'heater', celsius: HEATER_CELSIUS }];
  const evening = nextFreeEvening(input);
  if (evening) found.push(evening);
  found.push({ kind: 'rack', places: 2 }, { kind: 'sprayPlace' });
  const open = input.parts.map((part) => part.rungs.filter((rung) => rung.status.kind === 'open'));
  for (const rungs of open) {
    const again = rungs.find((rung, place) => isSameCoat(rung, rungs[place - 1]) && isSameCoat(rung, rungs[place + 1]));
    if (again) found.push({ kind: 'leaveOut', rungId: again.id });
  }
  for (const rungs of open) {
    const loop = findLoop(rungs);
    if (loop) found.push({ kind: 'leaveOutLoop', rungIds: loop });
  }
  const thin = input.parts.flatMap((part) => thinCoats(part.rungs));
  if (thin.length > 0) found.push({ kind: 'dryer', rungIds: thin, minutes: DRYER_MINUTES });
  const coats = open.flat().filter((rung) => rung.film && rung.film.application === 'aerosol');
  if (coats.length > 0) found.push({ kind: 'thinner', rungIds: coats.map((rung) => rung.id), share: THINNER });
  return found.slice(0, MOST_IDEAS);
}

/** What is worth trying where something has no place: what its certificate asks for. */
export function suggestRemedies(unplaced: readonly Certificate[]): WhatIf[] {
  const found = new Map<string, WhatIf>();
  const add = (whatIf: WhatIf): unknown => found.set(JSON.stringify(whatIf), whatIf);
  for (const { taskId, cause } of unplaced) {
    if (cause.kind === 'noWindow') add({ kind: 'longer', minutes: roundUp(cause.neededMinutes - cause.longestMinutes) });
    if (cause.kind === 'tooMuch' && cause.resourceId === 'rack') add({ kind: 'rack', places: cause.needed - cause.capacity });
    if (cause.kind === 'tooMuch' && cause.resourceId === 'booth') add({ kind: 'sprayPlace' });
    if (cause.kind === 'windowCloses') {
      add({ kind: 'scuff', beforeRungId: taskId, minutes: SCUFF_MINUTES });
      add({ kind: 'longer', minutes: 60 });
    }
    if (cause.kind === 'neverReady') add({ kind: 'heater', celsius: HEATER_CELSIUS });
    if (cause.kind === 'beyondHorizon') add({ kind: 'longer', minutes: 60 });
  }
  return [...found.values()].slice(0, MOST_IDEAS);
}

/** To whole quarters of an hour, as hours are kept. */
function roundUp(minutes: number): number {
  return Math.max(15, Math.ceil(minutes / 15) * 15);
}

/** The last turn of a loop that comes at least twice on open rungs: a film and the sanding of it. */
function findLoop(rungs: readonly PlanRung[]): string[] | null {
  const turns: string[][] = [];
  rungs.forEach((rung, at) => {
    const next = rungs[at + 1];
    if (!rung.film || !next || !findMethod(next.methodId).roughens) return;
    const { methodId, film } = rung;
    const isAgain = rungs.slice(0, at).some((other) => other.methodId === methodId && other.film?.productId === film.productId);
    if (isAgain) turns.push([rung.id, next.id]);
  });
  return turns.at(-1) ?? null;
}

/** Open coats that warm air helps, where something of the part still waits for them. */
function thinCoats(rungs: readonly PlanRung[]): string[] {
  return rungs.flatMap((rung, at) => {
    const next = rungs[at + 1];
    const isWarmed = next?.methodId === 'warmDry';
    if (!rung.film || rung.status.kind !== 'open' || !next || isWarmed) return [];
    return findMethod(next.methodId).needs !== 'recoat' && gainsByDryer(rung.film.drying, rung.film.coatMicrometres) ? [rung.id] : [];
  });
}

/** The shop as it would be. */
export function applyWhatIf(input: ShopPlanInput, whatIf: WhatIf): ShopPlanInput {
  switch (whatIf.kind) {
    case 'heater':
      return { ...input, air: heated(input.air, whatIf.celsius) };
    case 'evening': {
      const { date, startMinute, endMinute } = whatIf;
      const spans = [...(input.exceptions.find((entry) => entry.date === date)?.spans ?? []), { startMinute, endMinute }];
      return { ...input, exceptions: [...input.exceptions.filter((entry) => entry.date !== date), { date, spans }] };
    }
    case 'rack':
      return { ...input, rackPlaces: input.rackPlaces + whatIf.places };
    case 'sprayPlace':
      return { ...input, boothPlaces: input.boothPlaces + 1 };
    case 'leaveOut':
      return changeRungs(input, (rung) => (rung.id === whatIf.rungId ? { ...rung, status: { kind: 'leftOut' } } : rung));
    case 'leaveOutLoop': {
      const out = new Set(whatIf.rungIds);
      return changeRungs(input, (rung) => (out.has(rung.id) ? { ...rung, status: { kind: 'leftOut' } } : rung));
    }
    case 'dryer': {
      const chosen = new Set(whatIf.rungIds);
      return addRungs(input, (rung) => (chosen.has(rung.id) ? [rung, extraRung(`${rung.id} dryer`, 'warmDry', whatIf.minutes)] : [rung]));
    }
    case 'scuff':
      return addRungs(input, (rung) =>
        rung.id === whatIf.beforeRungId ? [extraRung(`${rung.id} scuff`, 'scuff', whatIf.minutes), rung] : [rung],
      );
    case 'longer': {
      const longer = <Span extends { endMinute: number }>(span: Span): Span => ({
        ...span,
        endMinute: Math.min(1440, span.endMinute + whatIf.minutes),
      });
      return { ...input, hours: input.hours.map(longer), sprayHours: input.sprayHours.map(longer) };
    }
    case 'school':
      return {
        ...input,
        parts: input.parts.map((part) => (part.id === whatIf.partId ? { ...part, rungs: whatIf.rungs } : part)),
      };
    case 'thinner': {
      const chosen = new Set(whatIf.rungIds);
      return changeRungs(input, (rung) =>
        rung.film && chosen.has(rung.id)
          ? { ...rung, film: { ...rung.film, coatMicrometres: rung.film.coatMicrometres * whatIf.share } }
          : rung,
      );
    }
  }
}

/** How a what-if is tried. */
export interface WhatIfTrial {
  readonly objective: Objective;
  /** plays for the chance, and the seed of fortunes and search */
  readonly runs: number;
  readonly seed: number;
  /** the plan as it is: starts of hands by rung, epoch ms. The search begins from it, so that more room never looks worse by mere luck */
  readonly before?: Readonly<Record<string, number>>;
  /** the order it is played from, keys by rung */
  readonly orderBefore?: Readonly<Record<string, number>>;
}

/** Plans the shop as it would be, by the whole search, and plays it against the same fortunes as any other with this seed. */
export function tryWhatIf(input: ShopPlanInput, whatIf: WhatIf, trial: WhatIfTrial): WhatIfOutcome {
  const best = planAndPlay(applyWhatIf(input, whatIf), trial);
  if (!best) return { whatIf, readyMs: null, unplaced: 0, lateHours: 0, outlook: null, order: {} };
  const { plan, outlook } = best;
  const late = plan.props.map((prop) => timeToSpare(prop.readyMs, prop.dueMs)).filter((spare) => spare?.isLate);
  return {
    whatIf,
    readyMs: plan.unplaced.length > 0 ? null : lastReady(plan.props),
    unplaced: plan.unplaced.length,
    lateHours: late.reduce((sum, spare) => sum + (spare?.minutes ?? 0) / 60, 0),
    outlook,
    order: planOrder(plan),
  };
}

/**
 * What to count on for the shop as it is, if it is planned once more like every idea is: what ideas are measured by, so that the luck of
 * looking again is not taken for their gain. Null where it cannot be planned.
 */
export function planOnceMore(input: ShopPlanInput, trial: WhatIfTrial): ShopOutlook | null {
  return planAndPlay(input, trial)?.outlook ?? null;
}

/** By when four of five plays are ready with nothing changed, epoch ms: by the plan there is, or planned once more where that is sooner. */
export function unchangedP80Ms(now: ShopOutlook, onceMore: ShopOutlook | null): number {
  return Math.min(now.p80Ms, onceMore?.p80Ms ?? Infinity);
}

/** A plan that is better on paper can be worse against fortune: what follows from the plan there is stands beside what the search finds. */
function planAndPlay(input: ShopPlanInput, { objective, runs, seed, before = {}, orderBefore }: WhatIfTrial) {
  const options = { seed, objective, before, ...(orderBefore ? { orderBefore } : {}) };
  const plans = [planAsBefore(input, options), planShop(input, options)];
  const played = plans.flatMap((plan) => (plan.kind === 'faulty' ? [] : [{ plan, outlook: shopOutlook(input, plan, runs, seed) }]));
  const worth = ({ outlook }: { readonly outlook: ShopOutlook }): number =>
    objective === 'surest' ? (datesMet(outlook, input.props) ?? 0) : 0;
  return (
    played.sort((a, b) => a.plan.unplaced.length - b.plan.unplaced.length || worth(b) - worth(a) || a.outlook.p80Ms - b.outlook.p80Ms)[0] ??
    null
  );
}

/** What to count on with nothing changed where dates count: by the plan there is, or planned once more where that makes more dates sure. */
export function surestUnchanged(now: ShopOutlook, onceMore: ShopOutlook | null, props: Weighted): ShopOutlook {
  return onceMore && (datesMet(onceMore, props) ?? 0) > (datesMet(now, props) ?? 0) ? onceMore : now;
}

type Weighted = readonly Pick<PlanProp, 'id' | 'weight'>[];

/**
 * The share of weighted dates that is met with an idea, 0–1; null where nothing has a date or it was not played. An idea that only takes a
 * bound away leaves the plan there is possible, so it is never told as fewer than now.
 */
export function datesMetWith(
  { outlook, whatIf }: Pick<WhatIfOutcome, 'outlook' | 'whatIf'>,
  now: ShopOutlook,
  props: Weighted,
): number | null {
  const metNow = datesMet(now, props);
  const met = outlook && datesMet(outlook, props);
  if (metNow === null || met === null) return null;
  return LOOSENING.has(whatIf.kind) ? Math.max(met, metNow) : met;
}

/** Minutes by which four of five plays are ready sooner than now; negative: later, -Infinity where it was not played. */
export function gainedMinutes({ outlook, whatIf }: Pick<WhatIfOutcome, 'outlook'> & Partial<WhatIfOutcome>, p80Ms: number): number {
  if (!outlook) return Number.NEGATIVE_INFINITY;
  const gain = Math.round((p80Ms - outlook.p80Ms) / 60_000);
  return whatIf && LOOSENING.has(whatIf.kind) ? Math.max(0, gain) : gain;
}

/** Ideas that only take a bound away: the plan there is stays possible, so none of them makes it later, whatever a search came upon. */
const LOOSENING: ReadonlySet<WhatIf['kind']> = new Set<WhatIf['kind']>([
  'evening',
  'rack',
  'sprayPlace',
  'longer',
  'leaveOut',
  'leaveOutLoop',
]);

/** Dates are told apart by whole per cent; less is luck. */
const POINT = 0.01;

/** What gives more rungs a place first, then what makes more dates sure, then what gains most time. */
export function rankOutcomes(outcomes: readonly WhatIfOutcome[], p80Ms: number, now: ShopOutlook, props: Weighted): WhatIfOutcome[] {
  const points = (outcome: WhatIfOutcome): number => Math.round((datesMetWith(outcome, now, props) ?? 0) / POINT);
  return outcomes.toSorted((a, b) => a.unplaced - b.unplaced || points(b) - points(a) || gainedMinutes(b, p80Ms) - gainedMinutes(a, p80Ms));
}

/** The first day of the next week on which hands have no hours yet; nine to five at a weekend, else the evening. */
function nextFreeEvening(input: ShopPlanInput): Extract<WhatIf, { kind: 'evening' }> | null {
  for (let day = 0; day < 8; day += 1) {
    const { date, weekday } = localDay(input.nowMs + day * DAY_MS, input.timeZone);
    const exception = input.exceptions.find((entry) => entry.date === date);
    const spans = exception?.spans ?? input.hours.filter((span) => span.weekday === weekday);
    if (spans.length > 0 || (day === 0 && exception)) continue;
    const isWeekend = weekday > 5;
    return { kind: 'evening', date, startMinute: (isWeekend ? 9 : 18.5) * 60, endMinute: (isWeekend ? 17 : 22) * 60 };
  }
  return null;
}

function isSameCoat(rung: PlanRung, other: PlanRung | undefined): boolean {
  return rung.film !== null && other?.film?.productId === rung.film.productId && other.methodId === rung.methodId;
}

/** Air warmed to at least so many degrees, the water in it unchanged: humidity falls as the saturation pressure rises. */
function heated(air: AirTimeline, celsius: number): AirTimeline {
  const warm = (temperature: number, humidity: number): { temperature: number; humidity: number } =>
    temperature >= celsius
      ? { temperature, humidity }
      : { temperature: celsius, humidity: Math.max(1, (humidity * saturationPressureHpa(temperature)) / saturationPressureHpa(celsius)) };
  const { typicalDay } = air;
  const mean = warm(typicalDay.meanCelsius, typicalDay.meanHumidityPercent);
  return {
    ...air,
    samples: air.samples.map((sample) => {
      const { temperature, humidity } = warm(sample.temperatureCelsius, sample.relativeHumidityPercent);
      return { ...sample, temperatureCelsius: temperature, relativeHumidityPercent: humidity };
    }),
    typicalDay:
      typicalDay.meanCelsius - typicalDay.swingCelsius >= celsius
        ? typicalDay
        : {
            ...typicalDay,
            meanCelsius: Math.max(celsius, mean.temperature),
            swingCelsius: 0,
            meanHumidityPercent: mean.humidity,
            swingHumidityPercent: 0,
          },
  };
}

/** A rung that is only tried; made real it is kept with an id of its own. */
function extraRung(id: string, methodId: string, minutes: number): PlanRung {
  return {
    id,
    name: findMethod(methodId).name,
    methodId,
    minutes,
    side: 'all',
    film: null,
    notBeforeMs: null,
    hardRungId: null,
    lockedAtMs: null,
    cautions: findMethod(methodId).cautions,
    personId: null,
    status: { kind: 'open' },
  };
}

function addRungs(input: ShopPlanInput, grow: (rung: PlanRung) => readonly PlanRung[]): ShopPlanInput {
  return { ...input, parts: input.parts.map((part) => ({ ...part, rungs: part.rungs.flatMap(grow) })) };
}

function changeRungs(input: ShopPlanInput, change: (rung: PlanRung) => PlanRung): ShopPlanInput {
  return { ...input, parts: input.parts.map((part) => ({ ...part, rungs: part.rungs.map(change) })) };
}
