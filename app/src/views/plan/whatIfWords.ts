import type { WhatIf } from '@zinc-ladder/core/plan/whatIfs';
import { writeDayMinutes } from '../../ui/dayMinutes';
import type { Formats } from '../../ui/useFormats';

/** A what-if in words. */
export function whatIfWords(whatIf: WhatIf, rungTitle: (id: string) => string, formats: Formats): string {
  switch (whatIf.kind) {
    case 'heater':
      return `A heater to ${formats.temperature(whatIf.celsius)}`;
    case 'evening': {
      const noon = Date.parse(`${whatIf.date}T12:00:00Z`);
      return `Hands on ${formats.day(noon)}, ${writeDayMinutes(whatIf.startMinute)}–${writeDayMinutes(whatIf.endMinute)}`;
    }
    case 'rack':
      return `${whatIf.places} rack places more`;
    case 'sprayPlace':
      return 'One spray place more';
    case 'leaveOut':
      return `Leave out ${rungTitle(whatIf.rungId)}`;
    case 'thinner':
      return `Sprayed coats at ${Math.round(whatIf.share * 100)} % of their film`;
  }
}
