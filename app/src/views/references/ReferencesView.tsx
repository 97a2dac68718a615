import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { Measuring } from '@zinc-ladder/model/records/reference/measuring';
import { toPixels } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { download } from '../../base/download';
import { changeMeasuring, newMeasuring, setDistrust } from '../../data/changes/prop/measuringChanges';
import { madeAfter } from '../../data/changes/prop/pictureChanges';
import { useAttachment, useTable } from '../../data/queries';
import { UndoBar } from '../../features/edit/UndoBar';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import { useNotices } from '../../features/notices/Notices';
import { Picture } from '../../features/pictures/Picture';
import { useKeepPicture } from '../../features/pictures/useKeepPicture';
import { usePictureUrl } from '../../features/pictures/usePictureUrl';
import { useTitle } from '../../features/title/pageTitle';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/fields/FilePick';
import { SelectField } from '../../ui/fields/fields';
import { DimensionsPanel, lengthWords } from './DimensionsPanel';
import { MarkPicture } from './MarkPicture';
import { MarkTools } from './MarkTools';
import { marksOf } from './marksOf';
import type { MarkTask } from './markTask';
import { askFor, finishTask, isWhole, LEAST_RIM, movePlace } from './markTask';
import { ReferenceTabs } from './ReferenceTabs';
import { ScalePanel } from './ScalePanel';
import { sheetAsPng, sheetAsSvg } from './sheetFiles';
import type { MeasuredProp } from '../../features/pictures/useMeasured';
import { useMeasured } from '../../features/pictures/useMeasured';

/** Pictures shown by sight; of more the rest is chosen by name. */
const MOST_THUMBNAILS = 12;
const MOST_OWN = 4;

/** How large is it? Lengths off the pictures a prop is made after. */
export function ReferencesView() {
  const { propId: askedProp, pictureId: askedPicture } = useParams();
  const navigate = useNavigate();
  const edit = useEdit();
  const keepPicture = useKeepPicture();
  const props = useTable('props').toSorted((a, b) => a.position - b.position);
  const prop = props.find(({ id }) => id === askedProp) ?? props[0];
  const firstId = useTable('pictures').find(({ propId, isOwn }) => propId === prop?.id && !isOwn)?.id ?? null;
  const measured = useMeasured(prop?.id ?? null, askedPicture ?? firstId);
  const picture = [...measured.pictures, ...measured.own].find(({ id }) => id === askedPicture) ?? measured.pictures[0];
  const [task, setTask] = useState<MarkTask | null>(null);
  useTitle(prop ? `References of ${prop.name}` : 'References');
  // Of many pictures those that are marked come first; the rest is chosen by name.
  const marked = measured.pictures.filter(({ id }) => measured.measurings.has(id));
  const unmarked = measured.pictures.filter(({ id }) => !measured.measurings.has(id));
  const shown = measured.pictures.length <= MOST_THUMBNAILS ? measured.pictures : [...marked, ...unmarked].slice(0, MOST_THUMBNAILS);
  if (!prop) return <p>No prop yet. Lengths are read off the pictures of a prop.</p>;
  const add = async (file: File): Promise<void> => {
    const id = await keepPicture(file, madeAfter(prop.id));
    if (id) void navigate(`/references/${prop.id}/${id}`);
  };
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <ReferenceTabs propId={prop.id} props={props} />
        <UndoBar />
      </div>
      <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="grid min-w-0 gap-3 lg:sticky lg:top-0">
          <nav aria-label="Pictures" className="flex flex-wrap items-end gap-2">
            {[...shown, ...measured.own.slice(0, MOST_OWN)].map(({ id, name, isOwn }) => (
              <Link
                key={id}
                to={`/references/${prop.id}/${id}`}
                aria-current={id === picture?.id ? 'page' : undefined}
                onClick={() => setTask(null)}
                className={`block w-28 border p-1 text-sm ${id === picture?.id ? 'border-ink bg-sheet' : 'border-line'}`}
              >
                <Picture id={id} alt="" className="h-16 w-full object-cover" />
                <span className="block truncate">{isOwn ? `yours: ${name}` : name}</span>
              </Link>
            ))}
            {shown.length < measured.pictures.length && (
              <div className="w-56">
                <SelectField
                  label={`All ${measured.pictures.length} pictures`}
                  value={picture?.id ?? ''}
                  options={measured.pictures.map(({ id, name }) => [id, name])}
                  onChange={(id) => {
                    setTask(null);
                    void navigate(`/references/${prop.id}/${id}`);
                  }}
                />
              </div>
            )}
            <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void add(file)}>
              Add a picture
            </FilePick>
          </nav>
          {picture ? (
            <OpenPicture key={picture.id} picture={picture} measured={measured} task={task} onTask={setTask} />
          ) : (
            <p>No picture of {prop.name} yet. A still that shows it square on, with something of known size beside it, serves best.</p>
          )}
        </div>
        <div className="grid gap-4">
          <DimensionsPanel propId={prop.id} measured={measured} pictureId={picture?.id ?? null} onTask={setTask} />
          {picture && (
            <MarkTools
              key={picture.id}
              measuring={measured.measurings.get(picture.id) ?? newMeasuring(picture.id)}
              onTask={setTask}
              onChange={(label, by) => void edit(label, (change) => changeMeasuring(change, picture.id, by))}
              onDistrust={(what, isDistrusted) =>
                void edit(`${isDistrusted ? 'Do not trust' : 'Trust'} the ${what} of ${picture.name}`, (change) =>
                  setDistrust(change, picture.id, what, isDistrusted),
                )
              }
            />
          )}
          <ScalePanel propId={prop.id} measured={measured} />
        </div>
      </div>
    </>
  );
}

