import { rungsOfRoute, stepsOf } from '@zinc-ladder/model/gather/grow/ownRoutes';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { climbBy, rungsOfLadder } from './growChanges';

/**
 * Keeps a ladder as a route of one's own, or puts it in place of one that is kept.
 *
 * @throws ShopError `nothingToDo` for a ladder without rungs
 */
export async function keepAsRoute(edit: Edit, ladderId: string, id: string, name: string): Promise<void> {
  const { route } = await edit.need('ladders', ladderId);
  const steps = stepsOf(await rungsOfLadder(edit, ladderId));
  if (steps.length === 0) throw new ShopError('nothingToDo');
  const known = (await edit.list('ownRoutes')).find((entry) => entry.id === id);
  if (known) await edit.patch('ownRoutes', id, { route, steps });
  else await edit.put('ownRoutes', { id, revision: 0, name, note: '', route, steps });
}

/** Grows a ladder by a route of one's own: what is done stays and is not asked for again, open rungs give way. */
export async function growByOwnRoute(edit: Edit, ladderId: string, routeId: string, makeId: () => string): Promise<void> {
  const own = await edit.need('ownRoutes', routeId);
  const ladder = await edit.need('ladders', ladderId);
  const part = await edit.need('parts', ladder.partId);
  const products = new Map((await edit.list('products')).map((product) => [product.id, product]));
  await climbBy(edit, ladderId, own.route, rungsOfRoute(own, part, products, ladderId, makeId));
}
