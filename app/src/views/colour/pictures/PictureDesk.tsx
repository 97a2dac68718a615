import type { AreaColour, PictureArea } from '@zinc-ladder/core/colour/picture/averageArea';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import {
  AS_TAKEN,
  doubtSample,
  DOUBT_WORDS,
  gainsOf,
  MIDDLE_GREY,
  neutralLab,
  PAPER_WHITE,
  toGains,
} from '@zinc-ladder/core/colour/picture/neutralise';
import type { LightGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { ColourTarget } from '@zinc-ladder/model/records/colour/colourTarget';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { useState } from 'react';
import { Link } from 'react-router';
import { withSamples } from '../../../data/changes/look/colourChanges';
import { newId } from '../../../base/newId';
import { useAttachment, useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { getPictureApi } from '../../../workers/pictures/pictureClient';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { Labelled, SelectField } from '../../../ui/fields/fields';
import { LabBox } from '../../../ui/fields/LabBox';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { PickArea } from './PickArea';

type Mode = 'sample' | 'neutral';
const NEW = 'new';

interface Sampled {
  readonly area: PictureArea;
  readonly colour: AreaColour;
  readonly lab: Lab;
}

/** One picture: its light taken out by a patch of known colour, places sampled into targets. */
export function PictureDesk({ picture, wantedTargetId }: { readonly picture: PictureReference; readonly wantedTargetId: string | null }) {
  const file = useAttachment(picture.id);
  const edit = useEdit();
  const { tellError } = useNotices();
  const targets = useTable('targets').toSorted((a, b) => a.name.localeCompare(b.name));
  const [mode, setMode] = useState<Mode>(picture.neutral ? 'sample' : 'neutral');
  const [knownId, setKnownId] = useState('grey');
  const [own, setOwn] = useState<Lab | null>(null);
  const [sampled, setSampled] = useState<Sampled | null>(null);
  const [targetId, setTargetId] = useState(wantedTargetId ?? targets[0]?.id ?? NEW);
  const [name, setName] = useState('');
  const known = knownId === 'white' ? PAPER_WHITE : knownId === 'own' && own ? own : MIDDLE_GREY;
  const gains: LightGains | null = picture.neutral ? toGains(picture.neutral.gains) : null;
  const target = targets.find((entry) => entry.id === targetId);
  const isTrusted = !useTable('measurings')
    .find(({ id }) => id === picture.id)
    ?.distrusted.includes('light');
  const ownSamples = targets.flatMap((entry) => entry.samples.filter((sample) => sample.pictureId === picture.id && sample.area));

  const neutralise = async (area: PictureArea): Promise<void> => {
    if (!file) return;
    try {
      const desk = getPictureApi();
      const patch = await desk.sample(picture.id, file, area);
      const next = gainsOf({ measured: patch.rgb, known });
      // What was sampled under the old light is read again under the new one.
      const renewed: ColourTarget[] = [];
      for (const entry of targets) {
        if (!entry.samples.some((sample) => sample.pictureId === picture.id && sample.area)) continue;
        const samples = [];
        for (const sample of entry.samples) {
          if (sample.pictureId !== picture.id || !sample.area) samples.push(sample);
          else {
            const colour = await desk.sample(picture.id, file, sample.area);
            samples.push({ ...sample, lab: [...neutralLab(colour.rgb, next)], doubts: doubtSample(colour, next, isTrusted) });
          }
        }
        renewed.push(withSamples(entry, samples));
      }
      await edit(`Take the light out of ${picture.name}`, async (change) => {
        await change.patch('pictures', picture.id, { neutral: { area, known: [...known], gains: [...next] } }, picture);
        for (const entry of renewed)
          await change.put(
            'targets',
            entry,
            targets.find((seen) => seen.id === entry.id),
          );
      });
      setSampled(null);
      setMode('sample');
    } catch (error) {
      tellError(error);
    }
  };
  const sample = async (area: PictureArea): Promise<void> => {
    if (!file) return;
    try {
      const colour = await getPictureApi().sample(picture.id, file, area);
      setSampled({ area, colour, lab: neutralLab(colour.rgb, gains ?? AS_TAKEN) });
    } catch (error) {
      tellError(error);
    }
  };
  const doubts = sampled ? doubtSample(sampled.colour, gains, isTrusted) : [];
  const add = async (): Promise<void> => {
    if (!sampled) return;
    const entry = { id: newId(), pictureId: picture.id, area: sampled.area, lab: [...sampled.lab], doubts, isLeftOut: false };
    const base: ColourTarget = target ?? {
      id: newId(),
      revision: 0,
      name: name.trim() || `Colour of ${picture.name}`.slice(0, 200),
      propId: picture.propId,
      origin: 'samples',
      lab: [...sampled.lab],
      spread: 0,
      samples: [],
      note: '',
    };
    const next = withSamples(base, [...base.samples, entry]);
    if (await edit(`Sample ${picture.name} for ${next.name}`, (change) => change.put('targets', next, target))) {
      setTargetId(next.id);
      setSampled(null);
    }
  };
  return (
    <div className="grid grid-cols-1 min-w-0 items-start gap-4 xl:grid-cols-[minmax(0,1fr)_18rem]">
      <div className="min-w-0">
        <div className="mb-2 flex flex-wrap items-center gap-2" role="group" aria-label="What a drag does">
          <Button aria-pressed={mode === 'neutral'} look={mode === 'neutral' ? 'primary' : 'plain'} onClick={() => setMode('neutral')}>
            Mark a known patch
          </Button>
          <Button aria-pressed={mode === 'sample'} look={mode === 'sample' ? 'primary' : 'plain'} onClick={() => setMode('sample')}>
            Sample a colour
          </Button>
          <span className="text-dim text-sm">
            {mode === 'neutral' ? 'Drag over something whose true colour is known.' : 'Drag over an even patch, or press on it.'}
          </span>
        </div>
        <PickArea
          picture={picture}
          marks={[...ownSamples.flatMap((entry) => entry.area ?? []), ...(sampled ? [sampled.area] : [])]}
          onPick={(area) => void (mode === 'neutral' ? neutralise(area) : sample(area))}
        />
      </div>
      <div className="grid gap-4">
        {picture.propId && (
          <Link to={`/references/${picture.propId}/${picture.id}`} className="underline">
            Measure lengths on it
          </Link>
        )}
        <Sheet className="grid gap-3 p-4" label="Light">
          <h2 className="label">Light</h2>
          <SelectField
            label="The patch is"
            value={knownId}
            options={[
              ['grey', 'middle grey, 18 %'],
              ['white', 'paper white'],
              ['own', 'another known colour'],
            ]}
            onChange={setKnownId}
          />
          {knownId === 'own' && (
            <LabBox
              label={own ? `Known: ${own.map((value) => value.toFixed(1)).join(', ')}` : 'Its colour'}
              action="Take"
              onTake={setOwn}
            />
          )}
          {picture.neutral ? (
            <>
              <p className="text-sm">
                Taken out: red × <span className="figure">{picture.neutral.gains[0]?.toFixed(2)}</span>, green ×{' '}
                <span className="figure">{picture.neutral.gains[1]?.toFixed(2)}</span>, blue ×{' '}
                <span className="figure">{picture.neutral.gains[2]?.toFixed(2)}</span>, exposure with it.
              </p>
              <Button
                onClick={() =>
                  void edit(`Leave the light in ${picture.name}`, (change) =>
                    change.patch('pictures', picture.id, { neutral: null }, picture),
                  )
                }
              >
                Leave the light in
              </Button>
            </>
          ) : (
            <p className="text-oxide text-sm">No neutral yet: colours sampled here hold the light’s colour too.</p>
          )}
          <p className="text-dim text-sm">
            It holds where the patch gets the same light as what is sampled. Cameras err in strong colours; a reader on the real thing is
            better.
          </p>
        </Sheet>
        <Sheet className="grid gap-3 p-4" label="Sample" isActive={sampled !== null}>
          <h2 className="label">Sample</h2>
          {sampled ? (
            <>
              <Swatch colourHex={hexOfLab(sampled.lab)} className="h-20 w-full" />
              <p className="figure" role="status">
                Lab {sampled.lab.map((value) => value.toFixed(1)).join(', ')} · {hexOfLab(sampled.lab)}
              </p>
              <p className="text-dim text-sm">
                {Math.round(sampled.colour.usedShare * 100)} % of {sampled.colour.pixels} pixels averaged; highlights, shadows and specks
                left aside.
              </p>
              {doubts.map((doubt) => (
                <p key={doubt} className="text-oxide text-sm">
                  {DOUBT_WORDS[doubt]}
                </p>
              ))}
              <SelectField
                label="For"
                value={target ? target.id : NEW}
                options={[...targets.map((entry) => [entry.id, entry.name] as const), [NEW, 'a new target'] as const]}
                onChange={setTargetId}
              />
              {!target && (
                <Labelled label="Called">
                  {({ id }) => (
                    <input
                      id={id}
                      className="field"
                      maxLength={200}
                      placeholder="band green"
                      value={name}
                      onChange={(event) => setName(event.target.value)}
                    />
                  )}
                </Labelled>
              )}
              <Button look="primary" isLarge onClick={() => void add()}>
                {target ? `Add to ${target.name}` : 'Keep as a target'}
              </Button>
            </>
          ) : (
            <p className="text-dim text-sm">Nothing sampled yet.</p>
          )}
          {target && (
            <Link className="in-text underline underline-offset-4" to={`/colour/mix/${target.id}`}>
              To the mix for {target.name}
            </Link>
          )}
        </Sheet>
      </div>
    </div>
  );
}
