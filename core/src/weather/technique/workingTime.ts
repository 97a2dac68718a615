import type { Air } from '../../climate/air';
import type { DryingData } from '../../cure/dryingData';
import { dryingKind } from '../../cure/dryingKind';
import type { Technique } from './technique';

/**
 * Minutes in which a technique's paint can be worked in an air: a share of its touch-dry time, as fast as the air dries it.
 *
 * @returns Infinity where nothing dries, so it stays workable
 */
export function workingMinutes(technique: Pick<Technique, 'workingShare'>, drying: DryingData, air: Air): number {
  const rate = dryingKind(drying.kind).rates.drying(air);
  return (technique.workingShare * drying.touchMinutes) / rate;
}
