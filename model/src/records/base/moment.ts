import { IsInt, Max, Min } from 'class-validator';
import { EARLIEST_MS, LATEST_MS } from './momentBounds';

/** A moment in epoch milliseconds between 2000 and 2100. */
export function IsMoment(): PropertyDecorator {
  return (target, key) => {
    IsInt({ message: '$property must be a moment in whole milliseconds' })(target, key);
    Min(EARLIEST_MS, { message: '$property must not be before the year 2000' })(target, key);
    Max(LATEST_MS, { message: '$property must not be after the year 2100' })(target, key);
  };
}
