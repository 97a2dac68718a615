import { findLoopTurns } from '@zinc-ladder/core/ladder/loopRungs';
import type { Flaw } from '@zinc-ladder/model/records/flaw';
import type { SurfacePass } from '@zinc-ladder/model/records/surfacePass';
import { forgetPictureOfSamples } from './colourChanges';
import type { ShopDatabase } from '../database';
import type { Edit } from '../edit';
import { duplicateRung, moveRung } from './rungChanges';

/**
 * Makes the open turns of primer and sanding on a ladder as many as wanted: those too many, the last ones first, are left out; missing ones are
 * copies of the last turn, put right above it. Nothing that was begun is touched.
 */
export async function fitLoops(edit: Edit, ladderId: string, wantedOpen: number, makeId: () => string): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  const rungs = [];
  for (const id of ladder.rungIds) rungs.push(await edit.need('rungs', id));
  const turns = findLoopTurns(rungs);
  const open = turns.filter((turn) => turn.isOpen);
  for (const { primeId, sandId } of open.slice(wantedOpen)) {
    await edit.patch('rungs', primeId, { state: 'leftOut' });
    await edit.patch('rungs', sandId, { state: 'leftOut' });
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

/** Keeps a pass and marks flaws as mended by it. */
export async function addPass(edit: Edit, pass: SurfacePass, mendedIds: readonly string[]): Promise<void> {
  await edit.put('passes', pass);
  for (const id of mendedIds) await edit.patch('flaws', id, { fixedPassId: pass.id });
}

/** Takes a pass away: flaws it found lie before the first again, those it mended are open again. */
export async function removePass(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const flaw of await db.records('flaws').toArray()) {
    const fields: Partial<Flaw> = {
      ...(flaw.foundPassId === id ? { foundPassId: null } : {}),
      ...(flaw.fixedPassId === id ? { fixedPassId: null } : {}),
    };
    if (Object.keys(fields).length > 0) await edit.patch('flaws', flaw.id, fields);
  }
  await edit.remove('passes', id);
}

/** Takes a mesh away with its bytes; flaws pinned on it lose their pin. */
export async function removeMesh(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const flaw of await db.records('flaws').toArray()) if (flaw.pin?.meshId === id) await edit.patch('flaws', flaw.id, { pin: null });
  await edit.remove('meshes', id);
  await edit.remove('attachments', id);
}

/** Takes an inspection's picture away with its bytes; flaws pinned on it lose their pin. */
export async function removeInspectionPicture(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const flaw of await db.records('flaws').toArray()) if (flaw.pin?.pictureId === id) await edit.patch('flaws', flaw.id, { pin: null });
  const isShown =
    (await db.records('mixCards').toArray()).some((card) => card.pictureId === id) ||
    (await db.records('logEntries').toArray()).some((entry) => entry.pictureIds.includes(id));
  if (isShown) {
    await edit.patch('pictures', id, { partId: null });
    return;
  }
  await forgetPictureOfSamples(edit, db, id);
  await edit.remove('pictures', id);
  await edit.remove('attachments', id);
}
