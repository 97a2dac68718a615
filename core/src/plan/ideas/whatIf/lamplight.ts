import { isOutCalendar } from '../../shop/shopCalendars';
import type { WhatIf, WhatIfEntry } from './whatIf';

const LAMPLIGHT: WhatIf<'lamplight'> = { kind: 'lamplight' };

/** Spraying does not end with daylight: a lamp out of doors, or a booth that has one. */
export const lamplight: WhatIfEntry<'lamplight'> = {
  isLoosening: true,
  suggest: (input) => (input.daylightAt ? [LAMPLIGHT] : []),
  remedy: ({ cause }, input) => (input.daylightAt && cause.kind === 'noWindow' && isOutCalendar(cause.calendarId) ? LAMPLIGHT : null),
  apply: (input) => ({ ...input, daylightAt: null }),
  words: () => 'Spraying by lamplight, after dark too',
};
