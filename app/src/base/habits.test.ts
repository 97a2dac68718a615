import { describe, expect, it } from 'vitest';
import { habitsOf } from './habits';

// Units by country are from memory; hour cycles are those of the Unicode CLDR, which Intl carries.
describe('what one is used to', () => {
  it.each([
    ['en-US', 'America/Chicago', 'us', '12'],
    ['en-US', 'America/Indiana/Tell_City', 'us', '12'],
    ['en-US', 'Pacific/Honolulu', 'us', '12'],
    // American English is many browsers' default: elsewhere it says nothing of inches.
    ['en-US', 'Europe/Copenhagen', 'metric', '24'],
    ['en-US', 'America/Mexico_City', 'metric', '24'],
    ['en-GB', 'America/New_York', 'metric', '24'],
    ['en-CA', 'America/Toronto', 'metric', '12'],
    ['en-AU', 'Australia/Sydney', 'metric', '12'],
    ['de-DE', 'Europe/Berlin', 'metric', '24'],
  ] as const)('%s in %s: %s, %s hours', (language, timeZone, units, hourCycle) => {
    expect(habitsOf(language, timeZone)).toEqual({ units, hourCycle });
  });
});
