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

/** The entries a filter lets through. `words` gives the text an entry is searched in. */
export function filterLog(entries: readonly StandingEntry[], filter: LogFilter, words: (entry: LogEntry) => string): StandingEntry[] {
  const text = filter.text.trim().toLowerCase();
  return entries.filter(({ entry }) => {
    if (filter.propId && entry.propId !== filter.propId) return false;
    if (filter.partId && entry.partId !== filter.partId) return false;
    if (filter.productId && entry.productId !== filter.productId) return false;
    if (filter.kind === FOR_NEXT_TIME ? !entry.isForNextTime : filter.kind && entry.kind !== filter.kind) return false;
    return text === '' || words(entry).includes(text);
  });
}

/** Compares planned and actual minutes of the done entries, by a key. */
export function compareLogged(entries: readonly StandingEntry[], keyOf: (entry: LogEntry) => string): ComparedMinutes {
  const done = entries.filter(({ entry }) => entry.kind === 'done');
  return compareMinutes(done.map(({ entry }) => ({ key: keyOf(entry), planned: entry.plannedMinutes, actual: entry.actualMinutes })));
}
