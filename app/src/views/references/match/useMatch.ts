import { lengthsOnBoth, noticeableLength } from '@zinc-ladder/core/match/lengthsOnBoth';
import type { LengthOnBoth } from '@zinc-ladder/core/match/lengthsOnBoth';
import { judgeMatch } from '@zinc-ladder/core/match/judgeMatch';
import type { PlaneArea } from '@zinc-ladder/core/reference/measureArea';
import { measureArea } from '@zinc-ladder/core/reference/measureArea';
import type { Noticed } from '@zinc-ladder/core/match/noticed';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { gatherMeasured, gatherScale } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useAttachment, useTable } from '../../../data/queries';
import type { MatchAnswer, MatchAsk } from '../../../workers/pictures/matchPictures';
import { getPictureApi } from '../../../workers/pictures/pictureClient';
import { usePictureSizes } from '../../../features/pictures/usePictureSizes';

/** What a match comes to: how the pictures lie on each other, colours, lengths, and what a viewer notices first. */
export interface MatchOutcome {
  readonly ask: MatchAsk;
  readonly reference: PictureReference | undefined;
  readonly own: PictureReference | undefined;
  readonly answer: MatchAnswer | null;
  readonly error: unknown;
  readonly lengths: readonly LengthOnBoth[];
  readonly noticed: readonly Noticed[];
  /** of each region on the reference's plane; null: nothing is known on it */
  readonly areas: readonly (PlaneArea | null)[];
  /** null: how large things are on the reference is not known, and it is judged as if from close by */
  readonly viewing: { readonly distanceMetres: number; readonly millimetresPerPixel: number } | null;
}

const askOf = (match: PictureMatch, reference: PictureReference | undefined, own: PictureReference | undefined): MatchAsk => ({
  pairs: match.spots.map((spot) => ({ reference: [spot.reference.x, spot.reference.y], own: [spot.own.x, spot.own.y] })),
  isFlat: match.isFlat,
  conditions: match.conditions,
  regions: match.regions.map(({ area }, at) => ({ id: String(at), area })),
  referencePatch: patchOf(reference),
  ownPatch: patchOf(own),
});

function patchOf(picture: PictureReference | undefined): MatchAsk['ownPatch'] {
  const neutral = picture?.neutral;
  return neutral ? { area: neutral.area, known: neutral.known as unknown as Lab } : null;
}

/** Works a match out; null while there is none. Pictures are read in the worker and stay there. */
export function useMatch(match: PictureMatch | null): MatchOutcome | null {
  const pictures = useTable('pictures');
  const measurings = useTable('measurings');
  const props = useTable('props');
  const reference = pictures.find(({ id }) => id === match?.referenceId);
  const own = pictures.find(({ id }) => id === match?.ownId);
  const referenceFile = useAttachment(match?.referenceId ?? null);
  const ownFile = useAttachment(match?.ownId ?? null);
  const sizes = usePictureSizes([reference?.id, own?.id].filter((id) => id !== undefined));
  const ask = useMemo(() => match && askOf(match, reference, own), [match, reference, own]);
  const { data: answer = null, error } = useQuery({
    queryKey: ['match', match?.referenceId, match?.ownId, ask],
    queryFn: (): Promise<MatchAnswer> => {
      if (!match || !ask || !referenceFile || !ownFile) throw new Error('the pictures are not here');
      return getPictureApi().match({ id: match.referenceId, file: referenceFile }, { id: match.ownId, file: ownFile }, ask);
    },
    enabled: match !== null && referenceFile !== null && ownFile !== null,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
  if (!match || !ask) return null;
  const measured = [match.referenceId, match.ownId].map((id) => {
    const [measuring, size] = [measurings.find((one) => one.id === id), sizes.get(id)];
    return measuring && size ? gatherMeasured(measuring, size, (id === match.ownId ? own : reference)?.focalShare ?? null) : null;
  });
  const [there, here] = measured;
  const lengths = there && here ? lengthsOnBoth(there, here) : [];
  const distanceMetres = props.find(({ id }) => id === match.propId)?.viewingMetres ?? null;
  const millimetresPerPixel = there ? gatherScale(there) : null;
  const viewing = distanceMetres !== null && millimetresPerPixel !== null ? { distanceMetres, millimetresPerPixel } : null;
  const noticeable = lengths.map((length) => ({ ...noticeableLength(length), id: lengthKey(length.id) }));
  const noticed =
    answer && !('refusal' in answer) && answer.colours ? judgeMatch(answer.colours, ask.regions, answer.size, viewing, noticeable) : [];
  const size = sizes.get(match.referenceId);
  const areas = match.regions.map(({ area }) => {
    if (!there || !size) return null;
    const [left, top] = [area.x * size.width, area.y * size.height];
    const [right, bottom] = [left + area.width * size.width, top + area.height * size.height];
    return measureArea(there, [[left, top], [right, top], [right, bottom], [left, bottom]]); // prettier-ignore
  });
  return { ask, reference, own, answer, error, lengths, noticed, areas, viewing };
}

const LENGTH = 'length ';

/** What a length is called among what is noticed, where regions go by their place in the list. */
export function lengthKey(dimensionId: string): string {
  return LENGTH + dimensionId;
}

/** The dimension behind a name among what is noticed; null: it is a region. */
export function dimensionOf(key: string): string | null {
  return key.startsWith(LENGTH) ? key.slice(LENGTH.length) : null;
}
