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
  const joins = await edit.list('joins');
  const named = joins.filter((join) => rungIds.has(join[names] ?? ''));
  if (named.length === 0) return [];
  const rungs = new Map((await edit.list('rungs')).map((rung) => [rung.id, rung]));
  const ended = named.filter((join) => isMeeting(join, joins, rungs));
  await edit.remove('joins', ...ended.map(({ id }) => id));
  return ended;
}
