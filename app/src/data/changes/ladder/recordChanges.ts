import type { RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import type { ProductsByRole } from '@zinc-ladder/model/gather/grow/growRungs';
import { toRung } from '@zinc-ladder/model/gather/grow/growRungs';
import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { RungAgain } from '@zinc-ladder/model/gather/twins/growAgain';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { MOST_MINUTES } from '@zinc-ladder/model/records/ladder/rung';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { regionOf } from './rungChanges';
import { climbBy } from './growChanges';

/** A step of a second piece: as it was done on the first, or as a route has it. */
export type SecondStep = { readonly done: RungAgain } | { readonly usual: RungDraft };

/**
 * Grows a ladder as another part was really made, rung by rung as chosen. What the first rung said of faces, role and mix goes with it; cautions are for
 * this part's material and the products of now.
 *
 * @throws ShopError `nothingToDo` where nothing was chosen
 */
export async function growByRecord(
  edit: Edit,
  ladderId: string,
  route: LadderRoute | null,
  steps: readonly SecondStep[],
  makeId: () => string,
): Promise<void> {
  if (steps.length === 0) throw new ShopError('nothingToDo');
  const ladder = await edit.need('ladders', ladderId);
  const part = await edit.need('parts', ladder.partId);
  const list = await edit.list('products');
  const products = new Map(list.map((product) => [product.id, product]));
  const chosen: ProductsByRole = {};
  const grown: Rung[] = [];
  for (const step of steps) {
    if ('usual' in step) {
      grown.push(toRung(step.usual, makeId(), ladderId, list, chosen));
      continue;
    }
    const { done } = step;
    const first = await edit.get('rungs', done.rungId);
    const product = products.get(done.productId ?? '') ?? null;
    const region = done.areaShare === null ? null : regionOf(done.areaShare * part.areaSquareCentimetres);
    const pieces = done.piecesShare === null ? null : Math.max(1, Math.round(done.piecesShare * part.count));
    const fresh = rungForPart(done.methodId, product, part, { side: first?.side ?? 'all', areaSquareCentimetres: region, pieces });
    grown.push({
      ...fresh,
      id: makeId(),
      ladderId,
      name: done.name,
      role: first?.role ?? null,
      detail: first?.detail ?? '',
      why: first?.why ?? '',
      grit: done.grit,
      coatMicrometres: product ? done.coatMicrometres : null,
      mixCardId: done.mixCardId,
      minutes: Math.min(MOST_MINUTES, done.minutes),
      minutesFormula: done.minutesFormula.slice(0, 400),
    });
  }
  await climbBy(edit, ladderId, route, grown);
}
