import type { TableName } from '@zinc-ladder/model/file/tableNames';

/**
 * Tables whose records lie together in rows of many: writing a row costs the browser about the same however much is in it, so what a shop has
 * thousands of is written and read many times quicker so. For each: how many rows at most (a small shop has one for each record), the fields they can
 * be found by, and one whose greatest value they tell.
 *
 * Measured in Chromium with 50,000 log entries: 128 rows are written in 0.4 s, 256 in 2.7 s and single records in 45 s (what is larger than 64 KiB is
 * laid beside its store, smaller rows go through it); one such row is read and written again in 7–9 ms.
 */
export const BUCKETED = {
  rungs: { rows: 128, found: ['ladderId', 'state', 'productId', 'mixCardId'], greatest: null },
  logEntries: { rows: 128, found: ['pictureIds', 'correctsId'], greatest: 'counter' },
  pictures: { rows: 32, found: [], greatest: null },
} as const satisfies {
  readonly [Name in TableName]?: { readonly rows: number; readonly found: readonly string[]; readonly greatest: string | null };
};

/** A table kept in rows of many. */
export type BucketedName = keyof typeof BUCKETED;

/** All of them. */
export const BUCKETED_NAMES = Object.keys(BUCKETED) as BucketedName[];

/** Whether a table is kept in rows of many. */
export function isBucketed(table: string): table is BucketedName {
  return table in BUCKETED;
}

/** How the rows of a bucketed table are declared to the database. */
export function bucketSchema(table: BucketedName): string {
  const { found, greatest } = BUCKETED[table];
  return ['id', ...found.map((field) => `*${field}`), ...(greatest ? [greatest] : [])].join(', ');
}
