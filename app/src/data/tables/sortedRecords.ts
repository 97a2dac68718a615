import { rememberChanges } from '@zinc-ladder/model/records/base/listStates';
import { sameValue } from './sameRecord';

type Kept = object & { readonly id: string };

/** Single changes are spliced in; beyond this share of the list merging all of it is quicker. */
const SPLICED_SHARE = 0.02;

/**
 * A list ordered by id with some records changed, added or (null) taken out. The very list when nothing differs; records that are the same stay the
 * same objects.
 */
export function applyToSorted<Record extends Kept>(
  records: readonly Record[],
  states: ReadonlyMap<string, Record | null>,
): readonly Record[] {
  const differing = [...states].filter(([id, next]) => {
    const at = placeOf(records, id);
    const here = records[at]?.id === id ? records[at] : null;
    return next === null ? here !== null : here === null || !sameValue(here, next);
  });
  if (differing.length === 0) return records;
  if (differing.length > Math.max(8, records.length * SPLICED_SHARE)) return merged(records, new Map(differing));
  const next = [...records];
  const gone: Record[] = [];
  for (const [id, record] of differing) {
    const at = placeOf(next, id);
    gone.push(...next.splice(at, next[at]?.id === id ? 1 : 0, ...(record ? [record] : [])));
  }
  rememberChanges(records, next, { gone, come: differing.flatMap(([, record]) => record ?? []) });
  return next;
}

function merged<Record extends Kept>(records: readonly Record[], states: ReadonlyMap<string, Record | null>): readonly Record[] {
  const byId = new Map(records.map((record) => [record.id, record]));
  for (const [id, record] of states)
    if (record) byId.set(id, record);
    else byId.delete(id);
  return [...byId.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** Where an id stands, or would stand. The database orders strings by their code units, as `<` does. */
function placeOf(records: readonly Kept[], id: string): number {
  let low = 0;
  let high = records.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((records[middle] as Kept).id < id) low = middle + 1;
    else high = middle;
  }
  return low;
}
