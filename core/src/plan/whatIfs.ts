import type { AirTimeline } from '../climate/airTimeline';
import { saturationPressureHpa } from '../climate/saturationPressure';
import { localDay } from '../time/workingHours';
import type { Objective } from './objective';
import { planShop } from './planShop';
import type { ShopOutlook } from './shopOutlook';
import { shopOutlook } from './shopOutlook';
import type { PlanRung, ShopPlanInput } from './shopPlanInput';
import { lastReady, timeToSpare } from './timeToSpare';

/** Something that could be done about a plan. */
export type WhatIf =
  | { readonly kind: 'heater'; readonly celsius: number }
  | { readonly kind: 'evening'; readonly date: string; readonly startMinute: number; readonly endMinute: number }
  | { readonly kind: 'rack'; readonly places: number }
  | { readonly kind: 'sprayPlace' }
  | { readonly kind: 'leaveOut'; readonly rungId: string }
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
}

/** A heater keeps the shop at least this warm; its air is dried by warming, the water in it stays. */
const HEATER_CELSIUS = 20;
/** Share of its thickness a thinner coat keeps; guessed. */
const THINNER = 0.7;
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
  const coats = open.flat().filter((rung) => rung.film && rung.film.application === 'aerosol');
  if (coats.length > 0) found.push({ kind: 'thinner', rungIds: coats.map((rung) => rung.id), share: THINNER });
  return found.slice(0, 10);
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

/** Plans the shop as it would be, by the whole search, and plays it against the same fortunes as any other with this seed. */
export function tryWhatIf(input: ShopPlanInput, whatIf: WhatIf, objective: Objective, runs: number, seed: number): WhatIfOutcome {
  const changed = applyWhatIf(input, whatIf);
  const plan = planShop(changed, { seed, objective });
  if (plan.kind === 'faulty') return { whatIf, readyMs: null, unplaced: 0, lateHours: 0, outlook: null };
  const late = plan.props.map((prop) => timeToSpare(prop.readyMs, prop.dueMs)).filter((spare) => spare?.isLate);
  return {
    whatIf,
    readyMs: plan.unplaced.length > 0 ? null : lastReady(plan.props),
    unplaced: plan.unplaced.length,
    lateHours: late.reduce((sum, spare) => sum + (spare?.minutes ?? 0) / 60, 0),
    outlook: shopOutlook(changed, plan, runs, seed),
  };
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

function changeRungs(input: ShopPlanInput, change: (rung: PlanRung) => PlanRung): ShopPlanInput {
  return { ...input, parts: input.parts.map((part) => ({ ...part, rungs: part.rungs.map(change) })) };
}
