import type { RecordOf, TableName } from '@zinc-ladder/model/file/validateRecord';
import type { Attachment, RecordChange, ShopDatabase, StoredTable } from './database';
import { ShopError } from './shopError';

/** One edit of the database, gathered as the difference it makes. Lives within one transaction. */
export class Edit {
  private readonly changes = new Map<string, { table: StoredTable; id: string; before: object | null; after: object | null }>();

  constructor(private readonly db: ShopDatabase) {}

  /** The record as this edit leaves it so far. */
  async get<Name extends TableName>(table: Name, id: string): Promise<RecordOf[Name] | undefined> {
    const known = this.changes.get(key(table, id));
    if (known) return (known.after ?? undefined) as RecordOf[Name] | undefined;
    return (await this.db.stored(table).get(id)) as RecordOf[Name] | undefined;
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

  /**
   * Adds a record or puts a new state in place of an old one; the revision is counted here.
   *
   * @param expectedRevision the revision the writer saw; another one there means another tab was first
   * @throws ShopError `conflict`
   */
  async put<Name extends TableName>(table: Name, record: RecordOf[Name], expectedRevision?: number): Promise<void> {
    const current = await this.get(table, record.id);
    if (expectedRevision !== undefined && current && current.revision !== expectedRevision) throw new ShopError('conflict');
    await this.note(table, record.id, { ...record, revision: current ? current.revision + 1 : record.revision });
  }

  /** Changes some fields of a record that must be there. */
  async patch<Name extends TableName>(table: Name, id: string, fields: Partial<RecordOf[Name]>, expectedRevision?: number): Promise<void> {
    const current = await this.need(table, id);
    await this.put(table, { ...current, ...fields }, expectedRevision);
  }

  /** Puts a record exactly as it comes from a file, its revision too. */
  async restore<Name extends TableName>(table: Name, record: RecordOf[Name]): Promise<void> {
    await this.note(table, record.id, record);
  }

  /** Takes a record away; undo brings it back. */
  async remove(table: StoredTable, id: string): Promise<void> {
    await this.note(table, id, null);
  }

  /** Keeps a picture or mesh. */
  async attach(attachment: Attachment): Promise<void> {
    await this.note('attachments', attachment.id, attachment);
  }

  /** The differences, without those that came to nothing. */
  finish(): RecordChange[] {
    return [...this.changes.values()].filter((change) => change.before !== null || change.after !== null);
  }

  private async note(table: StoredTable, id: string, after: object | null): Promise<void> {
    const known = this.changes.get(key(table, id));
    if (known) known.after = after;
    else this.changes.set(key(table, id), { table, id, before: (await this.db.stored(table).get(id)) ?? null, after });
  }
}

function key(table: string, id: string): string {
  return `${table}/${id}`;
}
