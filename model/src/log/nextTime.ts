import { areWorkedAlike, findMaterial } from '@zinc-ladder/core/ladder/materials';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Ladder, LadderRoute } from '../records/ladder/ladder';
import type { LogEntry } from '../records/ladder/logEntry';
import type { Rung } from '../records/ladder/rung';
import type { Part } from '../records/prop/part';
import type { Product } from '../records/shop/product';
import { fewChangedEntries } from './changedEntries';

/** A note that asked to be told again, with what it has in common with what is at hand. */
export interface NextTimeNote {
  readonly entry: LogEntry;
  /** `with Grey primer`, `sanding on resin`, `on a gloss ladder` */
  readonly because: string;
}

/** Where the rungs, parts and products that notes are of are looked up. */
export interface NoteIndex {
  readonly rungs: ReadonlyMap<string, Rung>;
  readonly parts: ReadonlyMap<string, Part>;
  readonly products: ReadonlyMap<string, Product>;
  readonly ladderOfPart: ReadonlyMap<string, Pick<Ladder, 'route'>>;
}

/** Entries that ask to be told again, newest first. */
export function notesForNextTime(standing: readonly LogEntry[]): readonly LogEntry[] {
  return standing.filter(({ isForNextTime }) => isForNextTime);
}

/** The same from what they were. */
export function notesForNextTimeAfter(
  last: readonly LogEntry[],
  before: readonly LogEntry[],
  standing: readonly LogEntry[],
): readonly LogEntry[] {
  const changed = fewChangedEntries(before, standing);
  return changed?.every(({ isForNextTime }) => !isForNextTime) ? last : notesForNextTime(standing);
}

/**
 * Notes for next time that bear on a rung: of the same product, or of the same method on the same kind of print. Those of the rung itself are not told: they
 * are of this time.
 *
 * @param notes what asks to be told again, newest first
 */
export function notesForRung(
  notes: readonly LogEntry[],
  rung: Pick<Rung, 'id' | 'productId' | 'methodId'>,
  part: Pick<Part, 'materialId'>,
  index: NoteIndex,
): readonly NextTimeNote[] {
  return notes.flatMap((entry): NextTimeNote[] => {
    if (entry.rungId === rung.id) return [];
    if (rung.productId !== null && entry.productId === rung.productId)
      return [{ entry, because: `with ${index.products.get(rung.productId)?.name ?? 'the same product'}` }];
    const before = index.rungs.get(entry.rungId ?? '');
    const where = index.parts.get(entry.partId ?? '');
    if (before?.methodId !== rung.methodId || !where || !isSameKind(where, part)) return [];
    return [{ entry, because: `${findMethod(rung.methodId).name} on ${kindWords(where)}` }];
  });
}

/** Notes for next time that bear on a ladder about to be grown: of parts of the same kind of print, or of ladders with the same finish. */
export function notesForLadder(
  notes: readonly LogEntry[],
  part: Pick<Part, 'id' | 'materialId'>,
  route: Pick<LadderRoute, 'finish'>,
  index: NoteIndex,
): readonly NextTimeNote[] {
  return notes.flatMap((entry): NextTimeNote[] => {
    const where = index.parts.get(entry.partId ?? '');
    if (!where || where.id === part.id) return [];
    if (index.ladderOfPart.get(where.id)?.route?.finish === route.finish) return [{ entry, because: 'on a ladder of this finish' }];
    return isSameKind(where, part) ? [{ entry, because: `on ${kindWords(where)}` }] : [];
  });
}

function isSameKind(one: Pick<Part, 'materialId'>, other: Pick<Part, 'materialId'>): boolean {
  return areWorkedAlike(one.materialId, other.materialId);
}

function kindWords({ materialId }: Pick<Part, 'materialId'>): string {
  return findMaterial(materialId).name;
}
