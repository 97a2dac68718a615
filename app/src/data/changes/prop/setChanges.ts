import { minutesOnFewer } from '@zinc-ladder/model/gather/grow/minutesOnFewer';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { placesOfPieces } from '@zinc-ladder/model/rungs/rackPlaces';
import { rungPieces } from '@zinc-ladder/model/rungs/rungPieces';
import { ShopError } from '../../edits/shopError';
import type { Edit } from '../../edits/edit';
import { changeCount } from './printChanges';

/** What was taken out of a set: the part it is now, and its rungs by those of the set they are copies of. */
export interface TakenOut {
  readonly partId: string;
  readonly rungIds: ReadonlyMap<string, string>;
}

const LONGEST_NAME = 200;
const APART = ', apart';

/**
 * Takes pieces out of a set, as a part of their own that has climbed as far: one that is mended, or gets another finish, while the others go on. Films lie
 * on both as they were laid. Its joins to others come along; meshes, pictures, passes, masks and weathering stay with the set, and so does the log.
 *
 * @param pieces that are off the printer, at least one, and not all
 * @param seenCount pieces of the set as the finisher saw it: of another, they were taken out already; null: not looked at
 * @throws ShopError `nothingToDo` where so many cannot be taken
 */
export async function takePiecesOut(
  edit: Edit,
  partId: string,
  pieces: number,
  makeId: () => string,
  seenCount: number | null = null,
): Promise<TakenOut> {
  const part = await edit.need('parts', partId);
  const here = part.count - (part.print?.piecesLeft ?? 0);
  const isOther = seenCount !== null && seenCount !== part.count;
  if (isOther || pieces < 1 || pieces >= part.count || pieces > here) throw new ShopError('nothingToDo');
  const [ladder] = await edit.find('ladders', 'partId', partId);
  const others = (await edit.list('parts')).filter(({ propId }) => propId === part.propId);
  const apart: Part = {
    ...part,
    id: makeId(),
    revision: 0,
    position: Math.max(...others.map(({ position }) => position)) + 1,
    name: `${part.name.slice(0, LONGEST_NAME - APART.length)}${APART}`,
    count: pieces,
    print: null,
    rackPlaces: placesOfPieces(part, pieces),
  };
  await edit.put('parts', apart);
  const rungIds = new Map((ladder?.rungIds ?? []).map((id) => [id, makeId()] as const));
  for (const [id, copyId] of rungIds)
    await edit.put('rungs', { ...copyOf(await edit.need('rungs', id), part, apart, rungIds), id: copyId, ladderId: apart.id });
  await edit.put('ladders', { id: apart.id, revision: 0, partId: apart.id, route: ladder?.route ?? null, rungIds: [...rungIds.values()] });
  for (const join of await edit.find('joins', 'guestPartId', partId)) {
    const guestRungId = join.guestRungId === null ? null : (rungIds.get(join.guestRungId) ?? null);
    await edit.put('joins', { ...join, id: makeId(), revision: 0, guestPartId: apart.id, guestRungId });
  }
  await changeCount(edit, part, part.count - pieces);
  await edit.patch('parts', partId, { rackPlaces: placesOfPieces(part, part.count - pieces) });
  return { partId: apart.id, rungIds };
}

/** A rung as it is on the pieces that were taken out: done where it was done; what is in hand is in hand on the others. */
function copyOf(rung: Rung, part: Part, apart: Part, rungIds: ReadonlyMap<string, string>): Rung {
  const pieces = rung.pieces === null || rung.pieces >= apart.count ? null : rung.pieces;
  const where = { ...rung, pieces };
  const isFewer = rungPieces(where, apart) < rungPieces(rung, part);
  const isBegun = rung.state === 'inHand' || rung.state === 'setDown';
  return {
    ...rung,
    ...(isFewer ? minutesOnFewer(rung, part, { where, part: apart }) : {}),
    ...(isBegun ? { state: 'open', startedAtMs: null, workedMs: 0, doerId: null } : {}),
    revision: 0,
    pieces,
    hardRungId: rung.hardRungId === null ? null : (rungIds.get(rung.hardRungId) ?? null),
    lockedAtMs: null,
  };
}
