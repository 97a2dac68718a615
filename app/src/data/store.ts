import type { Fault } from '@zinc-ladder/model/file/faults';
import type { TableName } from '@zinc-ladder/model/file/validateRecord';
import type { HistoryRow, RecordChange, ShopDatabase } from './database';
import { Edit } from './edit';
import { ShopError, toShopError } from './shopError';
import { groupBy } from './groupBy';

/** Edits kept for undo. */
const HISTORY_LENGTH = 200;

/** What undo and redo would do next. */
export interface HistoryState {
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
}

/** The one way into the database: every edit is one transaction, validated, and can be undone. */
export class Store {
  /** what was asked for last: the next waits for it, so that an undo takes back what was done before it, however quick it comes */
  private last: Promise<unknown> = Promise.resolve();

  constructor(
    readonly db: ShopDatabase,
    private readonly now: () => number,
  ) {}

  /**
   * Runs an edit. Nothing is written unless all of it can be.
   *
   * @param label what it does, for undo: "Log 12 min"
   * @throws ShopError
   */
  edit<Result>(label: string, work: (edit: Edit) => Promise<Result>): Promise<Result> {
    return this.inTurn(() => this.runEdit(label, work));
  }

  private inTurn<Result>(run: () => Promise<Result>): Promise<Result> {
    const result = this.last.then(run, run);
    this.last = result;
    return result;
  }

  private async runEdit<Result>(label: string, work: (edit: Edit) => Promise<Result>): Promise<Result> {
    // Loaded before the transaction opens: waiting for anything else would end it.
    const { findRecordFaults } = await import('@zinc-ladder/model/file/validateRecord');
    try {
      return await this.db.transaction('rw', this.db.tables, async () => {
        const edit = new Edit(this.db);
        const result = await work(edit);
        const changes = edit.finish();
        const faults = changes.flatMap((change): Fault[] =>
          change.after && change.table !== 'attachments' ? findRecordFaults(change.table as TableName, change.after) : [],
        );
        if (faults.length > 0) throw new ShopError('invalid', faults);
        await this.write(changes, 'after');
        if (changes.length > 0) await this.remember(label, changes);
        return result;
      });
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
    const [undo, redo] = await Promise.all([this.nextRow('undo'), this.nextRow('redo')]);
    return { undoLabel: undo?.label ?? null, redoLabel: redo?.label ?? null };
  }

  /** Forgets all edits, as after a new start: what was before belongs to another shop. */
  async forgetHistory(): Promise<void> {
    await this.db.history.clear();
  }

  private async travel(direction: 'undo' | 'redo'): Promise<string> {
    const from = direction === 'undo' ? 'after' : 'before';
    const to = direction === 'undo' ? 'before' : 'after';
    try {
      return await this.db.transaction('rw', this.db.tables, async () => {
        const row = await this.nextRow(direction);
        if (!row) throw new ShopError('nothingToUndo');
        for (const change of row.changes) {
          const current = (await this.db.stored(change.table).get(change.id)) ?? null;
          if (!isSame(current, change[from])) throw new ShopError('conflict');
        }
        await this.write(row.changes, to);
        await this.db.history.update(row.seq, { isUndone: direction === 'undo' ? 1 : 0 });
        return row.label;
      });
    } catch (error) {
      throw toShopError(error);
    }
  }

  private async nextRow(direction: 'undo' | 'redo'): Promise<HistoryRow | undefined> {
    const rows = this.db.history.where('isUndone').equals(direction === 'undo' ? 0 : 1);
    return direction === 'undo' ? rows.last() : rows.first();
  }

  private async write(changes: readonly RecordChange[], side: 'before' | 'after'): Promise<void> {
    for (const [table, group] of groupBy(changes, (change) => change.table)) {
      const puts = group.flatMap((change) => {
        const record = change[side];
        if (!record) return [];
        // Going back must still look like a change to a tab that holds the newer state.
        const other = change[side === 'after' ? 'before' : 'after'] as { revision?: number } | null;
        return [side === 'before' && other?.revision !== undefined ? { ...record, revision: other.revision + 1 } : record];
      });
      const deletes = group.filter((change) => change[side] === null).map((change) => change.id);
      if (puts.length > 0) await this.db.stored(table).bulkPut(puts);
      if (deletes.length > 0) await this.db.stored(table).bulkDelete(deletes);
    }
  }

  private async remember(label: string, changes: readonly RecordChange[]): Promise<void> {
    await this.db.history.where('isUndone').equals(1).delete();
    await this.db.history.add({ label, atMs: this.now(), changes, isUndone: 0 } as unknown as HistoryRow);
    const count = await this.db.history.count();
    if (count > HISTORY_LENGTH) {
      const old = await this.db.history
        .orderBy('seq')
        .limit(count - HISTORY_LENGTH)
        .primaryKeys();
      await this.db.history.bulkDelete(old);
    }
  }
}

/** Whether two states are the same but for the revision count. */
function isSame(left: object | null, right: object | null): boolean {
  return canonical(left) === canonical(right);
}

function canonical(record: object | null): string {
  if (!record) return 'null';
  if ('blob' in record) return `blob:${(record.blob as Blob).size}`;
  return JSON.stringify(record, (key, value: unknown) => {
    if (key === 'revision') return undefined;
    if (typeof value === 'object' && value !== null && !Array.isArray(value))
      return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
    return value;
  });
}
