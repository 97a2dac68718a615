import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { mendingRungs } from '@zinc-ladder/model/gather/grow/mendingRungs';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';

/**
 * Puts what mends a flaw of a coat onto its ladder, over all that was done.
 *
 * @param pieces of the set the flaw is on; null: all the coat was laid on
 * @param seenRungIds the ladder as the finisher saw it: on another, what they asked for is there already
 * @throws ShopError `nothingToDo` where it is, or where the coat was not laid
 */
export async function mendCoat(
  edit: Edit,
  coatId: string,
  kindId: FlawKindId,
  seenRungIds: readonly string[],
  makeId: () => string,
  pieces: number | null = null,
): Promise<void> {
  const coat = await edit.need('rungs', coatId);
  const ladder = await edit.need('ladders', coat.ladderId);
  const isLaid = coat.state === 'done' || coat.state === 'inHand';
  if (!isLaid || seenRungIds.join() !== ladder.rungIds.join()) throw new ShopError('nothingToDo');
  const rungs = [];
  for (const id of ladder.rungIds) rungs.push(await edit.need('rungs', id));
  const products = new Map((await edit.list('products')).map((product) => [product.id, product]));
  const mended = mendingRungs(kindId, coat, rungs, await edit.need('parts', ladder.partId), products, makeId, pieces);
  for (const rung of mended.rungs) await edit.put('rungs', rung);
  await edit.patch('ladders', ladder.id, {
    rungIds: ladder.rungIds.toSpliced(mended.index, 0, ...mended.rungs.map(({ id }) => id)),
  });
}
