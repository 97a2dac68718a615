import type { Part } from '../records/prop/part';
import type { Prop } from '../records/prop/prop';
import type { Rung } from '../records/ladder/rung';
import type { SheetRow } from './timeSheet';

/** What taking a row in does: the rung is logged as done, a done one's minutes are put right, or the row is kept as a note. */
export type SheetEffect =
  | { readonly kind: 'done' | 'correct'; readonly row: SheetRow; readonly rung: Rung; readonly part: Part }
  | { readonly kind: 'skip'; readonly row: SheetRow; readonly why: string };

/** Where names of a sheet are looked up. */
export interface SheetIndex {
  readonly props: ReadonlyMap<string, Pick<Prop, 'id' | 'name'>>;
  readonly parts: ReadonlyMap<string, Part>;
  readonly rungsOf: (partId: string) => readonly Rung[];
}

/**
 * What each row of a time sheet would do. Rungs are found by the names of part and rung, and of the prop where it is said; several rungs of one name are
 * taken in the order of their ladder.
 *
 * @param nowMs what ends later is not done yet
 */
export function matchTimeSheet(rows: readonly SheetRow[], index: SheetIndex, nowMs: number): readonly SheetEffect[] {
  const taken = new Set<string>();
  const same = (one: string, other: string): boolean => one.trim().toLowerCase() === other.trim().toLowerCase();
  return rows.map((row): SheetEffect => {
    const skip = (why: string): SheetEffect => ({ kind: 'skip', row, why });
    // Sheets tell whole minutes, and the one that runs is not over.
    if (row.atMs > nowMs + 60_000) return skip('it ends at a moment still to come');
    if (row.part === '' || row.rung === '') return skip('it names no part and rung');
    const parts = [...index.parts.values()].filter(
      (part) => same(part.name, row.part) && (row.prop === '' || same(index.props.get(part.propId)?.name ?? '', row.prop)),
    );
    if (parts.length === 0) return skip(`no part is called “${row.part}”`);
    if (parts.length > 1) return skip(`several parts are called “${row.part}”: name the prop`);
    const [part] = parts as [Part];
    const named = index.rungsOf(part.id).filter((rung) => same(rung.name, row.rung) && rung.state !== 'leftOut');
    if (named.length === 0) return skip(`${part.name} has no rung called “${row.rung}”`);
    const rung = named.find(({ id }) => !taken.has(id));
    if (!rung) return skip(`every rung called “${row.rung}” of ${part.name} is in the sheet already`);
    taken.add(rung.id);
    return { kind: rung.state === 'done' ? 'correct' : 'done', row, rung, part };
  });
}
