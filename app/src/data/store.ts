import type { Fault } from '@zinc-ladder/model/file/faults';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import type { Transaction } from 'dexie';
import { findCommitFaults } from './checkCommit';
import type { HistoryChanges, HistoryRow, RecordChange, ShopDatabase, StoredTable } from './database';
import { Edit } from './edit';
import { groupBy } from './groupBy';
import { LiveTables } from './liveTables';
import { isMomentKept } from '@zinc-ladder/model/records/momentBounds';
import { sameButRevision } from './sameRecord';
import { ShopError, toShopError } from './shopError';

/** Edits kept for undo. */
const HISTORY_LENGTH = 200;
/** Own revisions remembered; those forgotten count as another tab's. */
const MOST_OWN_REVISIONS = 20_000;

/** What undo and redo would do next. */
export interface HistoryState {
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  /** when the oldest edit that is remembered was done; null: none is */
  readonly firstAtMs: number | null;
  /** when the last one was done */
  readonly lastAtMs: number | null;
}

/** Whether what an edit leaves is checked at its end: `all` rules, or `none` where all that stays was checked as a whole, as a file is. */
export type EditCheck = 'all' | 'none';

/** The one way into the database: every edit is one transaction, keeps all rules, and can be undone. */
export class Store {
  /** the records in memory, for views */
  readonly tables: LiveTables;
  /** what was asked for last: the next waits for it, so that an undo takes back what was done before it, however quick it comes */
  private last: Promise<unknown> = Promise.resolve();
  /** revisions this tab wrote, by table and id */
  private readonly own = new Map<string, number>();

  constructor(
    readonly db: ShopDatabase,
    private readonly now: () => number,
  ) {
    this.tables = new LiveTables(db);
  }

  /**
   * Runs an edit. Nothing is written unless all of it can be.
   *
   * @param label what it does, for undo: "Log 12 min"
   * @throws ShopError
   */
  edit<Result>(label: string, work: (edit: Edit) => Promise<Result>, check: EditCheck = 'all'): Promise<Result> {
    return this.inTurn(() => this.runEdit(label, work, check));
  }

  private inTurn<Result>(run: () => Promise<Result>): Promise<Result> {
    const result = this.last.then(run, run);
    this.last = result;
    return result;
  }

  private async runEdit<Result>(label: string, work: (edit: Edit) => Promise<Result>, check: EditCheck): Promise<Result> {
    // Loaded before the transaction opens: waiting for anything else would end it.
    const { findRecordFaults } = await import('@zinc-ladder/model/file/validateRecord');
    const isOwn = (table: StoredTable, id: string, revision: number): boolean => this.own.get(`${table}/${id}`) === revision;
    try {
      const { result, changes } = await this.db.transaction('rw', this.db.tables, async (transaction) => {
        const edit = new Edit(transaction, isOwn);
        const worked = await work(edit);
        const made = edit.finish();
        const faults =
          check === 'none'
            ? []
            : made.flatMap((change): Fault[] =>
                change.after && change.table !== 'attachments' ? findRecordFaults(change.table as TableName, change.after) : [],
              );
        if (faults.length === 0 && check === 'all') faults.push(...(await findCommitFaults(edit, made)));
        if (faults.length > 0) throw new ShopError(isMomentKept(this.now()) ? 'invalid' : 'clockWrong', faults);
        await write(transaction, made, 'after');
        if (made.length > 0) await this.remember(transaction, label, made);
        return { result: worked, changes: made };
      });
      this.takeIn(changes, 'after');
      return result;
    } catch (error) {
      throw toShopError(error);
    }
  }

  /** Takes back the last edit. */
  undo(): Promise<string> {
    return this.inTurn(() => this.travel('undo'));
  }

  /** Does again what was undone last. */
  redo(): Promise<string> {
    return this.inTurn(() => this.travel('redo'));
  }

  /** What undo and redo would do. */
  async historyState(): Promise<HistoryState> {
    const rows = this.db.history.orderBy('seq');
    const [undo, redo, first, last] = await Promise.all([
      this.nextRow('undo'),
      this.nextRow('redo'),
      rows.first(),
      this.db.history.orderBy('seq').last(),
    ]);
    return { undoLabel: undo?.label ?? null, redoLabel: redo?.label ?? null, firstAtMs: first?.atMs ?? null, lastAtMs: last?.atMs ?? null };
  }

