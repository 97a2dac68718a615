import { IsInt, Max, Min } from 'class-validator';
import { EARLIEST_MS, LATEST_MS } from './momentBounds';

const named = new Set<string>();

/** Names of all fields that are moments, of the records that are loaded. */
export const MOMENT_FIELDS: ReadonlySet<string> = named;

/** A moment in epoch milliseconds between 2000 and 2100. */
export function IsMoment(): PropertyDecorator {
  return (target, key) => {
    named.add(String(key));
    IsInt({ message: '$property must be a moment in whole milliseconds' })(target, key);
    Min(EARLIEST_MS, { message: '$property must not be before the year 2000' })(target, key);
    Max(LATEST_MS, { message: '$property must not be after the year 2100' })(target, key);
  };
}
