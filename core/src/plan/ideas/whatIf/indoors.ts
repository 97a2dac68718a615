import { isOutCalendar } from '../../shop/shopCalendars';
import type { WhatIf, WhatIfEntry } from './whatIf';

const INDOORS: WhatIf<'indoors'> = { kind: 'indoors' };

/** It is sprayed in the shop, in its air and by its lamps, instead of out of doors. */
export const indoors: WhatIfEntry<'indoors'> = {
  // The shop's air may be the worse of the two.
  isLoosening: false,
  suggest: (input) => (input.yardAir ? [INDOORS] : []),
  remedy: ({ cause }, input) => (input.yardAir && cause.kind === 'noWindow' && isOutCalendar(cause.calendarId) ? INDOORS : null),
  apply: (input) => ({ ...input, yardAir: null, daylightAt: null }),
  words: () => 'Spraying in the shop, its fumes drawn off',
};
