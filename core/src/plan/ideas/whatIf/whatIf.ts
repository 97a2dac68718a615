import type { Certificate } from '../../problem/problem';
import type { PlanRung, ShopPlanInput } from '../../shop/shopPlanInput';

/** What each kind of idea says of itself beside its kind. */
interface WhatIfFields {
  readonly heater: { readonly celsius: number };
  readonly evening: { readonly date: string; readonly startMinute: number; readonly endMinute: number };
  readonly rack: { readonly places: number };
  readonly sprayPlace: object;
  /** spraying goes on after dark */
  readonly lamplight: object;
  /** spraying comes in from out of doors */
  readonly indoors: object;
  /** the airbrush comes in, cans do not */
  readonly airbrushIndoors: object;
  readonly leaveOut: { readonly rungId: string };
  /** a turn of filling and sanding fewer */
  readonly leaveOutLoop: { readonly rungIds: readonly string[] };
  /** warm air after these coats, one rung of it each */
  readonly dryer: { readonly rungIds: readonly string[]; readonly minutes: number };
  /** a scuff before a coat whose window cannot be met */
  readonly scuff: { readonly beforeRungId: string; readonly minutes: number };
  /** hands and spraying stay so much longer, every day that has any */
  readonly longer: { readonly minutes: number };
  /** a part's open ladder grown anew by another smoothing school */
  readonly school: { readonly partId: string; readonly smoothing: string; readonly rungs: readonly PlanRung[] };
  readonly thinner: { readonly rungIds: readonly string[]; readonly share: number };
}

/** Names of what could be done about a plan. */
export type WhatIfKind = keyof WhatIfFields;

/** Something that could be done about a plan. */
export type WhatIf<Kind extends WhatIfKind = WhatIfKind> = { [Each in Kind]: { readonly kind: Each } & WhatIfFields[Each] }[Kind];

/** How amounts and names are written where an idea is told; the finisher's units, the shop's names. */
export interface WhatIfWording {
  readonly temperature: (celsius: number) => string;
  readonly day: (epochMs: number) => string;
  /** a time of day, minutes after midnight */
  readonly timeOfDay: (minute: number) => string;
  readonly span: (minutes: number) => string;
  readonly rungTitle: (rungId: string) => string;
  readonly partName: (partId: string) => string;
}

/** One kind of idea, all that the core knows of it; {@link WHAT_IFS} holds one of each. */
export interface WhatIfEntry<Kind extends WhatIfKind> {
  /** it only takes a bound away: the plan there is stays possible, so it never makes anything later, whatever a search came upon */
  readonly isLoosening: boolean;
  /** what of it is worth trying in a shop that can be planned; [] for what is only a remedy */
  readonly suggest: (input: ShopPlanInput) => readonly WhatIf<Kind>[];
  /** what of it could give a task its place; null where it is no remedy for that cause */
  readonly remedy: (certificate: Certificate, input: ShopPlanInput) => WhatIf<Kind> | null;
  /** the shop as it would be */
  readonly apply: (input: ShopPlanInput, whatIf: WhatIf<Kind>) => ShopPlanInput;
  readonly words: (whatIf: WhatIf<Kind>, wording: WhatIfWording) => string;
}
