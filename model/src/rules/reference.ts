import type { RecordList } from '../file/tableNames';

/**
 * What becomes of a record when the one it names is taken away.
 *
 * `clear` forgets the name (in a list of ids: strikes it) · `clearHolder` forgets the object that holds it, or strikes that object from its list ·
 * `remove` goes along · `removeUnlessHeld` goes along unless something that must stay shows it, else forgets the name · `refuse` forbids the
 * removal · `keep` goes on naming what is gone, as a log does.
 */
export type OnRemove = 'clear' | 'clearHolder' | 'remove' | 'removeUnlessHeld' | 'refuse' | 'keep';

/** One step of a path into a record. */
export interface Segment {
  readonly key: string;
  readonly isList: boolean;
}

/** A field of one list's records that names a record of another. */
export interface Reference {
  readonly from: RecordList;
  /** such as `pin.pictureId` or `components[].productId` */
  readonly path: string;
  readonly to: RecordList;
  /** whether null is allowed in its place */
  readonly isOptional: boolean;
  readonly onRemove: OnRemove;
  /** fields beside it that lose their meaning with it */
  readonly clearsToo?: readonly string[];
  /** the path's steps */
  readonly segments: readonly Segment[];
}

/** An id that a record names, and where it stands: `components[2].productId`. */
export interface NamedId {
  readonly id: string;
  readonly at: string;
}

type Plain = Readonly<Record<string, unknown>>;

/** The steps of a path. */
export function segmentsOf(path: string): Segment[] {
  return path.split('.').map((part) => ({ key: part.replace('[]', ''), isList: part.endsWith('[]') }));
}

/** The ids a record names by a reference; null names nothing. */
export function namedIds(record: object, { segments }: Pick<Reference, 'segments'>): NamedId[] {
  return collect(record as Plain, segments, 0, '');
}

function collect(holder: Plain, segments: readonly Segment[], depth: number, base: string): NamedId[] {
  const segment = segments[depth];
  if (!segment) return [];
  const at = base ? `${base}.${segment.key}` : segment.key;
  const value = holder[segment.key];
  const isLast = depth === segments.length - 1;
  const inside = (entry: unknown, where: string): NamedId[] => {
    if (entry === null || entry === undefined) return [];
    return isLast ? [{ id: String(entry), at: where }] : collect(entry as Plain, segments, depth + 1, where);
  };
  if (!segment.isList) return inside(value, at);
  return Array.isArray(value) ? value.flatMap((entry: unknown, index) => inside(entry, `${at}[${index}]`)) : [];
}

/** The same record without the ids that are gone, as the reference's `onRemove` has it; the record itself when it names none of them. */
export function withoutNames<Kept extends object>(record: Kept, reference: Reference, isGone: (id: string) => boolean): Kept {
  if (!namedIds(record, reference).some(({ id }) => isGone(id))) return record;
  return (strike(record as Plain, reference, 0, isGone) ?? record) as Kept;
}

/** Null: the holder itself goes. */
function strike(holder: Plain, reference: Reference, depth: number, isGone: (id: string) => boolean): Plain | null {
  const { segments } = reference;
  const segment = segments[depth];
  if (!segment) return holder;
  const { key, isList } = segment;
  const value = holder[key];
  if (depth === segments.length - 1) {
    if (isList) return { ...holder, [key]: (value as readonly string[]).filter((id) => !isGone(id)) };
    if (typeof value !== 'string' || !isGone(value)) return holder;
    if (reference.onRemove === 'clearHolder') return null;
    return { ...holder, [key]: null, ...Object.fromEntries((reference.clearsToo ?? []).map((field) => [field, null])) };
  }
  if (isList)
    return {
      ...holder,
      [key]: (value as readonly Plain[]).flatMap((entry) => strike(entry, reference, depth + 1, isGone) ?? []),
    };
  if (value === null || value === undefined) return holder;
  return { ...holder, [key]: strike(value as Plain, reference, depth + 1, isGone) };
}
