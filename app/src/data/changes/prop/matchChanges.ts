import type { MatchedSpot, PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { Edit } from '../../edits/edit';

/** Spots and regions a match has at most. */
export const MOST_SPOTS = 60;
export const MOST_REGIONS = 60;

/**
 * Holds one's own photograph against a reference. What was compared the last time is compared again, so that both can be told beside each other; the
 * spots are pointed at anew, as it is another photograph.
 *
 * @param earlier the last match against the same reference
 */
export async function beginMatch(
  edit: Edit,
  id: string,
  pictures: Pick<PictureMatch, 'propId' | 'referenceId' | 'ownId'>,
  atMs: number,
  earlier: PictureMatch | null,
): Promise<void> {
  await edit.need('pictures', pictures.referenceId);
  await edit.need('pictures', pictures.ownId);
  await edit.put('matches', {
    id,
    revision: 0,
    ...pictures,
    atMs: Math.round(atMs),
    conditions: earlier?.conditions ?? 'otherLightAndCamera',
    isFlat: earlier?.isFlat ?? false,
    spots: [],
    regions: earlier?.regions.map((region) => ({ ...region })) ?? [],
  });
}

/** Changes a match. */
export async function changeMatch(edit: Edit, id: string, change: (match: PictureMatch) => PictureMatch): Promise<void> {
  await edit.put('matches', change(await edit.need('matches', id)));
}

/** Moves a spot on one of the two pictures. */
export function moveSpot(match: PictureMatch, at: number, side: keyof MatchedSpot, place: PicturePlace): PictureMatch {
  return { ...match, spots: match.spots.map((spot, nth) => (nth === at ? { ...spot, [side]: place } : spot)) };
}
