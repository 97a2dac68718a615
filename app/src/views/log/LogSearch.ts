import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { StandingEntry } from '@zinc-ladder/model/log/standingLog';
import type { LogFilter } from './filterLog';
import { filterLog } from './filterLog';

/** Searches one state of the log. What entries are searched in is put together once; a word that is typed on narrows what was found last. */
export class LogSearch {
  private readonly words = new Map<string, string>();
  private prepared = 0;
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

  /** Puts together what some more entries are searched in, ahead of the first key. Returns whether there are more. */
  prepare(most: number): boolean {
    const end = Math.min(this.standing.length, this.prepared + most);
    for (; this.prepared < end; this.prepared += 1) {
      const each = this.standing[this.prepared];
      if (each) this.wordsFor(each.entry);
    }
    return end < this.standing.length;
  }

  private wordsFor(entry: LogEntry): string {
    const known = this.words.get(entry.id);
    if (known !== undefined) return known;
    const words = this.wordsOf(entry);
    this.words.set(entry.id, words);
    return words;
  }
}

function sameButText(a: LogFilter, b: LogFilter): boolean {
  return a.propId === b.propId && a.partId === b.partId && a.productId === b.productId && a.kind === b.kind;
}
