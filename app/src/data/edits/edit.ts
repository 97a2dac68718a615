import type { RecordList } from '@zinc-ladder/model/file/tableNames';
import type { RecordOf } from '@zinc-ladder/model/file/recordClasses';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { MaskPlan } from '@zinc-ladder/model/records/ladder/maskPlan';
import type { Reference } from '@zinc-ladder/model/rules/reference';
import { namedIds, withoutNames } from '@zinc-ladder/model/rules/reference';
import { hasBytes, referencesTo } from '@zinc-ladder/model/rules/referenceTable';
import { tidyMaskPlan } from '@zinc-ladder/model/rules/tidyMaskPlan';
import type { Transaction } from 'dexie';
import type { Kept } from '../tables/buckets/bucketRow';
import { BucketTable } from '../tables/buckets/bucketTable';
import type { Attachment, MetaRow, RecordChange, StoredTable } from '../tables/database';
import { mergeSeen } from './mergeSeen';
import type { RecordTable } from '../tables/recordTable';
import { recordTable } from '../tables/recordTable';
import { sameButRevision, sameRecord } from '../tables/sameRecord';
import { ShopError } from './shopError';

interface Change {
  readonly table: StoredTable;
  readonly id: string;
  readonly before: object | null;
  after: object | null;
}

/** One edit of the database, gathered as the difference it makes. Lives within one transaction, and reads what it has changed itself. */
export class Edit {
  private readonly changes = new Map<string, Change>();
  /** single records that were asked for, as they were before this edit */
  private readonly read = new Map<string, { readonly record: object | undefined }>();
  /** tables read whole, by id, as they were before this edit */
  private readonly wholes = new Map<StoredTable, Map<string, object>>();

  /**
   * @param transaction what it reads in. Its tables are asked for by name: a long edit outlives the zone by which Dexie would know it
   * @param isOwn whether a record's revision was written by this tab: what one types quickly is no conflict with oneself
   */
  constructor(
    private readonly transaction: Pick<Transaction, 'table'>,
    private readonly isOwn: (table: StoredTable, id: string, revision: number) => boolean = () => false,
  ) {}

  /** The record as this edit leaves it so far. */
  async get<Name extends TableName>(table: Name, id: string): Promise<RecordOf[Name] | undefined> {
    const known = this.changes.get(key(table, id));
    if (known) return (known.after ?? undefined) as RecordOf[Name] | undefined;
    return (await this.before(table, id)) as RecordOf[Name] | undefined;
  }

  /**
   * The record, which must be there.
   *
   * @throws ShopError `missing`
   */
  async need<Name extends TableName>(table: Name, id: string): Promise<RecordOf[Name]> {
    const found = await this.get(table, id);
    if (!found) throw new ShopError('missing');
    return found;
  }

  /** All records of a table as this edit leaves them so far. */
  async list<Name extends TableName>(table: Name): Promise<RecordOf[Name][]> {
    return this.overlaid(table, [...(await this.whole(table)).values()]) as RecordOf[Name][];
  }

  /** The records of a table whose field has a value, as this edit leaves them so far. */
  async find<Name extends TableName>(table: Name, field: keyof RecordOf[Name] & string, value: string): Promise<RecordOf[Name][]> {
    const isFound = !this.wholes.has(table) && this.stored(table).isFoundBy(field);
    const stored = isFound ? await this.stored(table).findAny(field, [value]) : [...(await this.whole(table)).values()];
    return (this.overlaid(table, stored) as RecordOf[Name][]).filter((record) => record[field] === value);
  }

  /**
   * Adds a record or puts a new state in place of an old one; the revision is counted here.
   *
   * @param seen the record as the writer saw it: only what differs from it is written, and what another tab changed there since is a conflict
   * @throws ShopError `conflict`, `stale` or `missing`
   */
  async put<Name extends TableName>(table: Name, record: RecordOf[Name], seen?: RecordOf[Name]): Promise<void> {
    const current = await this.get(table, record.id);
    if (seen && !current) throw new ShopError('missing');
    const next = seen && current ? mergeSeen(current, record, seen, this.isOwn(table, record.id, current.revision)) : record;
    // An edit that changes nothing is no edit: it leaves nothing to undo, and no tab behind.
    if (current && sameButRevision(current, next)) return;
    await this.note(table, record.id, { ...next, revision: current ? current.revision + 1 : record.revision });
  }

  /** Changes some fields of a record that must be there. */
  async patch<Name extends TableName>(table: Name, id: string, fields: Partial<RecordOf[Name]>, seen?: RecordOf[Name]): Promise<void> {
    const base = seen ?? (await this.need(table, id));
    await this.put(table, { ...base, ...fields }, seen);
  }

  /** Puts a record exactly as it comes from a file, its revision too. */
  async restore<Name extends TableName>(table: Name, record: RecordOf[Name]): Promise<void> {
    await this.note(table, record.id, record);
  }

  /**
   * Takes records away, with all that the references between records say: what belongs to them goes along, what only names them forgets them.
   *
   * @throws ShopError `held` when something that must stay shows one of them
   */
  async remove(list: RecordList, ...ids: readonly string[]): Promise<void> {
    for (const id of ids) if (await this.isHeld(list, id)) throw new ShopError('held');
    await this.takeAway(list, new Set(ids));
  }

  /** Whether something that must stay, such as a log entry, shows a record. */
  async isHeld(list: RecordList, id: string): Promise<boolean> {
    for (const reference of referencesTo(list))
      if (reference.onRemove === 'refuse' && (await this.naming(reference, new Set([id]))).length > 0) return true;
    return false;
  }

