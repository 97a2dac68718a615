import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { ShopIndex } from '../../data/useShopIndex';

/**
 * The last time a rung of this method was done: on this part if ever, else on any.
 *
 * @param newest the newest entry of every rung that tells its minutes, newest first
 */
export function findLastTime(rung: Rung, part: Part, newest: readonly LogEntry[], index: ShopIndex): LogEntry | null {
  let onAny: LogEntry | null = null;
  for (const entry of newest) {
    if (index.rungs.get(entry.rungId ?? '')?.methodId !== rung.methodId) continue;
    if (entry.partId === part.id) return entry;
    onAny ??= entry;
  }
  return onAny;
}
