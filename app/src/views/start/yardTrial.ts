import { dayBetween } from '@zinc-ladder/core/climate/typicalDay';
import type { TypicalDayValues } from '@zinc-ladder/model/records/shop/shop';
import { readTrial } from '../../ui/fields/NumberBox';

/** What a newcomer types of the air out of doors, metric. */
export interface YardTrial {
  readonly lowest: string;
  readonly highest: string;
  readonly humidity: string;
}

export const NOTHING_TYPED: YardTrial = { lowest: '', highest: '', humidity: '' };

export const YARD_FIELDS = [
  { key: 'lowest', label: 'Lowest, °C', min: -40, max: 50 },
  { key: 'highest', label: 'Highest, °C', min: -40, max: 50 },
  { key: 'humidity', label: 'Humidity, %', min: 1, max: 100 },
] as const;

/** No day is known to go further from its coldest to its warmest hour, K; a shop keeps none that does. */
const MOST_APART = 50;

/** The day that was typed; null where nothing was, undefined while it is none. */
export function readYardTrial(trial: YardTrial): TypicalDayValues | null | undefined {
  if (YARD_FIELDS.every(({ key }) => trial[key].trim() === '')) return null;
  const [lowest, highest, humidity] = YARD_FIELDS.map(({ key, min, max }) => readTrial(trial[key], min, max));
  if (lowest == null || highest == null || humidity == null || Math.abs(highest - lowest) > MOST_APART) return undefined;
  return dayBetween(lowest, highest, humidity);
}
