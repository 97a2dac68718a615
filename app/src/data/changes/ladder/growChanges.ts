import type { RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import type { ProductsByRole } from '@zinc-ladder/model/gather/grow/growRungs';
import { growFor, toRung } from '@zinc-ladder/model/gather/grow/growRungs';
import { productsByRole, withSchool } from '@zinc-ladder/model/gather/grow/suggestSchools';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { standInRung } from '@zinc-ladder/model/rungs/standInRung';
import type { Edit } from '../../edits/edit';
import { endSharedWork } from './rungChanges';

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
  const grown = drafts.map((draft) => toRung(draft, makeId(), ladderId, products, chosen));
  await climbBy(edit, ladderId, route, grown);
}

/** Puts grown rungs over what was begun or done on a ladder, in place of what is open. */
export async function climbBy(edit: Edit, ladderId: string, route: LadderRoute | null, grown: readonly Rung[]): Promise<void> {
  const before = await rungsOfLadder(edit, ladderId);
  const kept = before.filter(({ state }) => state === 'done' || state === 'inHand' || state === 'setDown');
  await edit.patch('ladders', ladderId, { route });
  await replaceRungs(edit, ladderId, before, [...kept, ...stillToClimb(grown, kept)]);
}

/** Grown rungs without those that were climbed already: what is cut off is not cut off again, and the first primer of two is the only one of one. */
function stillToClimb(grown: readonly Rung[], climbed: readonly Rung[]): Rung[] {
  const left = [...climbed];
  return grown.filter((rung) => {
    const name = withoutTurn(rung.name);
    const at = left.findIndex((other) => other.methodId === rung.methodId && withoutTurn(other.name) === name);
    if (at !== -1) left.splice(at, 1);
    return at === -1;
  });
}

function withoutTurn(name: string): string {
  return name.replace(/\s\d+$/u, '');
}

/**
 * Grows a ladder anew by another smoothing school, with the products its rungs have. A school that is not for the part changes nothing.
 *
 * @param ridgeMicrometres as a mesh or shape tells them; left out: as the part says
 */
export async function growSchool(
  edit: Edit,
  ladderId: string,
  smoothing: string,
  products: readonly Product[],
  makeId: () => string,
  ridgeMicrometres?: number,
): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  if (!ladder.route) return;
  const route = withSchool(ladder.route, smoothing);
  const part = await edit.need('parts', ladder.partId);
  const { viewingMetres: metres } = await edit.need('props', part.propId);
  const grown = growFor(part, route, { metres, ridgeMicrometres });
  if (grown.kind === 'refused') return;
  const chosen = productsByRole(await rungsOfLadder(edit, ladderId));
  await growOnto(edit, ladderId, route, grown.rungs, products, chosen, makeId);
}

/** The rungs of a ladder, bottom first, as the edit leaves them so far. */
export async function rungsOfLadder(edit: Edit, ladderId: string): Promise<Rung[]> {
  const rungs: Rung[] = [];
  for (const id of (await edit.need('ladders', ladderId)).rungIds) rungs.push(await edit.need('rungs', id));
  return rungs;
}

/**
 * Puts other rungs on a ladder in place of those there: new ones are added, those not among them go, and joins move on to what stands in for them.
 * Work that one of these was to do for another part as well is put back in there.
 */
export async function replaceRungs(edit: Edit, ladderId: string, before: readonly Rung[], after: readonly Rung[]): Promise<void> {
  const kept = new Set(after.map((rung) => rung.id));
  const known = new Set(before.map((rung) => rung.id));
  for (const rung of after) if (!known.has(rung.id)) await edit.put('rungs', rung);
  await edit.patch('ladders', ladderId, { rungIds: after.map((rung) => rung.id) });
  const gone = before.filter((rung) => !kept.has(rung.id));
  await endSharedWork(edit, new Set(gone.map(({ id }) => id)));
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
