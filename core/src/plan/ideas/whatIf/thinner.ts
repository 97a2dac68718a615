import { changeRungs, openLadders } from './rungsOfInput';
import type { WhatIfEntry } from './whatIf';

/** Share of its thickness a thinner coat keeps; guessed. */
const THINNER = 0.7;

/** Coats from cans sprayed thinner: sooner dry, and less hidden. */
export const thinner: WhatIfEntry<'thinner'> = {
  isLoosening: false,
  suggest: (input) => {
    const coats = openLadders(input)
      .flat()
      .filter((rung) => rung.film?.application === 'aerosol');
    return coats.length > 0 ? [{ kind: 'thinner', rungIds: coats.map((rung) => rung.id), share: THINNER }] : [];
  },
  remedy: () => null,
  apply: (input, { rungIds, share }) => {
    const chosen = new Set(rungIds);
    return changeRungs(input, (rung) =>
      rung.film && chosen.has(rung.id) ? { ...rung, film: { ...rung.film, coatMicrometres: rung.film.coatMicrometres * share } } : rung,
    );
  },
  words: ({ share }) => `Sprayed coats at ${Math.round(share * 100)} % of their film`,
};
