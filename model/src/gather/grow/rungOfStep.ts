import type { Rung } from '../../records/ladder/rung';
import type { LightStep } from '../light/lightSteps';
import { NEW_RUNG } from './growRungs';

/** A step of fitting lights as a rung to keep. */
export function rungOfStep({ name, minutes, formula, detail, why, cautionIds }: LightStep, id: string, ladderId: string): Rung {
  return {
    ...NEW_RUNG,
    id,
    ladderId,
    name,
    methodId: 'lights',
    band: 'fit',
    minutes,
    minutesFormula: formula,
    detail,
    why,
    cautionIds: [...cautionIds],
  };
}
