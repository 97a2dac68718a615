import type { Part } from '../../records/prop/part';
import type { Rung } from '../../records/ladder/rung';
import { rungPieces } from '../../rungs/rungPieces';
import type { RungWhere } from './rungForPart';
import { usualMinutes } from './rungForPart';

/** A part as far as it decides minutes. */
export type MeasuredPart = Pick<Part, 'areaSquareCentimetres' | 'count'>;

/**
 * The minutes of a rung where it is done on fewer pieces: the method's where they were the method's, else the share of what was typed that the method's
 * would be.
 *
 * @param rung as it is done on `part`
 * @param fewer what it is done on instead
 */
export function minutesOnFewer(
  rung: Pick<Rung, 'methodId' | 'minutes' | 'minutesFormula'> & RungWhere,
  part: MeasuredPart,
  fewer: { readonly where: RungWhere; readonly part: MeasuredPart },
): Pick<Rung, 'minutes' | 'minutesFormula'> {
  const whole = usualMinutes(rung.methodId, rung, part);
  const few = usualMinutes(rung.methodId, fewer.where, fewer.part);
  if (rung.minutesFormula === whole.formula) return { minutes: few.minutes, minutesFormula: few.formula };
  const share = whole.minutes > 0 ? few.minutes / whole.minutes : 1;
  const [before, after] = [rungPieces(rung, part), rungPieces(fewer.where, fewer.part)];
  return {
    minutes: Math.min(rung.minutes, Math.max(1, Math.round(rung.minutes * share))),
    minutesFormula: `${rung.minutes} min for ${before} pieces, × ${share.toFixed(2)} for ${after}`,
  };
}
