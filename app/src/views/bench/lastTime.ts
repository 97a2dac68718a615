import type { LogEntry } from '@zinc-ladder/model/records/logEntry';
import type { Part } from '@zinc-ladder/model/records/part';
import type { Rung } from '@zinc-ladder/model/records/rung';
import type { ShopIndex } from '../../data/useShopIndex';

/** The last time a rung of this method was done: on this part if ever, else on any. */
export function findLastTime(rung: Rung, part: Part, entries: readonly LogEntry[], index: ShopIndex): LogEntry | null {
  let onThis: LogEntry | null = null;
  let onAny: LogEntry | null = null;
  for (const entry of entries) {
    if (entry.kind !== 'done' || entry.actualMinutes === null || entry.rungId === null) continue;
    if (index.rungs.get(entry.rungId)?.methodId !== rung.methodId) continue;
    if (!onAny || entry.atMs > onAny.atMs) onAny = entry;
    if (entry.partId === part.id && (!onThis || entry.atMs > onThis.atMs)) onThis = entry;
  }
  return onThis ?? onAny;
}
