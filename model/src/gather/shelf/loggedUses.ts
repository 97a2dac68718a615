import { fewChangedEntries } from '../../log/changedEntries';
import type { LogEntry } from '../../records/ladder/logEntry';

/** Something that was taken of a product, by film and area. */
export interface LoggedUse {
  readonly atMs: number;
  readonly millilitres: number;
}

/** What was taken of products, in time order, by their id. */
export type LoggedUses = ReadonlyMap<string, readonly LoggedUse[]>;

/** What the log says was taken of every product, from entries as they stand. */
export function usesOf(standing: readonly LogEntry[]): LoggedUses {
  const uses = new Map<string, LoggedUse[]>();
  for (const entry of standing) {
    if (!tookSomething(entry)) continue;
    const use = { atMs: entry.atMs, millilitres: entry.tookMillilitres };
    const own = uses.get(entry.productId);
    if (own) own.push(use);
    else uses.set(entry.productId, [use]);
  }
  for (const own of uses.values()) own.sort((a, b) => a.atMs - b.atMs);
  return uses;
}

/** Updates an earlier result: only products whose entries changed are added up again. */
export function usesAfter(last: LoggedUses, before: readonly LogEntry[], standing: readonly LogEntry[]): LoggedUses {
  const changed = fewChangedEntries(before, standing);
  if (!changed) return usesOf(standing);
  const products = new Set(changed.filter(tookSomething).map(({ productId }) => productId));
  if (products.size === 0) return last;
  const again = usesOf(standing.filter(({ productId }) => productId !== null && products.has(productId)));
  return new Map([...[...last].filter(([id]) => !products.has(id)), ...again]);
}

function tookSomething(entry: LogEntry): entry is LogEntry & { readonly productId: string; readonly tookMillilitres: number } {
  return entry.kind === 'done' && entry.productId !== null && entry.tookMillilitres !== null && entry.tookMillilitres !== 0;
}
