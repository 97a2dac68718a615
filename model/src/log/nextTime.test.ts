import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../records/ladder/logEntry';
import { makeSampleProject } from '../testing/sampleProject';
import type { NoteIndex } from './nextTime';
import { notesForLadder, notesForNextTime, notesForRung } from './nextTime';

const sample = makeSampleProject();
const [first] = sample.rungs.filter(({ productId }) => productId !== null);
if (!first) throw new Error('no rung with a product');
const host = sample.parts.find(({ id }) => id === 'host');
const guest = sample.parts.find(({ id }) => id === 'guest');
if (!host || !guest) throw new Error('no parts');

const note = (fields: Partial<LogEntry>): LogEntry => ({
  ...(sample.logEntries[0] as LogEntry),
  kind: 'note',
  text: 'tape pulled too soon',
  isForNextTime: true,
  rungId: null,
  productId: null,
  partId: 'host',
  ...fields,
});
const index = (rungs = sample.rungs): NoteIndex => ({
  rungs: new Map(rungs.map((rung) => [rung.id, rung])),
  parts: new Map(sample.parts.map((part) => [part.id, part])),
  products: new Map(sample.products.map((product) => [product.id, product])),
  ladderOfPart: new Map(sample.ladders.map((ladder) => [ladder.partId, ladder])),
});

describe('notes for next time', () => {
  it('come back with the same product, and say so', () => {
    const [told] = notesForRung([note({ productId: first.productId })], { ...first, id: 'another' }, host, index());
    expect(told?.because).toMatch(/^with /u);
  });
  it('come back with the same method on the same kind of print, not on another', () => {
    const entries = [note({ rungId: first.id })];
    const again = { ...first, id: 'another', productId: null };
    expect(notesForRung(entries, again, host, index())).toHaveLength(1);
    const isResin = host.materialId === 'resin';
    expect(notesForRung(entries, again, { materialId: isResin ? 'rigid' : 'resin' }, index())).toHaveLength(0);
  });
  it('are not told of the rung they were written about, nor when they are laid to rest', () => {
    expect(notesForRung([note({ rungId: first.id, productId: first.productId })], first, host, index())).toHaveLength(0);
    const atRest = note({ productId: first.productId, isForNextTime: false });
    expect(notesForRung(notesForNextTime([atRest]), { ...first, id: 'another' }, host, index())).toHaveLength(0);
  });
  it('come back before a ladder is grown on such a part, not from the part itself', () => {
    const route = { finish: 'gloss' } as const;
    expect(notesForLadder([note({})], guest, route, index())).toHaveLength(1);
    expect(notesForLadder([note({})], host, route, index())).toHaveLength(0);
  });
});
