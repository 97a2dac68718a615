import type { WhatIfEntry } from './whatIf';

/** Places more where parts stand while they dry. */
export const rack: WhatIfEntry<'rack'> = {
  isLoosening: true,
  suggest: () => [{ kind: 'rack', places: 2 }],
  remedy: ({ cause }) =>
    cause.kind === 'tooMuch' && cause.resourceId === 'rack' ? { kind: 'rack', places: cause.needed - cause.capacity } : null,
  apply: (input, { places }) => ({ ...input, rackPlaces: input.rackPlaces + places }),
  words: ({ places }) => `${places} rack ${places === 1 ? 'place' : 'places'} more`,
};

/** One place more to spray at. */
export const sprayPlace: WhatIfEntry<'sprayPlace'> = {
  isLoosening: true,
  suggest: () => [{ kind: 'sprayPlace' }],
  remedy: ({ cause }) => (cause.kind === 'tooMuch' && cause.resourceId === 'booth' ? { kind: 'sprayPlace' } : null),
  apply: (input) => ({ ...input, boothPlaces: input.boothPlaces + 1 }),
  words: () => 'One spray place more',
};
