import type { Join } from '@zinc-ladder/model/records/prop/join';
import { isMeeting } from '@zinc-ladder/model/rungs/joinEffect';
import type { Edit } from '../../edits/edit';

/**
 * Takes away what says that two joined parts get one rung's work at once, where it names some rungs.
 *
 * @param names which of a join's rungs is looked at
 * @returns what was taken away
 */
export async function endMeetings(edit: Edit, names: 'hostRungId' | 'guestRungId', rungIds: ReadonlySet<string>): Promise<readonly Join[]> {
  const ended: Join[] = [];
  for (const join of await edit.list('joins')) {
    if (join.guestRungId === null || !rungIds.has(join[names] ?? '')) continue;
    const pair = [await edit.need('rungs', join.hostRungId), await edit.need('rungs', join.guestRungId)];
    if (isMeeting(join, new Map(pair.map((rung) => [rung.id, rung])))) ended.push(join);
  }
  await edit.remove('joins', ...ended.map(({ id }) => id));
  return ended;
}
