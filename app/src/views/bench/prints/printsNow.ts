import { pieceOffMs } from '@zinc-ladder/core/plan/shop/partPrints';
import type { PrintTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { pieceMinutesOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { SOON_MS } from '../soon';

/** What a printer asks of hands: a piece taken off its bed, or one begun. */
export interface PrinterCall {
  readonly kind: 'off' | 'begin';
  readonly part: Part;
  /** when the piece was or will be off, or when it is to be begun */
  readonly atMs: number;
}

/** What is to be done at the printers now, pieces to take off first: they hold the bed. */
export function printsNow(parts: readonly Part[], planned: readonly PrintTime[], nowMs: number): PrinterCall[] {
  const calls = printsAhead(parts, planned);
  return calls.filter(({ kind, atMs }) => atMs <= nowMs + (kind === 'begin' ? SOON_MS : 0));
}

/**
 * What the printers will ask of hands, what comes off first, then by time: for each part the piece on the bed that comes off, or the next that
 * is begun by the plan. Of a piece that follows one on the bed nothing is told before that one is off.
 */
export function printsAhead(parts: readonly Part[], planned: readonly PrintTime[]): PrinterCall[] {
  const starts = new Map(planned.map(({ partId, startMs }) => [partId, startMs]));
  const calls = parts.flatMap((part): PrinterCall[] => {
    if (part.print === null) return [];
    const offMs = pieceOffMs({ pieceMinutes: pieceMinutesOf(part), startedAtMs: part.print.startedAtMs });
    if (offMs !== null) return [{ kind: 'off', part, atMs: offMs }];
    const startMs = starts.get(part.id);
    return startMs === undefined ? [] : [{ kind: 'begin', part, atMs: startMs }];
  });
  return calls.sort((a, b) => (a.kind === b.kind ? a.atMs - b.atMs : a.kind === 'off' ? -1 : 1));
}