  /** Forgets all edits, as after a new start: what was before belongs to another shop. */
  async forgetHistory(): Promise<void> {
    await this.db.transaction('rw', this.db.history, this.db.historyChanges, async () => {
      await this.db.history.clear();
      await this.db.historyChanges.clear();
    });
  }

  private async travel(direction: 'undo' | 'redo'): Promise<string> {
    const from = direction === 'undo' ? 'after' : 'before';
    const to = direction === 'undo' ? 'before' : 'after';
    try {
      const { label, changes } = await this.db.transaction('rw', this.db.tables, async (transaction) => {
        const row = await this.nextRow(direction);
        const kept = row && (await this.db.historyChanges.get(row.seq));
        if (!row || !kept) throw new ShopError('nothingToUndo');
        for (const [table, group] of groupBy(kept.changes, (change) => change.table)) {
          // What a device measured since is no reason to refuse: readings are facts beside the edits.
          if (table === 'climateReadings') continue;
          const current = await this.db.stored(table).bulkGet(group.map((change) => change.id));
          if (group.some((change, at) => !sameButRevision(current[at] ?? null, change[from]))) throw new ShopError('conflict');
        }
        const written = await write(transaction, kept.changes, to);
        await this.db.history.update(row.seq, { isUndone: direction === 'undo' ? 1 : 0 });
        return { label: row.label, changes: written };
      });
      this.takeIn(changes, to);
      return label;
    } catch (error) {
      throw toShopError(error);
    }
  }

  private async nextRow(direction: 'undo' | 'redo'): Promise<HistoryRow | undefined> {
    const rows = this.db.history.where('isUndone').equals(direction === 'undo' ? 0 : 1);
    return direction === 'undo' ? rows.last() : rows.first();
  }

  /** Shows what was written, and remembers that it was this tab. */
  private takeIn(changes: readonly RecordChange[], side: 'before' | 'after'): void {
    if (this.own.size + changes.length > MOST_OWN_REVISIONS) this.own.clear();
    for (const change of changes) {
      const { revision } = (change[side] ?? {}) as { revision?: number };
      if (revision !== undefined) this.own.set(`${change.table}/${change.id}`, revision);
    }
    this.tables.apply(changes, side);
  }

  private async remember(transaction: Transaction, label: string, changes: readonly RecordChange[]): Promise<void> {
    const history = transaction.table<HistoryRow, number>('history');
    const undone = await history.where('isUndone').equals(1).primaryKeys();
    const seq = await history.add({ label, atMs: this.now(), isUndone: 0 } as HistoryRow);
    await transaction.table('historyChanges').add({ seq, changes } satisfies HistoryChanges);
    const count = await history.count();
    const old =
      count > HISTORY_LENGTH
        ? await history
            .orderBy('seq')
            .limit(count - HISTORY_LENGTH)
            .primaryKeys()
        : [];
    await history.bulkDelete([...undone, ...old]);
    await transaction.table('historyChanges').bulkDelete([...undone, ...old]);
  }
}

/** Going back must still look like a change to a tab that holds the newer state. */
function raised(change: RecordChange, side: 'before' | 'after'): RecordChange {
  const record = change[side] as { revision?: number } | null;
  const other = change[side === 'after' ? 'before' : 'after'] as { revision?: number } | null;
  return side === 'before' && record && other?.revision !== undefined
    ? { ...change, before: { ...record, revision: other.revision + 1 } }
    : change;
}

/** Writes one side of changes; returns them as they were written. */
async function write(
  transaction: Transaction,
  changes: readonly RecordChange[],
  side: 'before' | 'after',
): Promise<readonly RecordChange[]> {
  const written = changes.map((change) => raised(change, side));
  for (const [table, group] of groupBy(written, (change) => change.table)) {
    const puts = group.flatMap((change) => change[side] ?? []);
    const deletes = group.filter((change) => change[side] === null).map((change) => change.id);
    if (puts.length > 0) await transaction.table(table).bulkPut(puts);
    if (deletes.length > 0) await transaction.table(table).bulkDelete(deletes);
  }
  return written;
}
