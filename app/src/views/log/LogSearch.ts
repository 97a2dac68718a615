import type { LogEntry } from '@zinc-ladder/model/records/logEntry';
import type { StandingEntry } from '@zinc-ladder/model/log/standingLog';
import type { LogFilter } from './filterLog';
import { filterLog } from './filterLog';

/** Searches one state of the log. What entries are searched in is put together once; a word that is typed on narrows what was found last. */
export class LogSearch {
  private words: ReadonlyMap<string, string> | null = null;
  private last: { readonly filter: LogFilter; readonly found: readonly StandingEntry[] } | null = null;

  constructor(
    private readonly standing: readonly StandingEntry[],
    private readonly wordsOf: (entry: LogEntry) => string,
  ) {}

  /** The entries a filter lets through, newest first. */
  find(filter: LogFilter): readonly StandingEntry[] {
    const { last } = this;
    const isNarrower =
      last !== null && sameButText(last.filter, filter) && filter.text.trim().toLowerCase().includes(last.filter.text.trim().toLowerCase());
    const found = filterLog(isNarrower ? last.found : this.standing, filter, (entry) => this.wordsFor(entry));
    this.last = { filter, found };
    return found;
  }

  private wordsFor(entry: LogEntry): string {
    this.words ??= new Map(this.standing.map((each) => [each.entry.id, this.wordsOf(each.entry)]));
    return this.words.get(entry.id) ?? '';
  }
}

function sameButText(a: LogFilter, b: LogFilter): boolean {
  return a.propId === b.propId && a.partId === b.partId && a.productId === b.productId && a.kind === b.kind;
}
