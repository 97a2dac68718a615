import { sameValue } from '../tables/sameRecord';
import { ShopError } from './shopError';

/**
 * A record with a writer's changes over what is kept now. What the writer did not touch stays as it is kept, whoever changed it since.
 *
 * @param current the record as it is kept
 * @param next the record as the writer would have it
 * @param seen the record as the writer saw it
 * @param isOwn the kept state was written by this very tab
 * @throws ShopError `conflict` when another tab changed a field that is written; `stale` when this tab did and a list would lose entries
 */
export function mergeSeen<Kept extends object>(current: Kept, next: Kept, seen: Kept, isOwn: boolean): Kept {
  const merged = { ...current };
  for (const name of Object.keys(next) as (keyof Kept & string)[]) {
    if (name === 'revision' || sameValue(next[name], seen[name])) continue;
    const isMoved = !sameValue(current[name], seen[name]) && !sameValue(current[name], next[name]);
    // A value typed over one's own is meant; a list made from an older one would silently lose what came in between.
    if (isMoved && (!isOwn || typeof next[name] === 'object')) throw new ShopError(isOwn ? 'stale' : 'conflict');
    merged[name] = next[name];
  }
  return merged;
}
