import type { Table } from 'dexie';
import { BUCKETED } from './bucketedTables';
import type { BucketedName } from './bucketedTables';
import type { BucketRow, Kept } from './bucketRow';
import { byRow, recordsOf, rowOf, toBucketRow } from './bucketRow';

/** A table whose records lie in rows of many, asked for records as any table is. Several changes at once must be within one transaction. */
export class BucketTable<Record extends Kept> {
  constructor(
    private readonly name: BucketedName,
    readonly rows: Table<BucketRow<Record>, string>,
  ) {}

  async get(id: string): Promise<Record | undefined> {
    return (await this.rows.get(rowOf(this.name, id)))?.records.find((record) => record.id === id);
  }

  async bulkGet(ids: readonly string[]): Promise<(Record | undefined)[]> {
    const known = new Map(
      recordsOf(await this.rows.bulkGet([...new Set(ids.map((id) => rowOf(this.name, id)))])).map((record) => [record.id, record]),
    );
    return ids.map((id) => known.get(id));
  }

  /** All records, ordered by id. */
  async toArray(): Promise<Record[]> {
    return recordsOf(await this.rows.toArray());
  }

  async count(): Promise<number> {
    return (await this.rows.toArray()).reduce((sum, row) => sum + row.records.length, 0);
  }

  async keys(): Promise<string[]> {
    return (await this.toArray()).map((record) => record.id);
  }

  /** Whether records are found by a field without reading all. */
  isFoundBy(field: string): boolean {
    return (BUCKETED[this.name].found as readonly string[]).includes(field);
  }

  /** Records whose field has, or holds, one of some values. */
  async findAny(field: string, values: readonly string[]): Promise<Record[]> {
    const wanted = new Set(values);
    const rows = await this.rows.where(field).anyOf(values).distinct().toArray();
    return recordsOf(rows).filter((record) =>
      [(record as { [field: string]: string | string[] | null })[field] ?? []].flat().some((value) => wanted.has(value)),
    );
  }

  /** The greatest value of the field the rows tell it of; -1 without records. */
  async greatest(): Promise<number> {
    const { greatest } = BUCKETED[this.name];
    if (!greatest) throw new RangeError(`${this.name} tell no greatest value`);
    // Only the index is read: the row it names is of no use here.
    const [value] = await this.rows.orderBy(greatest).reverse().limit(1).keys();
    return (value as number | undefined) ?? -1;
  }

  /** The record with the greatest value of that field; undefined without records. */
  async newest(): Promise<Record | undefined> {
    const { greatest } = BUCKETED[this.name];
    if (!greatest) throw new RangeError(`${this.name} tell no greatest value`);
    const row = await this.rows.orderBy(greatest).last();
    const value = row?.[greatest];
    return row?.records.find((record) => (record as { [field: string]: unknown })[greatest] === value);
  }

  async bulkPut(records: readonly Record[]): Promise<void> {
    await this.change(
      records.map((record) => record.id),
      records,
    );
  }

  async bulkDelete(ids: readonly string[]): Promise<void> {
    await this.change(ids, []);
  }

  async put(record: Record): Promise<void> {
    await this.bulkPut([record]);
  }

  /** Changes some fields of a record that is there. */
  async update(id: string, fields: Partial<Record>): Promise<void> {
    const record = await this.get(id);
    if (record) await this.put({ ...record, ...fields });
  }

  /** Makes its records these and no others: rows are neither read nor changed one by one. */
  async replaceAll(records: readonly Record[]): Promise<void> {
    await this.rows.clear();
    await this.rows.bulkPut([...byRow(this.name, records)].map(([id, own]) => toBucketRow(this.name, id, own)));
  }

  /** Takes out all records of some ids and puts others in. */
  private async change(ids: readonly string[], records: readonly Record[]): Promise<void> {
    const gone = new Set(ids);
    const added = byRow(this.name, records);
    const touched = [...new Set([...ids.map((id) => rowOf(this.name, id)), ...added.keys()])];
    const rows = await this.rows.bulkGet(touched);
    const next = touched.map((id, at) =>
      toBucketRow(this.name, id, [...(rows[at]?.records.filter((record) => !gone.has(record.id)) ?? []), ...(added.get(id) ?? [])]),
    );
    const empty = next.filter((row) => row.records.length === 0).map((row) => row.id);
    if (empty.length > 0) await this.rows.bulkDelete(empty);
    if (empty.length < next.length) await this.rows.bulkPut(next.filter((row) => row.records.length > 0));
  }
}
