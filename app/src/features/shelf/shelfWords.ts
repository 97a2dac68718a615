import type { ShelfAge } from '@zinc-ladder/core/shelf/shelfLife';
import type { SupplyUnit } from '@zinc-ladder/core/shelf/supplyKinds';
import { localDay } from '@zinc-ladder/core/time/workingHours';
import type { Formats } from '../../base/formats';

/** An amount of a thing in its unit: `340 ml`, `2.5 pieces`, `1 pair`, `12 m`. */
export function amountText(amount: number, unit: SupplyUnit, formats: Formats): string {
  if (unit === 'ml') return formats.volume(amount);
  if (unit === 'metres') return runText(amount, formats);
  const shown = amountNumber(amount);
  return `${shown} ${shown === '1' ? UNIT_NAMES[unit].replace(/s$/u, '') : UNIT_NAMES[unit]}`;
}

/** A range of amounts, its unit once: `0.4 – 2.1 pieces`. */
export function amountRange(low: number, high: number, unit: SupplyUnit, formats: Formats): string {
  if (unit !== 'ml' && unit !== 'metres') return `${amountNumber(low)} – ${amountNumber(high)} ${UNIT_NAMES[unit]}`;
  const [from, to] = [amountText(low, unit, formats), amountText(high, unit, formats)];
  const suffix = / \D+$/u.exec(to)?.[0] ?? '';
  return `${from.endsWith(suffix) ? from.slice(0, -suffix.length) : from} – ${to}`;
}

/** A length off a roll, in the shop's units. */
function runText(metres: number, formats: Formats): string {
  if (metres > 0 && metres < 0.05) return `under ${formats.distance(0.1)}`;
  return formats.distance(metres < 10 ? Math.round(metres * 10) / 10 : Math.round(metres));
}

function amountNumber(amount: number): string {
  if (amount > 0 && amount < 0.05) return 'under 0.1';
  return String(Math.abs(amount) < 10 ? Math.round(amount * 10) / 10 : Math.round(amount));
}

/** What a unit is called beside a number. */
export const UNIT_NAMES: Readonly<Record<SupplyUnit, string>> = { pieces: 'pieces', pairs: 'pairs', metres: 'm', hours: 'h', ml: 'ml' };

/** By when to order, as one says it: `today`, `Thu 28 May`, `too late`. That day still counts as a whole. */
export function orderDayWords(atMs: number, nowMs: number, timeZone: string, formats: Formats): string {
  const [day, today] = [localDay(atMs, timeZone).date, localDay(nowMs, timeZone).date];
  return day < today ? 'too late' : day === today ? 'today' : formats.day(atMs);
}

/** Whether the day to order is over. */
export function isTooLate(atMs: number, nowMs: number, timeZone: string): boolean {
  return localDay(atMs, timeZone).date < localDay(nowMs, timeZone).date;
}

/** How old something is, in words; null: nothing to say of it. */
export function ageWords({ state, endsMs, by }: ShelfAge, formats: Formats): string | null {
  if (endsMs === null || state === 'good') return null;
  const since = by === 'opened' ? 'opened too long ago' : 'too old';
  return state === 'past' ? `past its time since ${formats.day(endsMs)}: ${since}` : `good until about ${formats.day(endsMs)}`;
}
