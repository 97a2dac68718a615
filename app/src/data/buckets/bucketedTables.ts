import type { TableName } from '@zinc-ladder/model/file/tableNames';

/**
 * Tables whose records lie together in rows of many: writing a row costs the browser about the same however much is in it, so what a shop has
 * thousands of is written, read and copied a hundred times quicker so. For each the fields its rows can be found by, and one whose greatest value
 * the row tells.
 */
export const BUCKETED = {
  rungs: { found: ['ladderId', 'state', 'productId', 'mixCardId'], greatest: null },
  logEntries: { found: ['pictureIds', 'correctsId'], greatest: 'counter' },
  pictures: { found: [], greatest: null },
} as const satisfies { readonly [Name in TableName]?: { readonly found: readonly string[]; readonly greatest: string | null } };

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
