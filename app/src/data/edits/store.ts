import type { Fault } from '@zinc-ladder/model/file/faults';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import type { Transaction } from 'dexie';
import { findCommitFaults } from './checkCommit';
import type { HistoryChanges, HistoryRow, RecordChange, ShopDatabase, StoredTable } from '../tables/database';
import { Edit } from './edit';
import { groupBy } from '../../base/groupBy';
import { LiveTables } from '../tables/liveTables';
import { isMomentKept } from '@zinc-ladder/model/records/base/momentBounds';
import type { Kept } from '../tables/buckets/bucketRow';
import { BucketTable } from '../tables/buckets/bucketTable';
import { recordTable } from '../tables/recordTable';
import { isLarge, packChanges, unpackChanges } from '../tables/packChanges';
import { sameButRevision } from '../tables/sameRecord';
import { ShopError, toShopError } from './shopError';

/** Edits kept for undo. */
const HISTORY_LENGTH = 200;
/** Changes of more records than this write their table anew. */
const MOST_CHANGED = 2000;
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

  /**
   * @param elsewhere goes to the other side of an edit of thousands of records where no page stands still for it; left out: here
   */
  constructor(
    readonly db: ShopDatabase,
    private readonly now: () => number,
    private readonly elsewhere: ((direction: 'undo' | 'redo') => Promise<string>) | null = null,
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
        await write(transaction, made, edit.wholesRead);
        if (made.length > 0) await this.remember(transaction, label, made);
        return { result: worked, changes: made };
      });
      this.takeIn(changes);
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
    await this.db.transaction('rw', this.db.history, this.db.historyChanges, this.db.meta, async () => {
      // Which backup is of this state is told by its edits.
      await this.db.meta.delete('backedUp');
      await this.db.history.clear();
      await this.db.historyChanges.clear();
    });
  }

  private async travel(direction: 'undo' | 'redo'): Promise<string> {
    try {
      for (;;) {
        const next = await this.nextRow(direction);
        const kept = next && (await this.db.historyChanges.get(next.seq));
        if (!next || !kept) throw new ShopError('nothingToUndo');
        if (this.elsewhere && isLarge(kept)) {
          const label = await this.elsewhere(direction);
          await this.tables.reload();
          return label;
        }
        const changes = await unpackChanges(kept);
        const made = await this.db.transaction('rw', this.db.tables, (transaction) =>
          this.turn(transaction, direction, { ...kept, changes }),
        );
        // Another tab went there first: what comes next is another edit.
        if (!made) continue;
        this.takeIn(made);
        return next.label;
      }
    } catch (error) {
      throw toShopError(error);
    }
  }

  /** Goes to the other side of an edit; null when it is no longer the next to go to. */
  private async turn(
    transaction: Transaction,
    direction: 'undo' | 'redo',
    { seq, changes, bytes }: HistoryChanges,
  ): Promise<readonly RecordChange[] | null> {
    if ((await this.nextRow(direction))?.seq !== seq) return null;
    const [from, to] = direction === 'undo' ? (['after', 'before'] as const) : (['before', 'after'] as const);
    const made: RecordChange[] = [];
    const wholes = new Map<StoredTable, ReadonlyMap<string, object>>();
    for (const [table, group] of groupBy(changes, (change) => change.table)) {
      const stored = recordTable(transaction, table);
      const found =
        group.length > MOST_CHANGED
          ? new Map((await stored.toArray()).map((record) => [record.id, record]))
          : byIds(await stored.bulkGet(group.map((change) => change.id)));
      if (group.length > MOST_CHANGED) wholes.set(table, found);
      for (const change of group) {
        const before = found.get(change.id) ?? null;
        // What a device measured since is no reason to refuse: readings are facts beside the edits.
        if (table !== 'climateReadings' && !sameButRevision(before, change[from])) throw new ShopError('conflict');
        made.push({ table, id: change.id, before, after: raised(change[to], before) });
      }
    }
    const kept = await recordTable(transaction, 'attachments').bulkGet(bytes.map(({ id }) => id));
    for (const [at, { id, isHere, other }] of bytes.entries()) {
      const before = kept[at] ?? null;
      if ((before !== null) !== isHere) throw new ShopError('conflict');
      made.push({ table: 'attachments', id, before, after: other });
    }
    await write(transaction, made, wholes);
    if (bytes.length > 0) {
      // Only the bytes that are not here are kept with the edit, so they change places; its records stay as they are.
      const moved = packChanges(
        seq,
        made.filter(({ table }) => table === 'attachments'),
        'after',
      ).bytes;
      await transaction.table('historyChanges').update(seq, { bytes: moved });
    }
    await transaction.table('history').update(seq, { isUndone: direction === 'undo' ? 1 : 0 });
    return made;
  }

  private async nextRow(direction: 'undo' | 'redo'): Promise<HistoryRow | undefined> {
    const rows = this.db.history.where('isUndone').equals(direction === 'undo' ? 0 : 1);
    return direction === 'undo' ? rows.last() : rows.first();
  }

  /** Updates the tables held in memory, and remembers that this tab wrote the change. */
  private takeIn(changes: readonly RecordChange[]): void {
    if (this.own.size + changes.length > MOST_OWN_REVISIONS) this.own.clear();
    for (const change of changes.slice(-MOST_OWN_REVISIONS)) {
      const { revision } = (change.after ?? {}) as { revision?: number };
      if (revision !== undefined) this.own.set(`${change.table}/${change.id}`, revision);
    }
    this.tables.apply(changes);
  }

  private async remember(transaction: Transaction, label: string, changes: readonly RecordChange[]): Promise<void> {
    const history = transaction.table<HistoryRow, number>('history');
    const undone = await history.where('isUndone').equals(1).primaryKeys();
    const seq = await history.add({ label, atMs: this.now(), isUndone: 0 } as HistoryRow);
    await transaction.table('historyChanges').add(packChanges(seq, changes, 'after'));
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
function raised(record: object | null, before: object | null): object | null {
  const { revision } = (before ?? {}) as { readonly revision?: number };
  return record && revision !== undefined ? { ...record, revision: revision + 1 } : record;
}

function byIds(records: readonly (Kept | undefined)[]): Map<string, Kept> {
  return new Map(records.flatMap((record) => (record ? [[record.id, record] as const] : [])));
}

/**
 * Writes what changes lead to.
 *
 * @param wholes tables as they were before, of those that were read whole
 */
async function write(
  transaction: Transaction,
  changes: readonly RecordChange[],
  wholes: ReadonlyMap<StoredTable, ReadonlyMap<string, object>>,
): Promise<void> {
  for (const [name, group] of groupBy(changes, (change) => change.table)) {
    const puts = group.flatMap((change) => (change.after as Kept | null) ?? []);
    const deletes = group.filter((change) => change.after === null).map((change) => change.id);
    const table = recordTable(transaction, name);
    const whole = wholes.get(name);
    if (whole && group.length > MOST_CHANGED && table instanceof BucketTable) {
      const changed = new Set(group.map((change) => change.id));
      const kept = ([...whole.values()] as Kept[]).filter(({ id }) => !changed.has(id));
      await table.replaceAll([...kept, ...puts]);
      continue;
    }
    if (puts.length > 0) await table.bulkPut(puts);
    if (deletes.length > 0) await table.bulkDelete(deletes);
  }
}
