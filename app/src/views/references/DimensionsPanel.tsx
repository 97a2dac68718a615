import type { CombinedLength } from '@zinc-ladder/core/reference/combineLengths';
import { BETWEEN_PICTURES, DISAGREES_ABOVE } from '@zinc-ladder/core/reference/combineLengths';
import type { MeasuredLength } from '@zinc-ladder/core/reference/measureLengths';
import { LENGTH_REFUSAL_WORDS } from '@zinc-ladder/core/reference/planeScale';
import type { Dimension } from '@zinc-ladder/model/records/reference/dimension';
import { useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../../base/newId';
import { addDimension, changeMeasuring, withLeftOut } from '../../data/changes/prop/measuringChanges';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import type { Formats } from '../../base/formats';
import { Button } from '../../ui/Button';
import { InlineNumber, Labelled } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import type { MarkTask } from './markTask';
import type { MeasuredProp } from '../../features/pictures/useMeasured';

/** A length with its interval, to the tenth of a millimetre where it is that sure. */
export function lengthWords({ millimetres, low, high }: Pick<CombinedLength, 'millimetres' | 'low' | 'high'>, formats: Formats): string {
  const places = high - low < 4 ? 1 : 0;
  return `${formats.length(millimetres, places)} (${formats.lengthNumber(low, places)}–${formats.lengthNumber(high, places)})`;
}

/** The dimensions of a prop: what its pictures come to, which of them disagrees, and the same on the mesh. */
export function DimensionsPanel({
  propId,
  measured,
  pictureId,
  onTask,
}: {
  readonly propId: string;
  readonly measured: MeasuredProp;
  /** the picture that is open */
  readonly pictureId: string | null;
  readonly onTask: (task: MarkTask) => void;
}) {
  const edit = useEdit();
  const [name, setName] = useState('');
  const add = (): void => {
    const words = name.trim();
    if (words === '') return;
    setName('');
    void edit(`Add the dimension ${words}`, (change) => addDimension(change, newId(), propId, words));
  };
  return (
    <Sheet className="grid content-start gap-3 p-4" label="Dimensions">
      <h2 className="font-label text-xl font-semibold">Dimensions</h2>
      {measured.dimensions.length === 0 && (
        <p className="text-dim">Name a length that is wanted, such as “height of the cage”, then mark it on as many pictures as show it.</p>
      )}
      <ul className="grid gap-4">
        {measured.dimensions.map((dimension) => (
          <DimensionLine
            key={dimension.id}
            dimension={dimension}
            length={measured.lengths.get(dimension.id)}
            measured={measured}
            pictureId={pictureId}
            onTask={onTask}
          />
        ))}
      </ul>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <div className="min-w-0 flex-1">
          <Labelled label="Another dimension">
            {({ id }) => <input id={id} className="field" maxLength={200} value={name} onChange={(event) => setName(event.target.value)} />}
          </Labelled>
        </div>
        <Button type="submit" disabled={name.trim() === ''}>
          Add
        </Button>
      </form>
    </Sheet>
  );
}

/** How far a picture's reading lies from the mean of the others, in standard deviations. */
function residualOf({ byPicture, combined }: MeasuredLength, picture: string): number {
  const readings = byPicture.filter((one) => !('refusal' in one));
  return combined?.residuals[readings.findIndex((one) => one.picture === picture)] ?? 0;
}

function DimensionLine({
  dimension,
  length,
  measured,
  pictureId,
  onTask,
}: {
  readonly dimension: Dimension;
  readonly length: MeasuredLength | undefined;
  readonly measured: MeasuredProp;
  readonly pictureId: string | null;
  readonly onTask: (task: MarkTask) => void;
}) {
  const edit = useEdit();
  const formats = useFormats();
  const combined = length?.combined ?? null;
  const isRead = measured.measurings.get(pictureId ?? '')?.readings.some((reading) => reading.dimensionId === dimension.id) ?? false;
  const pictureName = (id: string): string => measured.pictures.find((picture) => picture.id === id)?.name ?? '';
  const leftOut = measured.pictures.filter(({ id }) =>
    measured.measurings.get(id)?.readings.some((reading) => reading.dimensionId === dimension.id && reading.isLeftOut),
  );
  const untrusted = measured.pictures.filter(({ id }) => {
    const measuring = measured.measurings.get(id);
    return measuring?.distrusted.includes('scale') && measuring.readings.some(({ dimensionId }) => dimensionId === dimension.id);
  });
  const leave = (id: string, isLeftOut: boolean): void =>
    void edit(`${isLeftOut ? 'Set aside' : 'Count'} ${pictureName(id)} for ${dimension.name}`, (change) =>
      changeMeasuring(change, id, (kept) => withLeftOut(kept, dimension.id, isLeftOut)),
    );
  return (
    <li className="border-line border-t pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h3 className="font-label text-lg font-semibold">{dimension.name}</h3>
        {combined ? (
          <span className="figure text-lg">
            <Why
              name={dimension.name}
              reason={{
                formula: 'weighted mean of ln(length) by picture; 90 % interval',
                inputs: [
                  ['pictures', String(length?.byPicture.filter((one) => !('refusal' in one)).length ?? 0)],
                  ['scatter between them', `${(combined.betweenSd * 100).toFixed(1)} %`],
                ],
                source: `reading errors by central differences; scatter by Mandel and Paule (1970), at least ${BETWEEN_PICTURES * 100} % for the lens`,
              }}
            >
              {lengthWords(combined, formats)}
            </Why>
          </span>
        ) : (
          <span className="text-dim">not measured yet</span>
        )}
      </div>
      <ul className="text-sm">
        {length?.byPicture.map((one) => (
          <li key={one.picture} className="flex flex-wrap items-center justify-between gap-x-2">
            <Link to={`/references/${dimension.propId}/${one.picture}`} className="underline">
              {pictureName(one.picture)}
            </Link>
            {'refusal' in one ? (
              <span className="text-oxide">{LENGTH_REFUSAL_WORDS[one.refusal]}</span>
            ) : (
              <span className="figure">{lengthWords(one, formats)}</span>
            )}
            {combined?.disagrees.includes(one.picture) && (
              <span className="text-oxide w-full">
                disagrees with the others: off by {Math.abs(residualOf(length, one.picture)).toFixed(1)} standard deviations, more than{' '}
                {DISAGREES_ABOVE}. Is the right thing marked?
              </span>
            )}
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Set aside: ${pictureName(one.picture)} for ${dimension.name}`}
              onClick={() => leave(one.picture, true)}
            >
              Set aside
            </Button>
          </li>
        ))}
        {untrusted.map(({ id, name }) => (
          <li key={id} className="text-dim">
            {name}: not counted, its scale is not to be trusted
          </li>
        ))}
        {leftOut.map(({ id, name }) => (
          <li key={id} className="text-dim flex items-center justify-between gap-2">
            {name}: set aside
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Count it: ${name} for ${dimension.name}`}
              onClick={() => leave(id, false)}
            >
              Count it
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <Button
          disabled={pictureId === null}
          onClick={() => onTask({ kind: 'reading', dimensionId: dimension.id, name: dimension.name })}
          aria-label={`${isRead ? 'Mark again here' : 'Mark it here'}: ${dimension.name}`}
        >
          {isRead ? 'Mark again here' : 'Mark it here'}
        </Button>
        <div className="w-36">
          <InlineNumber
            label="On the mesh"
            unit="mm"
            value={dimension.meshMillimetres}
            min={0.01}
            max={1_000_000}
            mayBeEmpty
            onKeep={(meshMillimetres) =>
              void edit(`${dimension.name} on the mesh`, (change) =>
                change.patch('dimensions', dimension.id, { meshMillimetres }, dimension),
              )
            }
          />
        </div>
        <Button
          look="quiet"
          className="text-sm"
          aria-label={`Take away: ${dimension.name}`}
          onClick={() => void edit(`Take the dimension ${dimension.name} away`, (change) => change.remove('dimensions', dimension.id))}
        >
          Take away
        </Button>
      </div>
    </li>
  );
}