function OpenPicture({
  picture,
  measured,
  task,
  onTask,
}: {
  readonly picture: PictureReference;
  readonly measured: MeasuredProp;
  readonly task: MarkTask | null;
  readonly onTask: (task: MarkTask | null) => void;
}) {
  const edit = useEdit();
  const formats = useFormats();
  const { tellError } = useNotices();
  const url = usePictureUrl(picture.id);
  const file = useAttachment(picture.id);
  const size = measured.sizes.get(picture.id);
  const measuring = measured.measurings.get(picture.id) ?? newMeasuring(picture.id);
  const [places, setPlaces] = useState<readonly PicturePlace[]>([]);
  const [marked, setMarked] = useState<MarkTask | null>(null);
  // Places belong to the task they were pointed at for: another one begins with none.
  const pending = marked === task ? places : [];
  const change = (label: string, by: (kept: Measuring) => Measuring): void =>
    void edit(label, (work) => changeMeasuring(work, picture.id, by));
  const finish = (given: MarkTask, all: readonly PicturePlace[]): void => {
    onTask(null);
    setPlaces([]);
    change(labelOf(given, picture.name), (kept) => finishTask(kept, given, all));
  };
  const place = (at: PicturePlace): void => {
    if (!task) return;
    const next = [...pending, at];
    setMarked(task);
    setPlaces(next);
    if (isWhole(task, next)) finish(task, next);
  };
  const wordsOf = (dimensionId: string, isWhole: boolean): string => {
    const name = measured.dimensions.find(({ id }) => id === dimensionId)?.name ?? '';
    const one = measured.lengths.get(dimensionId)?.byPicture.find((length) => length.picture === picture.id);
    if (!one || 'refusal' in one) return name;
    return `${name} ${isWhole ? lengthWords(one, formats) : formats.length(one.millimetres)}`;
  };
  const length = (millimetres: number): string => formats.length(millimetres, 1);
  const marks = marksOf(measuring, { length, reading: (id) => wordsOf(id, false) });
  const save = async (as: 'svg' | 'png'): Promise<void> => {
    if (!size || !file) return;
    try {
      const title = [picture.name, measuring.origin].filter(Boolean).join(', ');
      const onPaper = marksOf(measuring, { length, reading: (id) => wordsOf(id, true) });
      const lines = onPaper.flatMap(({ points: [a, b], words, look }) =>
        a && b && (look === 'known' || look === 'measured')
          ? [{ a: toPixels(a, size), b: toPixels(b, size), words, isKnown: look === 'known' }]
          : [],
      );
      const typed = file.slice(0, file.size, picture.mediaType);
      const svg = await sheetAsSvg({ widthPixels: size.width, heightPixels: size.height, title, lines }, typed);
      if (as === 'svg') download(svg, 'dimension-sheet.svg', 'image/svg+xml');
      else download(await sheetAsPng(svg), 'dimension-sheet.png', 'image/png');
    } catch (error) {
      tellError(error);
    }
  };
  if (size === null) return <p role="alert">This picture cannot be read: its bytes are no picture. Take it away and add it again.</p>;
  if (!url || !size) return <p className="text-dim">The picture is read…</p>;
  return (
    <>
      <p
        role="status"
        className={`min-h-9 ${task ? 'border-lime bg-sheet flex flex-wrap items-center gap-3 border-l-4 px-3' : 'text-dim'}`}
      >
        {task ? askFor(task, pending.length) : 'Ends can be dragged. Choose what to mark next.'}
        {task?.kind === 'circle' && pending.length >= LEAST_RIM && <Button onClick={() => finish(task, pending)}>Enough</Button>}
        {task && <Button onClick={() => onTask(null)}>Leave it</Button>}
      </p>
      <MarkPicture
        url={url}
        name={picture.name}
        size={size}
        marks={[...marks, ...(pending.length > 0 ? [{ key: 'pending', points: pending, words: '', look: 'pending' } as const] : [])]}
        asks={task ? askFor(task, pending.length) : null}
        onPlace={place}
        onLeave={() => onTask(null)}
        onMove={(key, index, at) => change(`Move a mark on ${picture.name}`, (kept) => movePlace(kept, key, index, at))}
      />
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void save('svg')}>Save the sheet (SVG)</Button>
        <Button onClick={() => void save('png')}>Save the sheet (PNG)</Button>
        <Link to={`/colour/pictures/${picture.id}`} className="self-center underline">
          Sample its colours
        </Link>
      </div>
    </>
  );
}

function labelOf(task: MarkTask, picture: string): string {
  switch (task.kind) {
    case 'known':
    case 'reading':
      return `Mark ${task.name} on ${picture}`;
    case 'rectangle':
      return `Mark four corners on ${picture}`;
    case 'circle':
    case 'centre':
      return `Mark a circle on ${picture}`;
    case 'pin':
      return `Pin ${task.text} on ${picture}`;
  }
}
