import type { ComparedMinutes } from '@zinc-ladder/core/log/comparedMinutes';
import { compareMinutes } from '@zinc-ladder/core/log/comparedMinutes';
import type { StandingEntry } from '@zinc-ladder/model/log/standingLog';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';

/** What the log is filtered by; empty strings let everything through. */
export interface LogFilter {
  readonly propId: string;
  readonly partId: string;
  readonly productId: string;
  readonly kind: string;
  readonly text: string;
}

/** Among kinds: notes that are to be told next time, whatever their kind. */
export const FOR_NEXT_TIME = 'forNextTime';

/** A filter that lets everything through. */
export const NO_FILTER: LogFilter = { propId: '', partId: '', productId: '', kind: '', text: '' };

/** What an entry must say, in small letters; empty: anything. */
export function wordsSought({ text }: LogFilter): string {
  return text.trim().toLowerCase();
}

/** Whether a filter lets an entry through, whatever it says. */
export function isLetThrough(entry: LogEntry, { propId, partId, productId, kind }: LogFilter): boolean {
  if (propId && entry.propId !== propId) return false;
  if (partId && entry.partId !== partId) return false;
  if (productId && entry.productId !== productId) return false;
  return kind === FOR_NEXT_TIME ? entry.isForNextTime : kind === '' || entry.kind === kind;
}

/** Compares planned and actual minutes of the done entries, by a key. */
export function compareLogged(entries: readonly StandingEntry[], keyOf: (entry: LogEntry) => string): ComparedMinutes {
  return compareMinutes(
    entries.flatMap(({ entry }) =>
      entry.kind === 'done' ? { key: keyOf(entry), planned: entry.plannedMinutes, actual: entry.actualMinutes } : [],
    ),
  );
}
