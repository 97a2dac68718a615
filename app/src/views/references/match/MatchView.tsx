import type { MatchConditions } from '@zinc-ladder/core/match/matchColours';
import { MATCH_HALF_WIDTHS } from '@zinc-ladder/core/match/matchColours';
import { REGISTRATION_REFUSAL_WORDS } from '@zinc-ladder/core/match/registerPictures';
import type { PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { newId } from '../../../base/newId';
import { useClock, useNow } from '../../../clock/ClockContext';
import { beginMatch, changeMatch } from '../../../data/changes/prop/matchChanges';
import { ownWork } from '../../../data/changes/prop/pictureChanges';
import { useTable } from '../../../data/queries';
import { UndoBar } from '../../../features/edit/UndoBar';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { useKeepPicture } from '../../../features/pictures/useKeepPicture';
import { useTitle } from '../../../features/title/pageTitle';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { ReferenceTabs } from '../ReferenceTabs';
import { usePictureSizes } from '../../../features/pictures/usePictureSizes';
import { RegionsPanel } from './RegionsPanel';
import { SpotsPanel } from './SpotsPanel';
import type { MatchOutcome } from './useMatch';
import { useMatch } from './useMatch';
import { VerdictPanel } from './VerdictPanel';
import { WipePicture } from './WipePicture';

const CONDITION_WORDS: Readonly<Record<MatchConditions, string>> = {
  sameCameraAndLight: 'same camera, same light, same place',
  lightElsewhere: 'same camera, the light stood elsewhere',
  otherCamera: 'same light, another camera',
  otherLight: 'same camera, another light',
  otherLightAndCamera: 'another light and camera, or not known',
  chipsInBoth: 'the same three known chips in both',
};
const SEEN = [
  ['wipe', 'Wipe'],
  ['spots', 'Spots'],
  ['regions', 'Regions'],
] as const;
type Seen = (typeof SEEN)[number][0];
const LEAST_SPOTS = 4;
const WANTED_SPOTS = 9;

/** How near is it? One's own photograph held against a picture the prop is made after. */
export function MatchView() {
  const { propId: askedProp, matchId } = useParams();
  const props = useTable('props').toSorted((a, b) => a.position - b.position);
  const prop = props.find(({ id }) => id === askedProp) ?? props[0];
  const matches = useTable('matches')
    .filter(({ propId }) => propId === prop?.id)
    .toSorted((a, b) => b.atMs - a.atMs);
  const match = matches.find(({ id }) => id === matchId) ?? matches[0] ?? null;
  const earlier = match ? (matches.find((one) => one.referenceId === match.referenceId && one.atMs < match.atMs) ?? null) : null;
  useTitle(prop ? `Match of ${prop.name}` : 'Match');
  if (!prop) return <p>No prop yet. Its pictures are compared once it has some.</p>;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <ReferenceTabs propId={prop.id} props={props} base="match" />
        <UndoBar />
      </div>
      <Begin propId={prop.id} matches={matches} match={match} />
      {match && <OpenMatch key={match.id} match={match} earlier={earlier} />}
    </>
  );
}

