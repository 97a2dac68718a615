import { gainsByDryer } from '../../../cure/forcedDrying';
import { findMethod } from '../../../ladder/methods';
import type { PlanRung } from '../../shop/shopPlanInput';
import { addRungs, extraRung } from './rungsOfInput';
import type { WhatIfEntry } from './whatIf';

/** Minutes of warm air after a thin coat; common practice. */
const DRYER_MINUTES = 5;

/** Warm air on every thin coat that something waits for. */
export const dryer: WhatIfEntry<'dryer'> = {
  isLoosening: false,
  suggest: (input) => {
    const rungIds = input.parts.flatMap((part) => thinCoats(part.rungs));
    return rungIds.length > 0 ? [{ kind: 'dryer', rungIds, minutes: DRYER_MINUTES }] : [];
  },
  remedy: () => null,
  apply: (input, { rungIds, minutes }) => {
    const chosen = new Set(rungIds);
    return addRungs(input, (rung) => (chosen.has(rung.id) ? [rung, extraRung(`${rung.id} dryer`, 'warmDry', minutes)] : [rung]));
  },
  words: ({ rungIds, minutes }) => `A dryer on ${rungIds.length} thin ${rungIds.length === 1 ? 'coat' : 'coats'}, ${minutes} min each`,
};

/** Open coats that warm air helps, where something of the part still waits for them. */
function thinCoats(rungs: readonly PlanRung[]): string[] {
  return rungs.flatMap((rung, at) => {
    const next = rungs[at + 1];
    const isWarmed = next?.methodId === 'warmDry';
    if (!rung.film || rung.status.kind !== 'open' || !next || isWarmed) return [];
    return findMethod(next.methodId).needs !== 'recoat' && gainsByDryer(rung.film.drying, rung.film.coatMicrometres) ? [rung.id] : [];
  });
}
