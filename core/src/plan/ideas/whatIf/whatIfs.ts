import type { Certificate } from '../../problem/problem';
import type { ShopPlanInput } from '../../shop/shopPlanInput';
import { airbrushIndoors } from './airbrushIndoors';
import { dryer } from './dryer';
import { evening } from './evening';
import { heater } from './heater';
import { indoors } from './indoors';
import { lamplight } from './lamplight';
import { leaveOut, leaveOutLoop } from './leaveOut';
import { longer } from './longer';
import { rack, sprayPlace } from './places';
import { school } from './school';
import { scuff } from './scuff';
import { thinner } from './thinner';
import type { WhatIf, WhatIfEntry, WhatIfKind, WhatIfWording } from './whatIf';

/** All ideas, in the order in which they are suggested. */
const WHAT_IFS: { readonly [Kind in WhatIfKind]: WhatIfEntry<Kind> } = {
  heater,
  evening,
  lamplight,
  indoors,
  airbrushIndoors,
  rack,
  sprayPlace,
  leaveOut,
  leaveOutLoop,
  dryer,
  thinner,
  scuff,
  longer,
  school,
};
const ENTRIES: readonly Pick<WhatIfEntry<WhatIfKind>, 'suggest' | 'remedy'>[] = Object.values(WHAT_IFS);

/** More are not read. */
const MOST_IDEAS = 12;

/** What is worth trying in a shop: heat, one more evening, more places, a coat left out, thinner coats. */
export function suggestWhatIfs(input: ShopPlanInput): WhatIf[] {
  return ENTRIES.flatMap(({ suggest }) => suggest(input)).slice(0, MOST_IDEAS);
}

/** What is worth trying where something has no place: what its certificate asks for. */
export function suggestRemedies(unplaced: readonly Certificate[], input: ShopPlanInput): WhatIf[] {
  const found = unplaced.flatMap((certificate) => ENTRIES.flatMap(({ remedy }) => remedy(certificate, input) ?? []));
  return [...new Map(found.map((whatIf) => [JSON.stringify(whatIf), whatIf])).values()].slice(0, MOST_IDEAS);
}

/** The shop as it would be. */
export function applyWhatIf<Kind extends WhatIfKind>(input: ShopPlanInput, whatIf: WhatIf<Kind>): ShopPlanInput {
  return WHAT_IFS[whatIf.kind].apply(input, whatIf);
}

/** An idea in words. */
export function whatIfWords<Kind extends WhatIfKind>(whatIf: WhatIf<Kind>, wording: WhatIfWording): string {
  return WHAT_IFS[whatIf.kind].words(whatIf, wording);
}

/** Whether an idea only takes a bound away; see {@link WhatIfEntry.isLoosening}. */
export function isLoosening({ kind }: Pick<WhatIf, 'kind'>): boolean {
  return WHAT_IFS[kind].isLoosening;
}
