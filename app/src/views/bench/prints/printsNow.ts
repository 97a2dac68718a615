import { bedOffMs, piecesOnBed } from '@zinc-ladder/core/plan/shop/partPrints';
import type { PrintTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { pieceMinutesOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { SOON_MS } from '../soon';

/** What a printer asks of hands: its bed cleared of what is off, or one begun. */
export interface PrinterCall {
  readonly kind: 'off' | 'begin';
  readonly part: Part;
  /** on the bed */
  readonly pieces: number;
  /** when the bed was or will be off, or when it is to be begun */
  readonly atMs: number;
}

/** What is to be done at the printers now, what is to be taken off first: it holds the bed. */
export function printsNow(parts: readonly Part[], planned: readonly PrintTime[], nowMs: number): PrinterCall[] {
  const calls = printsAhead(parts, planned);
  return calls.filter(({ kind, atMs }) => atMs <= nowMs + (kind === 'begin' ? SOON_MS : 0));
}

/**
 * What the printers will ask of hands, what comes off first, then by time: for each part the bed that comes off, or the next that is begun by
 * the plan. Of what follows a bed nothing is told before that one is off.
 */
export function printsAhead(parts: readonly Part[], planned: readonly PrintTime[]): PrinterCall[] {
  const starts = new Map(planned.toSorted((a, b) => b.startMs - a.startMs).map(({ partId, startMs }) => [partId, startMs]));
  const calls = parts.flatMap((part): PrinterCall[] => {
    if (part.print === null) return [];
    const pieces = piecesOnBed(part.print);
    const offMs = bedOffMs({ ...part.print, pieceMinutes: pieceMinutesOf(part) });
    if (offMs !== null) return [{ kind: 'off', part, pieces, atMs: offMs }];
    const startMs = starts.get(part.id);
    return startMs === undefined ? [] : [{ kind: 'begin', part, pieces, atMs: startMs }];
  });
  return calls.sort((a, b) => (a.kind === b.kind ? a.atMs - b.atMs : a.kind === 'off' ? -1 : 1));
}
