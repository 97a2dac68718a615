import type { RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import type { ProductsByRole } from '@zinc-ladder/model/gather/growRungs';
import { toRung } from '@zinc-ladder/model/gather/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder';
import type { Product } from '@zinc-ladder/model/records/product';
import type { Edit } from '../edit';

/** Grows a ladder: rungs that are done stay at the bottom, all others give way to the drafts. */
export async function growOnto(
  edit: Edit,
  ladderId: string,
  route: LadderRoute,
  drafts: readonly RungDraft[],
  products: readonly Product[],
  chosen: ProductsByRole,
  makeId: () => string,
): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  const kept: string[] = [];
  for (const id of ladder.rungIds) {
    const rung = await edit.need('rungs', id);
    if (rung.state === 'done' || rung.state === 'inHand') kept.push(id);
    else await edit.remove('rungs', id);
  }
  const grown: string[] = [];
  for (const draft of drafts) {
    const rung = toRung(draft, makeId(), ladderId, products, chosen);
    await edit.put('rungs', rung);
    grown.push(rung.id);
  }
  await edit.patch('ladders', ladderId, { route, rungIds: [...kept, ...grown] });
}
