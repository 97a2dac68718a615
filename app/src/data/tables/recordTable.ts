import type { Table } from 'dexie';
import { isBucketed } from './buckets/bucketedTables';
import type { BucketRow, Kept } from './buckets/bucketRow';
import { BucketTable } from './buckets/bucketTable';

/** What edits and views ask of a stored table, however its records lie. */
export interface RecordTable {
  get(id: string): PromiseLike<Kept | undefined>;
  bulkGet(ids: readonly string[]): PromiseLike<(Kept | undefined)[]>;
  /** ordered by id */
  toArray(): PromiseLike<Kept[]>;
  keys(): PromiseLike<string[]>;
  isFoundBy(field: string): boolean;
  findAny(field: string, values: readonly string[]): PromiseLike<Kept[]>;
  bulkPut(records: readonly Kept[]): PromiseLike<unknown>;
  bulkDelete(ids: readonly string[]): PromiseLike<unknown>;
}

/** A table with a row for each record. */
class SingleTable implements RecordTable {
  constructor(private readonly rows: Table<Kept, string>) {}
  get(id: string): PromiseLike<Kept | undefined> {
    return this.rows.get(id);
  }
  bulkGet(ids: readonly string[]): PromiseLike<(Kept | undefined)[]> {
    return this.rows.bulkGet([...ids]);
  }
  toArray(): PromiseLike<Kept[]> {
    return this.rows.toArray();
  }
  keys(): PromiseLike<string[]> {
    return this.rows.toCollection().primaryKeys();
  }
  isFoundBy(field: string): boolean {
    return field in this.rows.schema.idxByName;
  }
  findAny(field: string, values: readonly string[]): PromiseLike<Kept[]> {
    return this.rows
      .where(field)
      .anyOf([...values])
      .toArray();
  }
  bulkPut(records: readonly Kept[]): PromiseLike<unknown> {
    return this.rows.bulkPut(records);
  }
  bulkDelete(ids: readonly string[]): PromiseLike<unknown> {
    return this.rows.bulkDelete([...ids]);
  }
}

/** A stored table of a database or a transaction. A transaction's is bound to it: a long edit outlives the zone by which Dexie would know it. */
export function recordTable(source: { readonly table: (name: string) => Table }, name: string): RecordTable {
  return isBucketed(name)
    ? new BucketTable(name, source.table(name) as Table<BucketRow, string>)
    : new SingleTable(source.table(name) as Table<Kept, string>);
}