  /** Takes one record away and nothing with it; whoever calls it sees to what names it. */
  async drop(table: StoredTable, id: string): Promise<void> {
    await this.note(table, id, null);
  }

  /** Keeps a picture or mesh. */
  async attach(attachment: Attachment): Promise<void> {
    await this.note('attachments', attachment.id, attachment);
  }

  /** Keeps what is no record, such as how the clock is turned: with this edit or not at all, but no undo takes it back. */
  async keepBeside(rows: readonly MetaRow[]): Promise<void> {
    if (rows.length > 0) await this.transaction.table<MetaRow>('meta').bulkPut(rows);
  }

  /** The number the next log entry is written under: one more than any before, also in another tab. */
  async nextLogCounter(): Promise<number> {
    const last = await new BucketTable('logEntries', this.transaction.table('logEntries')).greatest();
    const own = [...this.changes.values()].flatMap(({ table, after }) =>
      table === 'logEntries' && after ? [(after as LogEntry).counter] : [],
    );
    return Math.max(last, ...own) + 1;
  }

  /** Whether a record, or its bytes, are there as this edit leaves them so far. */
  async has(table: StoredTable, id: string): Promise<boolean> {
    const known = this.changes.get(key(table, id));
    return known ? known.after !== null : (await this.before(table, id)) !== undefined;
  }

  /** The ids of a table as this edit leaves them so far; nothing but ids is read. */
  async keys(table: StoredTable): Promise<Set<string>> {
    const keys = new Set<string>(await this.stored(table).keys());
    for (const change of this.changes.values())
      if (change.table === table) {
        if (change.after) keys.add(change.id);
        else keys.delete(change.id);
      }
    return keys;
  }

  /** Reads a table once, so that many records of it are changed without asking for each. */
  async whole(table: StoredTable): Promise<ReadonlyMap<string, object>> {
    const known = this.wholes.get(table);
    if (known) return known;
    const read = new Map((await this.stored(table).toArray()).map((record) => [record.id, record as object]));
    this.wholes.set(table, read);
    return read;
  }

  /** Tables it has read whole, as they were before it. */
  get wholesRead(): ReadonlyMap<StoredTable, ReadonlyMap<string, object>> {
    return this.wholes;
  }

  /** The differences, without those that came to nothing. */
  finish(): RecordChange[] {
    return [...this.changes.values()].filter(({ before, after }) => before !== after && !(before && after && sameRecord(before, after)));
  }

  /** Records that name one of some ids by a reference. */
  async naming(reference: Reference, ids: ReadonlySet<string>): Promise<readonly Kept[]> {
    const index = reference.path.replace('[]', '');
    const isFound = !this.wholes.has(reference.from) && this.stored(reference.from).isFoundBy(index);
    const stored = isFound ? await this.stored(reference.from).findAny(index, [...ids]) : [...(await this.whole(reference.from)).values()];
    return this.overlaid(reference.from, stored).filter((record) => namedIds(record, reference).some(({ id }) => ids.has(id)));
  }

  private async takeAway(list: RecordList, ids: ReadonlySet<string>): Promise<void> {
    for (const id of ids) {
      await this.drop(list, id);
      if (hasBytes(list)) await this.drop('attachments', id);
    }
    for (const reference of referencesTo(list)) {
      const { from, onRemove } = reference;
      if (onRemove === 'keep' || onRemove === 'refuse') continue;
      const along = new Set<string>();
      for (const record of await this.naming(reference, ids)) {
        const goesAlong = onRemove === 'remove' || (onRemove === 'removeUnlessHeld' && !(await this.isHeld(from, record.id)));
        if (goesAlong) along.add(record.id);
        else await this.forgetNames(reference, record, ids);
      }
      if (along.size > 0) await this.takeAway(from, along);
    }
  }

  private async forgetNames(reference: Reference, record: Kept, ids: ReadonlySet<string>): Promise<void> {
    const kept = withoutNames(record, reference, (id) => ids.has(id)) as RecordOf[RecordList];
    await this.put(reference.from, reference.from === 'maskPlans' ? tidyMaskPlan(kept as MaskPlan) : kept);
  }

  private overlaid(table: StoredTable, stored: readonly object[]): Kept[] {
    const own = [...this.changes.values()].filter((change) => change.table === table);
    if (own.length === 0) return stored as Kept[];
    const changed = new Set(own.map((change) => change.id));
    const kept = (stored as readonly Kept[]).filter(({ id }) => !changed.has(id));
    return [...kept, ...own.flatMap(({ after }) => (after ? [after as Kept] : []))];
  }

  private async before(table: StoredTable, id: string): Promise<object | undefined> {
    const whole = this.wholes.get(table);
    if (whole) return whole.get(id);
    const known = this.read.get(key(table, id));
    if (known) return known.record;
    const record = await this.stored(table).get(id);
    this.read.set(key(table, id), { record });
    return record;
  }

  private stored(table: StoredTable): RecordTable {
    return recordTable(this.transaction, table);
  }

  private async note(table: StoredTable, id: string, after: object | null): Promise<void> {
    const known = this.changes.get(key(table, id));
    if (known) known.after = after;
    else this.changes.set(key(table, id), { table, id, before: (await this.before(table, id)) ?? null, after });
  }
}

function key(table: string, id: string): string {
  return `${table}/${id}`;
}
