import type { WhatIf } from '@zinc-ladder/core/plan/ideas/whatIfs';
import { writeDayMinutes } from '../../../base/dayMinutes';
import type { SmoothingId } from '@zinc-ladder/core/ladder/schools';
import { findSmoothing } from '@zinc-ladder/core/ladder/schools';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { Formats } from '../../../base/formats';
import { formatSpan } from '../../../base/formats';

/** A what-if in words. */
export function whatIfWords(whatIf: WhatIf, index: Pick<ShopIndex, 'rungTitle' | 'parts'>, formats: Formats): string {
  const { rungTitle } = index;
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
    case 'leaveOutLoop':
      return `A turn fewer: leave out ${whatIf.rungIds.map(rungTitle).join(' and ')}`;
    case 'dryer':
      return `A dryer on ${whatIf.rungIds.length} thin ${whatIf.rungIds.length === 1 ? 'coat' : 'coats'}, ${whatIf.minutes} min each`;
    case 'scuff':
      return `Let it dry and scuff it before ${rungTitle(whatIf.beforeRungId)}`;
    case 'longer':
      return `Stay ${formatSpan(whatIf.minutes)} longer each day`;
    case 'school':
      return `${findSmoothing(whatIf.smoothing as SmoothingId).name} on ${index.parts.get(whatIf.partId)?.name ?? ''}`;
    case 'thinner':
      return `Sprayed coats at ${Math.round(whatIf.share * 100)} % of their film`;
  }
}
