import type { RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import type { ProductsByRole } from '@zinc-ladder/model/gather/growRungs';
import { toRung } from '@zinc-ladder/model/gather/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder';
import type { Product } from '@zinc-ladder/model/records/product';
import type { Rung } from '@zinc-ladder/model/records/rung';
import { standInRung } from '@zinc-ladder/model/rungs/standInRung';
import type { Edit } from '../edit';

/**
 * Grows a ladder: rungs that were begun or done stay at the bottom, all others give way to the drafts. Joins that hung on a rung that goes hang on
 * the one grown in its place.
 */
export async function growOnto(
  edit: Edit,
  ladderId: string,
  route: LadderRoute,
  drafts: readonly RungDraft[],
  products: readonly Product[],
  chosen: ProductsByRole,
  makeId: () => string,
): Promise<void> {
  const before = await rungsOfLadder(edit, ladderId);
  const stays = (rung: Rung): boolean => rung.state === 'done' || rung.state === 'inHand' || rung.state === 'setDown';
  const grown = drafts.map((draft) => toRung(draft, makeId(), ladderId, products, chosen));
  await edit.patch('ladders', ladderId, { route });
  await replaceRungs(edit, ladderId, before, [...before.filter(stays), ...grown]);
}

/** The rungs of a ladder, bottom first, as the edit leaves them so far. */
export async function rungsOfLadder(edit: Edit, ladderId: string): Promise<Rung[]> {
  const rungs: Rung[] = [];
  for (const id of (await edit.need('ladders', ladderId)).rungIds) rungs.push(await edit.need('rungs', id));
  return rungs;
}

/** Puts other rungs on a ladder in place of those there: new ones are added, those not among them go, and joins move on to what stands in for them. */
export async function replaceRungs(edit: Edit, ladderId: string, before: readonly Rung[], after: readonly Rung[]): Promise<void> {
  const kept = new Set(after.map((rung) => rung.id));
  const known = new Set(before.map((rung) => rung.id));
  for (const rung of after) if (!known.has(rung.id)) await edit.put('rungs', rung);
  await edit.patch('ladders', ladderId, { rungIds: after.map((rung) => rung.id) });
  const gone = before.filter((rung) => !kept.has(rung.id));
  for (const join of await edit.list('joins')) {
    const host = gone.find((rung) => rung.id === join.hostRungId);
    const guest = gone.find((rung) => rung.id === join.guestRungId);
    const hostRungId = host && standInRung({ rung: host, ladder: before }, after)?.id;
    if (hostRungId) await edit.patch('joins', join.id, { hostRungId });
    if (guest) await edit.patch('joins', join.id, { guestRungId: standInRung({ rung: guest, ladder: before }, after)?.id ?? null });
  }
  // A join whose host ladder has no rung left has nothing to hang on, and goes with the last of them.
  await edit.remove('rungs', ...gone.map((rung) => rung.id));
}
