import { IsInt, Max, Min } from 'class-validator';

/** Years 2000–2100: a moment outside was never meant. */
const EARLIEST_MS = Date.UTC(2000, 0, 1);
const LATEST_MS = Date.UTC(2100, 0, 1);

/** A moment in epoch milliseconds between 2000 and 2100. */
export function IsMoment(): PropertyDecorator {
  return (target, key) => {
    IsInt({ message: '$property must be a moment in whole milliseconds' })(target, key);
    Min(EARLIEST_MS, { message: '$property must not be before the year 2000' })(target, key);
    Max(LATEST_MS, { message: '$property must not be after the year 2100' })(target, key);
  };
}
