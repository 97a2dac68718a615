import type { DifferenceTold } from './differenceWords';
import { tellDifference } from './differenceWords';
import type { Lab } from './lab';

/** What a film does with light beside absorbing some; a single Lab says nothing true of it then. */
export type PaintEffect = 'none' | 'metallic' | 'candy' | 'fluorescent';

/** A paint that may be compared. */
export interface ComparedPaint {
  readonly id: string;
  readonly lab: Lab;
  readonly effect: PaintEffect;
}

/** How a paint stands to a target. */
export interface NearPaint extends DifferenceTold {
  readonly id: string;
  /** null: can be compared by the number */
  readonly caution: string | null;
}

const CAUTIONS: Readonly<Record<PaintEffect, string | null>> = {
  none: null,
  metallic: 'metallic: changes with the angle, the number says little',
  candy: 'candy: its colour is that of what is under it as well',
  fluorescent: 'fluorescent: gives back more light than falls on it, no number holds',
};

/** All paints by CIEDE2000 to a target, nearest first; those whose number means little come after those whose number holds. */
export function nearestPaints(paints: readonly ComparedPaint[], target: Lab): NearPaint[] {
  return paints
    .map(({ id, lab, effect }) => ({ id, caution: CAUTIONS[effect], ...tellDifference(lab, target) }))
    .toSorted((a, b) => Number(a.caution !== null) - Number(b.caution !== null) || a.difference - b.difference);
}
