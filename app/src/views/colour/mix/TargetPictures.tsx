import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { Agreement } from '@zinc-ladder/core/colour/picture/agreeSamples';
import { averageReadings } from '@zinc-ladder/core/colour/picture/agreeSamples';
import type { SampleDoubt } from '@zinc-ladder/core/colour/picture/neutralise';
import { DOUBT_WORDS } from '@zinc-ladder/core/colour/picture/neutralise';
import { toLab } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { ColourTarget, TargetSample } from '@zinc-ladder/model/records/colour/colourTarget';
import { Link, useNavigate } from 'react-router';
import { agreeTarget, withSamples } from '../../../data/changes/look/colourChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { InlineField } from '../../../ui/fields/fields';
import { LabBox } from '../../../ui/fields/LabBox';
import { Swatch } from '../../../ui/swatch/Swatch';
import { readByReader } from '../readByReader';
import { NeutralPicture } from '../pictures/NeutralPicture';
import { NewTarget } from './NewTarget';

const USE_WORDS = { used: '', outlier: 'outlier', doubtful: 'doubtful', leftOut: 'left out' } as const;

/** Where a target's colour comes from: its pictures with the sampled places, how they agree, other ways to enter it. */
export function TargetPictures({ target, targets }: { readonly target: ColourTarget; readonly targets: readonly ColourTarget[] }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const { tellError } = useNotices();
  const pictures = useTable('pictures');
  const agreed = agreeTarget(target.samples);
  const change = (what: string, next: ColourTarget): void =>
    void edit(`${what} of ${target.name}`, (run) => run.put('targets', next, target));
  const setSamples = (what: string, samples: readonly TargetSample[]): void => change(what, withSamples(target, samples));
  const read = async (): Promise<void> => {
    try {
      const readings = await readByReader(toLab(target.lab), 3, Date.now() % 100_000);
      const mean = averageReadings(readings);
      if (!mean) return;
      setSamples('Add a reading', [
        ...target.samples,
        { id: newId(), pictureId: null, area: null, lab: [...mean.lab], doubts: [], isLeftOut: false },
      ]);
    } catch (error) {
      tellError(error);
    }
  };
  return (
    <section aria-label="Target" className="grid content-start gap-3">
      <select
        aria-label="Target shown"
        className="field"
        value={target.id}
        onChange={(event) => void navigate(`/colour/mix/${event.target.value}`)}
      >
        {targets.map((entry) => (
          <option key={entry.id} value={entry.id}>
            {entry.name}
          </option>
        ))}
      </select>
      {target.samples.length > 0 && <h2 className="label">{samplesTitle(target)}</h2>}
      <ul className="grid gap-3">
        {target.samples.map((sample) => {
          const told = agreed?.samples.find((entry) => entry.id === sample.id);
          const picture = pictures.find((entry) => entry.id === sample.pictureId);
          const isOff = told !== undefined && told.use !== 'used';
          return (
            <li key={sample.id}>
              {picture ? (
                <Link to={`/colour/pictures/${picture.id}?target=${target.id}`} aria-label={`Open ${picture.name}`}>
                  <NeutralPicture picture={picture} marks={sample.area ? [sample.area] : []} className="w-full" />
                </Link>
              ) : (
                <Swatch colourHex={hexOfLab(toLab(sample.lab))} className="h-10 w-full" />
              )}
              <div className="flex items-baseline justify-between gap-2 text-sm">
                <span className="min-w-0 truncate">{picture?.name ?? 'read or typed'}</span>
                <span className={`figure shrink-0 ${isOff ? 'text-oxide' : 'text-dim'}`}>
                  ΔE {told ? told.toMiddle.toFixed(1) : '–'} {told ? USE_WORDS[told.use] : ''}
                </span>
              </div>
              {sample.doubts.length > 0 && (
                <p className="text-dim text-sm">{sample.doubts.map((doubt) => DOUBT_WORDS[doubt as SampleDoubt] ?? doubt).join('; ')}</p>
              )}
              <div className="flex gap-1">
                <Button
                  look="quiet"
                  className="px-1 text-sm"
                  aria-pressed={sample.isLeftOut}
                  onClick={() =>
                    setSamples(
                      sample.isLeftOut ? 'Count a sample' : 'Leave out a sample',
                      target.samples.map((entry) => (entry.id === sample.id ? { ...entry, isLeftOut: !entry.isLeftOut } : entry)),
                    )
                  }
                >
                  {sample.isLeftOut ? 'Count it' : 'Leave out'}
                </Button>
                <Button
                  look="quiet"
                  className="px-1 text-sm"
                  aria-label={`Take away: the sample of ${picture?.name ?? 'a reading'}`}
                  onClick={() =>
                    setSamples(
                      'Take a sample away',
                      target.samples.filter((entry) => entry.id !== sample.id),
                    )
                  }
                >
                  Take away
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      {agreed && <p className="text-dim text-sm">{agreementWords(agreed, pictureNames(target, pictures))}</p>}
      {target.origin === 'typed' && (
        <p className="text-dim text-sm">Typed, not sampled: Lab {target.lab.map((value) => value.toFixed(1)).join(', ')}.</p>
      )}
      <details>
        <summary className="font-label min-h-9 cursor-pointer font-semibold">Sample, read, type</summary>
        <div className="grid gap-3 pt-2">
          <Link className="in-text underline underline-offset-4" to={`/colour/pictures?target=${target.id}`}>
            Sample a picture for it
          </Link>
          <Button onClick={() => void read()}>Read with the reader, 3 ×</Button>
          <LabBox
            label="Type its colour"
            action="Take"
            onTake={(lab) => change('Type the colour', { ...target, origin: 'typed', lab: [...lab], spread: 0, samples: [] })}
          />
          <InlineField
            label="Called"
            value={target.name}
            maxLength={200}
            check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
            onKeep={(name) => change('Change the name', { ...target, name: name.trim() })}
          />
          <Button
            look="danger"
            onClick={() => {
              void edit(`Take target ${target.name} away`, (run) => run.remove('targets', target.id)).then(() => navigate('/colour/mix'));
            }}
          >
            Take the target away
          </Button>
          <NewTarget />
        </div>
      </details>
    </section>
  );
}

function samplesTitle(target: ColourTarget): string {
  const count = new Set(target.samples.map((sample) => sample.pictureId ?? sample.id)).size;
  const words = ['No', 'One', 'Two', 'Three', 'Four', 'Five'];
  const noun = target.samples.every((sample) => sample.pictureId !== null) ? 'picture' : 'source';
  return `${words[count] ?? count} ${noun}${count === 1 ? '' : 's'}, one colour`;
}

function pictureNames(target: ColourTarget, pictures: readonly { readonly id: string; readonly name: string }[]): Map<string, string> {
  return new Map(target.samples.map((sample) => [sample.id, pictures.find((entry) => entry.id === sample.pictureId)?.name ?? 'a reading']));
}

function agreementWords(agreed: Agreement, names: ReadonlyMap<string, string>): string {
  const off = agreed.samples.filter((sample) => sample.use === 'outlier' || sample.use === 'doubtful');
  const used = agreed.samples.filter((sample) => sample.use === 'used').length;
  const disagreement = agreed.disagreement > 2 ? `They disagree by up to ΔE ${agreed.disagreement.toFixed(1)}: the light differs. ` : '';
  const middle = used > 1 ? `The middle of ${used} is the target, give or take ${agreed.spread.toFixed(1)}.` : 'One sample is the target.';
  const left = off.length > 0 ? ` Not counted: ${off.map((sample) => names.get(sample.id) ?? 'a sample').join(', ')}.` : '';
  return `${disagreement}${middle}${left}`;
}
