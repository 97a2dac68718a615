import type { Lab } from '../lab';

/** How much, by eye. */
export const EYE_STEPS = ['none', 'touch', 'clearly', 'much'] as const;
/** One of them. */
export type EyeStep = (typeof EYE_STEPS)[number];

/** What the steps are worth, Lab units (guessed: an eye tells about 1 side by side). */
const WORTH: Readonly<Record<EyeStep, number>> = { none: 0, touch: 1.5, clearly: 4, much: 9 };

/** A judgement by eye beside the target: negative signs are darker, greener, bluer. */
export interface EyeJudgement {
  readonly lightness: { readonly step: EyeStep; readonly towards: 'lighter' | 'darker' };
  readonly redness: { readonly step: EyeStep; readonly towards: 'redder' | 'greener' };
  readonly yellowness: { readonly step: EyeStep; readonly towards: 'yellower' | 'bluer' };
}

/** A card's colour from how it looks beside its target. Rough: good for a direction and a size, not for learning strengths. */
export function labByEye(target: Lab, { lightness, redness, yellowness }: EyeJudgement): Lab {
  return [
    Math.min(100, Math.max(0, target[0] + (lightness.towards === 'lighter' ? 1 : -1) * WORTH[lightness.step])),
    target[1] + (redness.towards === 'redder' ? 1 : -1) * WORTH[redness.step],
    target[2] + (yellowness.towards === 'yellower' ? 1 : -1) * WORTH[yellowness.step],
  ];
}
