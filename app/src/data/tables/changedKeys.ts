/** What Dexie tells of keys that changed: a tree of ranges. What comes from another tab has lost its class, so it is walked here. */
interface RangeTree {
  readonly from?: unknown;
  readonly to?: unknown;
  readonly l?: RangeTree | null;
  readonly r?: RangeTree | null;
}

/** Ids that changed in one table; `all` where only a range is known. */
export type ChangedKeys = ReadonlySet<string> | 'all';

/** Ids that changed by table, from the parts of Dexie's `storagemutated`. Tables of other databases are left out. */
export function changedKeys(parts: Readonly<Record<string, unknown>>, databaseName: string): Map<string, ChangedKeys> {
  const prefix = `idb://${databaseName}/`;
  const changed = new Map<string, ChangedKeys>();
  for (const [part, tree] of Object.entries(parts)) {
    if (!part.startsWith(prefix)) continue;
    const [table = '', index] = part.slice(prefix.length).split('/');
    const known = changed.get(table) ?? new Set<string>();
    // Only the primary key and what was deleted name records; other indexes name values.
    if (known === 'all' || (index !== '' && index !== ':dels')) {
      changed.set(table, known);
      continue;
    }
    const ids = new Set(known);
    changed.set(table, collect(tree as RangeTree, ids) ? ids : 'all');
  }
  return changed;
}

/** Whether all ranges were single ids. */
function collect(tree: RangeTree | null | undefined, into: Set<string>): boolean {
  if (!tree || !('from' in tree)) return true;
  if (typeof tree.from !== 'string' || tree.from !== tree.to) return false;
  into.add(tree.from);
  return collect(tree.l, into) && collect(tree.r, into);
}