/** Chooses among matches, and begins another. */
function Begin({
  propId,
  matches,
  match,
}: {
  readonly propId: string;
  readonly matches: readonly PictureMatch[];
  readonly match: PictureMatch | null;
}) {
  const edit = useEdit();
  const clock = useClock();
  const now = useNow(60_000);
  const navigate = useNavigate();
  const formats = useFormats();
  const keepPicture = useKeepPicture();
  const parts = useTable('parts');
  const ownParts = new Set(parts.filter((part) => part.propId === propId).map(({ id }) => id));
  const pictures = useTable('pictures').filter((picture) => picture.propId === propId || ownParts.has(picture.partId ?? ''));
  const references = pictures.filter(({ isOwn }) => !isOwn);
  const owns = pictures.filter(({ isOwn }) => isOwn);
  const [chosenReference, setReference] = useState<string | null>(null);
  const referenceId = chosenReference ?? match?.referenceId ?? references[0]?.id ?? null;
  const nameOf = (id: string): string => pictures.find((picture) => picture.id === id)?.name ?? '';
  const earlierOf = (id: string): PictureMatch | null => matches.find((one) => one.referenceId === id) ?? null;
  if (referenceId === null)
    return (
      <p>
        No picture that it is made after.{' '}
        <Link to={`/references/${propId}`} className="underline">
          Add one
        </Link>
        , then photograph your own with a grey card in the same light.
      </p>
    );
  const begin = async (ownId: string): Promise<void> => {
    const id = newId();
    const isBegun = await edit(`Hold ${nameOf(ownId)} against ${nameOf(referenceId)}`, (change) =>
      beginMatch(change, id, { propId, referenceId, ownId }, clock.now(), earlierOf(referenceId)),
    );
    if (isBegun) void navigate(`/references/${propId}/match/${id}`);
  };
  const photograph = async (file: File): Promise<void> => {
    const id = newId();
    const kept = await keepPicture(file, ownWork(propId, null, clock.now()), (change, ownId) =>
      beginMatch(change, id, { propId, referenceId, ownId }, clock.now(), earlierOf(referenceId)),
    );
    if (kept) void navigate(`/references/${propId}/match/${id}`);
  };
  return (
    <div className="mb-3 flex flex-wrap items-end gap-3">
      {matches.length > 0 && (
        <div className="w-80">
          <SelectField
            label="Match"
            value={match?.id ?? ''}
            options={matches.map((one) => [one.id, `${formats.moment(one.atMs, now)}: ${nameOf(one.ownId)} / ${nameOf(one.referenceId)}`])}
            onChange={(id) => void navigate(`/references/${propId}/match/${id}`)}
          />
        </div>
      )}
      <div className="w-48">
        <SelectField label="Against" value={referenceId} options={references.map(({ id, name }) => [id, name])} onChange={setReference} />
      </div>
      {owns.length > 0 && (
        <div className="w-48">
          <SelectField
            label="Another of your photographs"
            value=""
            options={[['', 'choose one'], ...owns.map(({ id, name }) => [id, name] as const)]}
            onChange={(id) => id !== '' && void begin(id)}
          />
        </div>
      )}
      <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void photograph(file)}>
        Add a photograph of yours
      </FilePick>
    </div>
  );
}

