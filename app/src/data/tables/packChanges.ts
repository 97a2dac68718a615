import type { Attachment, BytesTurn, HistoryChanges, RecordChange } from './database';

/** Changes of more records than this are packed into one text. */
const MOST_SINGLE_CHANGES = 2000;

/** Whether an edit is so large that going there is no work for a page. */
export function isLarge({ packed }: HistoryChanges): boolean {
  return packed !== null;
}

/**
 * The changes of an edit in the form in which the database stores them.
 *
 * @param here which side of it the database is in
 */
export function packChanges(seq: number, changes: readonly RecordChange[], here: 'before' | 'after'): HistoryChanges {
  const records = changes.filter((change) => change.table !== 'attachments');
  const there = here === 'after' ? 'before' : 'after';
  const bytes = changes
    .filter((change) => change.table === 'attachments')
    .map((change): BytesTurn => ({ id: change.id, isHere: change[here] !== null, other: change[there] as Attachment | null }));
  if (records.length <= MOST_SINGLE_CHANGES) return { seq, changes: records, packed: null, bytes };
  return { seq, changes: [], packed: new Blob([JSON.stringify(records)], { type: 'application/json' }), bytes };
}

/** Changes of records as they were packed. Not to be called within a transaction: waiting for a text ends it. */
export async function unpackChanges({ changes, packed }: HistoryChanges): Promise<readonly RecordChange[]> {
  return packed ? (JSON.parse(await packed.text()) as RecordChange[]) : changes;
}
