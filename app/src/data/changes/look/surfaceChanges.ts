import { findLoopTurns } from '@zinc-ladder/core/ladder/loopRungs';
import type { OwnCase } from '@zinc-ladder/core/surface/forecast/ownCases';
import { inRegion, rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { SurfacePass } from '@zinc-ladder/model/records/prop/surfacePass';
import type { Edit } from '../../edits/edit';
import { rungsOfLadder } from '../ladder/growChanges';
import { addRung, duplicateRung, moveRung } from '../ladder/rungChanges';
import { leaveOut } from '../ladder/rungStateChanges';

/**
 * Makes the open turns of primer and sanding on a ladder as many as wanted: those too many, the last ones first, are left out; missing ones are
 * copies of the last turn, put right above it. Nothing that was begun is touched.
 */
export async function fitLoops(edit: Edit, ladderId: string, wantedOpen: number, nowMs: number, makeId: () => string): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  const rungs = [];
  for (const id of ladder.rungIds) rungs.push(await edit.need('rungs', id));
  const turns = findLoopTurns(rungs);
  const open = turns.filter((turn) => turn.isOpen);
  for (const { primeId, sandId } of open.slice(wantedOpen)) {
    await leaveOut(edit, primeId, nowMs);
    await leaveOut(edit, sandId, nowMs);
  }
  let last = turns.at(-1);
  for (let missing = wantedOpen - open.length; missing > 0 && last; missing -= 1) {
    const [prime, sand] = [makeId(), makeId()];
    await duplicateRung(edit, last.primeId, prime);
    await duplicateRung(edit, last.sandId, sand);
    const { rungIds } = await edit.need('ladders', ladderId);
    await moveRung(edit, ladderId, prime, rungIds.indexOf(last.sandId));
    last = { primeId: prime, sandId: sand, isOpen: true };
  }
}

/** Puts filling and sanding of one rough zone on a ladder, under its first open primer; the set's pieces count. */
export async function putOwnCase(
  edit: Edit,
  ladderId: string,
  { areaSquareCentimetres, fillerClassId }: Pick<OwnCase, 'areaSquareCentimetres' | 'fillerClassId'>,
  zoneName: string,
  products: readonly Product[],
  makeId: () => string,
): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  const part = await edit.need('parts', ladder.partId);
  const rungs = await rungsOfLadder(edit, ladderId);
  const open = rungs.findIndex((rung) => rung.state === 'open' && (rung.methodId === 'wash' || rung.methodId === 'prime'));
  const above = rungs.findIndex((rung) => rung.state === 'open');
  const place = open !== -1 ? open : above !== -1 ? above : rungs.length;
  const product = products.find((entry) => entry.classId === fillerClassId) ?? null;
  const why = `Rougher there than elsewhere: ${zoneName} are a case of their own.`;
  const fill = { ...rungForPart('fill', product, part, inRegion(areaSquareCentimetres)), name: `fill ${zoneName}`, why };
  const sand = { ...rungForPart('sand', null, part, inRegion(areaSquareCentimetres)), name: `sand ${zoneName}`, grit: 'P220', why };
  await addRung(edit, ladderId, { ...fill, id: makeId(), ladderId }, place);
  await addRung(edit, ladderId, { ...sand, id: makeId(), ladderId }, place + 1);
}

/** Keeps a pass and marks flaws as mended by it. */
export async function addPass(edit: Edit, pass: SurfacePass, mendedIds: readonly string[]): Promise<void> {
  await edit.put('passes', pass);
  for (const id of mendedIds) await edit.patch('flaws', id, { fixedPassId: pass.id });
}

/** Takes an inspection's picture away; one that a card or the log shows only leaves the part. Flaws pinned on it lose their pin. */
export async function removeInspectionPicture(edit: Edit, id: string): Promise<void> {
  if (!(await edit.isHeld('pictures', id))) return edit.remove('pictures', id);
  for (const flaw of await edit.list('flaws')) if (flaw.pin?.pictureId === id) await edit.patch('flaws', flaw.id, { pin: null });
  await edit.patch('pictures', id, { partId: null });
}

/** Takes a reference picture off its prop; it goes altogether unless an inspection, a card or the log shows it too. */
export async function removeReferencePicture(edit: Edit, id: string): Promise<void> {
  const picture = await edit.need('pictures', id);
  const isShownElsewhere =
    picture.partId !== null || (await edit.isHeld('pictures', id)) || (await edit.list('flaws')).some((flaw) => flaw.pin?.pictureId === id);
  if (isShownElsewhere) await edit.patch('pictures', id, { propId: null });
  else await edit.remove('pictures', id);
}
