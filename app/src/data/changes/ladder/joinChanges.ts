import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { joinedRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { rungArea } from '@zinc-ladder/model/gather/shelf/rungTakes';
import type { JoinEffect } from '@zinc-ladder/model/rungs/joinEffect';
import { joinEffect } from '@zinc-ladder/model/rungs/joinEffect';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { MOST_MINUTES } from '@zinc-ladder/model/records/ladder/rung';
import type { Join } from '@zinc-ladder/model/records/prop/join';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { regionOf } from './rungChanges';
import { leaveOut } from './rungStateChanges';

/**
 * What is joined is one piece, and is climbed on one ladder from there on: work that stands on both is done once, with the minutes of both less the
 * getting ready that is done once, and the guest's own work goes on to the host's ladder, so that it waits for the host's films and the host for its.
 *
 * @throws ShopError `nothingToDo` where nothing of the guest is open after the join
 */
export async function climbAsOne(edit: Edit, joinId: string, nowMs: number): Promise<void> {
  const join = await edit.need('joins', joinId);
  const host = await edit.need('parts', join.hostPartId);
  const guest = await edit.need('parts', join.guestPartId);
  const hostRungs = await rungsOf(edit, host.id);
  const { doubled, rest } = joinEffect(join, hostRungs, await rungsOf(edit, guest.id));
  if (doubled.length + rest.length === 0) throw new ShopError('nothingToDo');
  for (const pair of doubled) {
    const { minutes, formula } = joinedRungMinutes(findMethod(pair.host.methodId), pair.host.minutes, pair.guest.minutes, guest.name);
    const area = (rungArea(pair.host, host) + rungArea(pair.guest, guest)) / host.count;
    await edit.patch('rungs', pair.host.id, {
      minutes: Math.min(MOST_MINUTES, minutes),
      minutesFormula: formula.slice(0, 400),
      areaSquareCentimetres: regionOf(area),
    });
    await leaveOut(edit, pair.guest.id, nowMs);
  }
  if (rest.length > 0) await moveOnto(edit, host, guest, { doubled, rest });
  await moveOtherJoins(edit, join, new Set(rest.map(({ guest: rung }) => rung.id)));
}

/** Puts rungs of a guest onto the ladder of its host, each on the surface it had. */
async function moveOnto(edit: Edit, host: Part, guest: Part, { doubled, rest }: Pick<JoinEffect, 'doubled' | 'rest'>): Promise<void> {
  const [hostLadder] = await edit.find('ladders', 'partId', host.id);
  const [guestLadder] = await edit.find('ladders', 'partId', guest.id);
  if (!hostLadder || !guestLadder) throw new ShopError('nothingToDo');
  const moved = new Set(rest.map(({ guest: rung }) => rung.id));
  const standIns = new Map(doubled.map((pair) => [pair.guest.id, pair.host.id]));
  const rungIds = hostLadder.rungIds.flatMap((id) => [
    id,
    ...rest.filter(({ aboveHostRungId }) => aboveHostRungId === id).map(({ guest: rung }) => rung.id),
  ]);
  await edit.patch('ladders', guestLadder.id, { rungIds: guestLadder.rungIds.filter((id) => !moved.has(id)) });
  for (const { guest: rung } of rest) {
    const waitsFor = rung.hardRungId === null || moved.has(rung.hardRungId) ? rung.hardRungId : (standIns.get(rung.hardRungId) ?? null);
    await edit.patch('rungs', rung.id, {
      ladderId: hostLadder.id,
      name: `${guest.name}: ${rung.name}`.slice(0, LONGEST_NAME),
      areaSquareCentimetres: regionOf(rungArea(rung, guest) / host.count),
      pieces: null,
      hardRungId: waitsFor,
    });
  }
  await edit.patch('ladders', hostLadder.id, { rungIds });
}

/** Joins of the guest to others go with what they name; one that would join a piece to itself holds nothing any more. */
async function moveOtherJoins(edit: Edit, { id, hostPartId, guestPartId }: Join, moved: ReadonlySet<string>): Promise<void> {
  for (const other of await edit.list('joins')) {
    if (other.id === id) continue;
    const isHost = other.hostPartId === guestPartId && moved.has(other.hostRungId);
    const isGuest = other.guestPartId === guestPartId && (other.guestRungId === null || moved.has(other.guestRungId));
    if (!isHost && !isGuest) continue;
    if ((isHost ? other.guestPartId : other.hostPartId) === hostPartId) {
      // Two joins of the same two: what was to be climbed whole is climbed as far as it goes by itself.
      if (isHost || other.guestRungId !== null) await edit.remove('joins', other.id);
    } else await edit.patch('joins', other.id, isHost ? { hostPartId } : { guestPartId: hostPartId });
  }
}

const LONGEST_NAME = 200;

async function rungsOf(edit: Edit, partId: string): Promise<Rung[]> {
  const [ladder] = await edit.find('ladders', 'partId', partId);
  return Promise.all((ladder?.rungIds ?? []).map((id) => edit.need('rungs', id)));
}
