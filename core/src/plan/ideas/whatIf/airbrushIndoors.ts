import { isOutCalendar } from '../../shop/shopCalendars';
import type { ShopPlanInput } from '../../shop/shopPlanInput';
import { sprayPlace } from '../../shop/sprayPlace';
import { openLadders } from './rungsOfInput';
import type { WhatIf, WhatIfEntry } from './whatIf';

const AIRBRUSH_INDOORS: WhatIf<'airbrushIndoors'> = { kind: 'airbrushIndoors' };

/** The airbrush comes in from out of doors; cans stay there. */
export const airbrushIndoors: WhatIfEntry<'airbrushIndoors'> = {
  // The shop's air may be the worse of the two.
  isLoosening: false,
  suggest: (input) => (input.yardAir && airbrushedOutside(input).size > 0 ? [AIRBRUSH_INDOORS] : []),
  remedy: ({ taskId, cause }, input) =>
    input.yardAir && cause.kind === 'noWindow' && isOutCalendar(cause.calendarId) && airbrushedOutside(input).has(taskId)
      ? AIRBRUSH_INDOORS
      : null,
  apply: (input) => ({ ...input, airbrushesInside: true }),
  words: () => 'The airbrush in the shop, its mist drawn off; cans stay out of doors',
};

/** Open rungs that are sprayed out of doors and would come in with the airbrush. */
function airbrushedOutside(input: ShopPlanInput): Set<string> {
  const inside = { airbrushesInside: true };
  const outside = openLadders(input)
    .flat()
    .filter(({ methodId, film }) => {
      const application = film?.application ?? null;
      return sprayPlace(input, methodId, application) === 'out' && sprayPlace(inside, methodId, application) === 'in';
    });
  return new Set(outside.map(({ id }) => id));
}
