import type { RecordOf } from '@zinc-ladder/model/file/recordClasses';
import type { Edit } from '../data/edits/edit';

/** What an act has to hand: the records as they are, a moment, and numbers that choose among them. */
export interface ActMoment {
  readonly records: { readonly [Name in keyof RecordOf]: readonly RecordOf[Name][] };
  readonly nowMs: number;
  /** the n-th choice of this act, a whole number */
  readonly choice: (n: number) => number;
  readonly makeId: () => string;
}

/** Something a finisher does to the shop, as one edit; null where there is nothing to do it to. */
export interface ShopAct {
  readonly name: string;
  readonly plan: (moment: ActMoment) => ((edit: Edit) => Promise<unknown>) | null;
}

/** One of a list, by a number that may be any; null: the list is empty. */
export function chosen<Kept>(list: readonly Kept[], at: number): Kept | null {
  return list.length === 0 ? null : (list[at % list.length] ?? null);
}

/** An act on one record of a table. */
export function on<Name extends keyof RecordOf>(
  name: string,
  table: Name,
  act: (edit: Edit, record: RecordOf[Name], moment: ActMoment) => Promise<unknown>,
): ShopAct {
  return {
    name,
    plan: (moment) => {
      const record = chosen(moment.records[table], moment.choice(0));
      return record && ((edit) => act(edit, record, moment));
    },
  };
}
