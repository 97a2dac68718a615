import type { Rung } from '../../records/ladder/rung';
import type { MeasuredPart } from './minutesOnFewer';
import { minutesOnFewer } from './minutesOnFewer';

/** What of a done rung is otherwise where it is done again, on a set that lost pieces since: those there are, in the minutes for these. */
export function onPiecesNow(rung: Rung, part: MeasuredPart): Partial<Pick<Rung, 'pieces' | 'minutes' | 'minutesFormula'>> {
  if (rung.pieces === null || rung.pieces <= part.count) return {};
  const where = { ...rung, state: 'open', pieces: null } as const;
  return { pieces: null, ...minutesOnFewer(rung, part, { where, part }) };
}
