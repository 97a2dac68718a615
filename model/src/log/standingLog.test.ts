import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../testing/sampleProject';
import { changesBetween, rememberChanges } from '../records/base/listStates';
import type { LogEntry } from '../records/ladder/logEntry';
import { usesAfter, usesOf } from '../gather/shelf/loggedUses';
import { changedEntries } from './changedEntries';
import { newestByRung, newestByRungAfter } from './newestByRung';
import { notesForNextTime, notesForNextTimeAfter } from './nextTime';
import { standingEntries, standingEntriesAfter, standingLog } from './standingLog';

const [template] = makeSampleProject().logEntries;
if (!template) throw new Error('the sample has an entry');

const entryOf = fc
  .record({
    at: fc.nat(20),
    atMs: fc.nat(5),
    counter: fc.nat(50),
    corrects: fc.option(fc.nat(20), { freq: 3 }),
    kind: fc.constantFrom('done' as const, 'note' as const),
    of: fc.option(fc.nat(2), { freq: 3 }),
    took: fc.option(fc.nat(9), { freq: 3 }),
    isForNextTime: fc.boolean(),
  })
  .map(({ at, atMs, counter, corrects, kind, of, took, isForNextTime }): LogEntry => ({
    ...template,
    id: `e${at}`,
    atMs,
    counter,
    correctsId: corrects === null ? null : `e${corrects}`,
    kind,
    rungId: of === null ? null : `r${of}`,
    productId: of === null ? null : `p${of}`,
    actualMinutes: took,
    tookMillilitres: took,
    isForNextTime,
  }));
const byId = (a: LogEntry, b: LogEntry): number => (a.id < b.id ? -1 : 1);
const log = fc.uniqueArray(entryOf, { selector: (entry) => entry.id, maxLength: 15 }).map((entries) => entries.sort(byId));

describe('the standing log, and what is read of it, after a change', () => {
  it('is what it would be worked out anew, whatever came, went or changed (property)', () => {
    fc.assert(
      fc.property(log, log, fc.array(fc.boolean(), { minLength: 15, maxLength: 15 }), (before, other, stays) => {
        // Entries that stay are the same objects; the rest comes from another log.
        const kept = before.filter((_, at) => stays[at]);
        const ids = new Set(kept.map(({ id }) => id));
        const after = [...kept, ...other.filter(({ id }) => !ids.has(id))].sort(byId);
        const [stood, standing] = [standingEntries(before), standingEntriesAfter(standingEntries(before), before, after)];
        expect(standing).toEqual(standingEntries(after));
        expect(stood).toEqual(standingLog(before).map(({ entry }) => entry));
        expect(usesAfter(usesOf(stood), stood, standing)).toEqual(usesOf(standing));
        expect(newestByRungAfter(newestByRung(stood), stood, standing)).toEqual(newestByRung(standing));
        expect(notesForNextTimeAfter(notesForNextTime(stood), stood, standing)).toEqual(notesForNextTime(standing));
      }),
      { numRuns: 500, seed: 20261127 },
    );
  });
  it('goes by what is known of the step, and compares where nothing is', () => {
    const [a, b, c] = ['a', 'b', 'c'].map((id, at): LogEntry => ({ ...template, id, counter: at, correctsId: null })) as [
      LogEntry,
      LogEntry,
      LogEntry,
    ];
    const [before, after] = [
      [a, b],
      [a, c],
    ];
    expect(changesBetween(before, after)).toBeNull();
    rememberChanges(before, after, { gone: [b], come: [c] });
    const stood = standingEntries(before);
    const standing = standingEntriesAfter(stood, before, after);
    expect(standing).toEqual(standingEntries(after));
    expect(changedEntries(stood, standing)).toEqual({ gone: [b], come: [c] });
    // Of a step that was not the last one nothing is known.
    expect(changesBetween([a], after)).toBeNull();
  });
  it('is the very list when nothing changed', () => {
    const standing = standingEntries([template]);
    expect(standingEntriesAfter(standing, [template], [template])).toBe(standing);
  });
  it('leaves what is read of it as it was when an entry came that has nothing of it', () => {
    const before = [{ ...template, id: 'a', kind: 'done' as const, rungId: 'r', actualMinutes: 5, productId: 'p', tookMillilitres: 3 }];
    const standing = [{ ...template, id: 'b', kind: 'note' as const, isForNextTime: false, atMs: template.atMs + 1 }, ...before];
    const [uses, newest, notes] = [usesOf(before), newestByRung(before), notesForNextTime(before)];
    expect(usesAfter(uses, before, standing)).toBe(uses);
    expect(newestByRungAfter(newest, before, standing)).toBe(newest);
    expect(notesForNextTimeAfter(notes, before, standing)).toBe(notes);
    expect(changedEntries(before, standing)).toEqual({ gone: [], come: [standing[0]] });
  });
});
