import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../testing/sampleProject';
import type { LogEntry } from '../records/ladder/logEntry';
import { standingEntries, standingEntriesAfter } from './standingLog';

const [template] = makeSampleProject().logEntries;
if (!template) throw new Error('the sample has an entry');

const entryOf = fc
  .record({ at: fc.nat(20), atMs: fc.nat(5), counter: fc.nat(50), corrects: fc.option(fc.nat(20), { freq: 3 }) })
  .map(({ at, atMs, counter, corrects }): LogEntry => ({
    ...template,
    id: `e${at}`,
    atMs,
    counter,
    correctsId: corrects === null ? null : `e${corrects}`,
  }));
const byId = (a: LogEntry, b: LogEntry): number => (a.id < b.id ? -1 : 1);
const log = fc.uniqueArray(entryOf, { selector: (entry) => entry.id, maxLength: 15 }).map((entries) => entries.sort(byId));

describe('the standing log after a change', () => {
  it('is what it would be worked out anew, whatever came, went or changed (property)', () => {
    fc.assert(
      fc.property(log, log, fc.array(fc.boolean(), { minLength: 15, maxLength: 15 }), (before, other, stays) => {
        // Entries that stay are the same objects; the rest comes from another log.
        const kept = before.filter((_, at) => stays[at]);
        const ids = new Set(kept.map(({ id }) => id));
        const after = [...kept, ...other.filter(({ id }) => !ids.has(id))].sort(byId);
        expect(standingEntriesAfter(standingEntries(before), before, after)).toEqual(standingEntries(after));
      }),
      { numRuns: 500, seed: 20261127 },
    );
  });
  it('is the very list when nothing changed', () => {
    const standing = standingEntries([template]);
    expect(standingEntriesAfter(standing, [template], [template])).toBe(standing);
  });
});