function OpenMatch({ match, earlier }: { readonly match: PictureMatch; readonly earlier: PictureMatch | null }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const [seen, setSeen] = useState<Seen>(match.spots.length < LEAST_SPOTS ? 'spots' : match.regions.length === 0 ? 'regions' : 'wipe');
  const outcome = useMatch(match);
  const before = useMatch(earlier);
  const sizes = usePictureSizes([match.referenceId, match.ownId]);
  if (!outcome) return null;
  const { answer, reference, own } = outcome;
  const names = { reference: reference?.name ?? 'the reference', own: own?.name ?? 'your photograph' };
  const change = (label: string, by: (kept: PictureMatch) => PictureMatch): void =>
    void edit(label, (work) => changeMatch(work, match.id, by));
  const laid = answer && !('refusal' in answer) ? answer : null;
  const remove = async (): Promise<void> => {
    if (await edit(`Take the match of ${names.own} away`, (work) => work.remove('matches', match.id)))
      void navigate(`/references/${match.propId}/match`);
  };
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <div className="grid min-w-0 gap-3">
        <div role="group" aria-label="What is shown" className="flex gap-1">
          {SEEN.map(([id, words]) => (
            <Button key={id} aria-pressed={seen === id} look={seen === id ? 'primary' : 'plain'} onClick={() => setSeen(id)}>
              {words}
              {id === 'spots' && ` ${match.spots.length}`}
              {id === 'regions' && ` ${match.regions.length}`}
            </Button>
          ))}
        </div>
        {seen === 'spots' && (
          <SpotsPanel match={match} earlier={earlier} sizes={sizes} names={names} suspects={laid?.suspects ?? []} onChange={change} />
        )}
        {seen === 'regions' && <RegionsPanel match={match} sizes={sizes} name={names.reference} onChange={change} />}
        {seen === 'wipe' &&
          (laid ? (
            <WipePicture referenceId={match.referenceId} ownId={match.ownId} ask={outcome.ask} answer={laid} names={names} />
          ) : (
            <p>
              Four spots at least are needed before the photograph can be laid over the reference.{' '}
              <Button onClick={() => setSeen('spots')}>Point at spots</Button>
            </p>
          ))}
      </div>
      <div className="grid gap-4">
        <Sheet className="grid gap-2 p-4" label="How they lie on each other">
          <Registration match={match} outcome={outcome} />
          {(['reference', 'own'] as const).map((side) => (
            <PatchLine key={side} outcome={outcome} side={side} />
          ))}
          <SelectField
            label="How alike both were taken"
            value={match.conditions}
            options={(Object.keys(CONDITION_WORDS) as MatchConditions[]).map((id) => [
              id,
              `${CONDITION_WORDS[id]}: ± ${MATCH_HALF_WIDTHS[id]}`,
            ])}
            onChange={(id) => change('How alike both were taken', (kept) => ({ ...kept, conditions: id as MatchConditions }))}
          />
          <Link className="justify-self-start underline" to={`/references/${match.propId}/${match.ownId}`}>
            Mark lengths on yours
          </Link>
          <Button look="quiet" className="justify-self-start text-sm" onClick={() => void remove()}>
            Take this match away
          </Button>
        </Sheet>
        <VerdictPanel match={match} outcome={outcome} earlier={earlier && before ? { match: earlier, outcome: before } : null} />
      </div>
    </div>
  );
}

function Registration({ match, outcome: { answer, error } }: { readonly match: PictureMatch; readonly outcome: MatchOutcome }) {
  if (error !== null)
    return (
      <p role="alert" className="text-oxide">
        These pictures could not be compared: {error instanceof Error ? error.message : String(error)}
      </p>
    );
  if (match.spots.length < LEAST_SPOTS)
    return (
      <p>
        {match.spots.length} of at least {LEAST_SPOTS} spots; six serve, {WANTED_SPOTS} serve well.
      </p>
    );
  if (!answer) return <p className="text-dim">Working it out…</p>;
  if ('refusal' in answer)
    return <p className="text-oxide">They cannot be laid over each other: {REGISTRATION_REFUSAL_WORDS[answer.refusal]}.</p>;
  return (
    <>
      <p>
        By {match.spots.length} spots, {answer.kind === 'homography' ? 'as a plane is seen' : 'as a sheet that bends'}; places are off by at
        most <span className="figure">{answer.errorPixels.toFixed(1)} px</span> in nine of ten.
      </p>
      {answer.suspects.map((at) => (
        <p key={at} className="text-oxide">
          Spot {at + 1} does not go with the others. Is it the same thing on both?
        </p>
      ))}
      {match.spots.length < WANTED_SPOTS && <p className="text-dim text-sm">More spots, up to {WANTED_SPOTS}, make it surer.</p>}
    </>
  );
}

/** Whether a picture's light can be taken out. */
function PatchLine({ outcome, side }: { readonly outcome: MatchOutcome; readonly side: 'reference' | 'own' }) {
  const picture = outcome[side];
  const isDistrusted = useTable('measurings')
    .find(({ id }) => id === picture?.id)
    ?.distrusted.includes('light');
  if (!picture) return null;
  if (picture.neutral === null)
    return (
      <p className="text-oxide">
        No grey patch on {picture.name}: its light cannot be taken out, and no colour is compared.{' '}
        <Link className="underline" to={`/colour/pictures/${picture.id}`}>
          Mark it
        </Link>
      </p>
    );
  return isDistrusted ? (
    <p className="text-oxide">The light of {picture.name} is not to be trusted, as you said: read its colours with care.</p>
  ) : null;
}
