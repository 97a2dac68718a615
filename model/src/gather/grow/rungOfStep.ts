import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Rung } from '../../records/ladder/rung';
import { NEW_RUNG } from './growRungs';

/** A step that was worked out elsewhere, such as one of fitting lights. */
export interface WorkedOutStep {
  readonly name: string;
  readonly minutes: number;
  readonly formula: string;
  readonly detail: string;
  readonly why: string;
  readonly cautionIds: readonly string[];
}

/**
 * A step as a rung to keep.
 *
 * @throws RangeError for an unknown method
 */
export function rungOfStep(step: WorkedOutStep, methodId: string, id: string, ladderId: string): Rung {
  const { name, minutes, formula, detail, why, cautionIds } = step;
  const { band } = findMethod(methodId);
  return { ...NEW_RUNG, id, ladderId, name, methodId, band, minutes, minutesFormula: formula, detail, why, cautionIds: [...cautionIds] };
}
