import { bucketOf } from './bucketOf';
import type { BucketedName } from './bucketedTables';
import { BUCKETED } from './bucketedTables';

/** A record as a row keeps it. */
export type Kept = object & { readonly id: string };

/** A row of records, and what it can be found by. */
export interface BucketRow<Record extends Kept = Kept> {
  readonly id: string;
  readonly records: readonly Record[];
  readonly [field: string]: unknown;
}

/** A row of some records, with the values it is found by. */
export function toBucketRow<Record extends Kept>(table: BucketedName, id: string, records: readonly Record[]): BucketRow<Record> {
  const { found, greatest } = BUCKETED[table];
  const row: { [field: string]: unknown; id: string; records: readonly Record[] } = { id, records };
  for (const field of found) {
    const values = new Set(records.flatMap((record) => (record as Fields)[field] ?? []));
    // Rows that name nothing stay out of the index.
    if (values.size > 0) row[field] = [...values];
  }
  if (greatest) row[greatest] = records.reduce((most, record) => Math.max(most, (record as Fields)[greatest] as number), -1);
  return row;
}

type Fields = Readonly<Record<string, unknown>>;

/** The row a record of a table is kept in. */
export function rowOf(table: BucketedName, id: string): string {
  return bucketOf(id, BUCKETED[table].rows);
}

/** Records by the row they belong to. */
export function byRow<Record extends { readonly id: string }>(table: BucketedName, records: readonly Record[]): Map<string, Record[]> {
  const rows = new Map<string, Record[]>();
  for (const record of records) {
    const bucket = rowOf(table, record.id);
    const row = rows.get(bucket);
    if (row) row.push(record);
    else rows.set(bucket, [record]);
  }
  return rows;
}

/** Records of some rows, ordered by id as the database orders them. */
export function recordsOf<Record extends Kept>(rows: readonly (BucketRow<Record> | undefined)[]): Record[] {
  return rows.flatMap((row) => row?.records ?? []).sort((a, b) => (a.id < b.id ? -1 : 1));
}
