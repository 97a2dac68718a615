import type { ComparedMinutes } from '@zinc-ladder/core/log/comparedMinutes';
import type { StandingEntry } from '@zinc-ladder/model/log/standingLog';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { LogFilter } from './logFilter';
import { compareLogged, isLetThrough, wordsSought } from './logFilter';

/** What of an entry is looked at. */
export interface SearchedEntry {
  /** in small letters */
  readonly words: (entry: LogEntry) => string;
  /** what its minutes are added up by */
  readonly key: (entry: LogEntry) => string;
}

/** Searches one state of the log. What entries are searched in is put together once; a word that is typed on narrows what was found last. */
export class LogSearch {
  // By place in the log: a look by id takes longer than the search itself.
  private readonly words: string[] = [];
  private prepared = 0;
  private last: { readonly filter: LogFilter; readonly places: readonly number[]; readonly found: readonly StandingEntry[] } | null = null;

  constructor(
    private readonly standing: readonly StandingEntry[],
    private readonly of: SearchedEntry,
  ) {}

  /** The entries a filter lets through, newest first. */
  find(filter: LogFilter): readonly StandingEntry[] {
    return this.look(filter).found;
  }

  /** Planned and actual minutes of the done entries a filter lets through. */
  compare(filter: LogFilter): ComparedMinutes {
    return compareLogged(this.look(filter).found, this.of.key);
  }

  /** Puts together what some more entries are searched in, ahead of the first key. Returns whether there are more. */
  prepare(most: number): boolean {
    const end = Math.min(this.standing.length, this.prepared + most);
    for (; this.prepared < end; this.prepared += 1) this.wordsAt(this.prepared);
    return end < this.standing.length;
  }

  private look(filter: LogFilter): { readonly places: readonly number[]; readonly found: readonly StandingEntry[] } {
    const { last } = this;
    const words = wordsSought(filter);
    const isOfLast = last !== null && sameButText(last.filter, filter);
    if (isOfLast && wordsSought(last.filter) === words) return last;
    const isNarrower = isOfLast && words.includes(wordsSought(last.filter));
    const places: number[] = [];
    const found: StandingEntry[] = [];
    const lookAt = (place: number): void => {
      const each = this.standing[place];
      if (!each || !isLetThrough(each.entry, filter)) return;
      if (words !== '' && !this.wordsAt(place).includes(words)) return;
      places.push(place);
      found.push(each);
    };
    if (isNarrower) last.places.forEach(lookAt);
    else for (let place = 0; place < this.standing.length; place += 1) lookAt(place);
    this.last = { filter, places, found };
    return this.last;
  }

  private wordsAt(place: number): string {
    const each = this.standing[place];
    return (this.words[place] ??= each ? this.of.words(each.entry) : '');
  }
}

function sameButText(a: LogFilter, b: LogFilter): boolean {
  return a.propId === b.propId && a.partId === b.partId && a.productId === b.productId && a.kind === b.kind;
}
