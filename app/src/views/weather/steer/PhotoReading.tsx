import type { Lab } from '@zinc-ladder/core/colour/lab';
import { verdictOf } from '@zinc-ladder/core/weather/hand/hand';
import type { PhotoPoint } from '@zinc-ladder/core/weather/photograph/photo';
import type { CoverageReading, PhotoRefusal } from '@zinc-ladder/core/weather/photograph/readCoverage';
import { PHOTO_BOUNDS } from '@zinc-ladder/core/weather/photograph/readCoverage';
import type { CoverageRecord, PlannedWeatherPass } from '@zinc-ladder/model/records/prop/weatherPlan';
import { useState } from 'react';
import { keepPicture, ownWork } from '../../../data/changes/prop/pictureChanges';
import { newId } from '../../../base/newId';
import { useKeptState } from '../../../data/useKeptState';
import { useTable } from '../../../data/queries';
import { useClock } from '../../../clock/ClockContext';
import { useStore } from '../../../data/StoreContext';
import { getPictureApi } from '../../../workers/pictures/pictureClient';
import { useBackgroundJob } from '../../../features/notices/useBackgroundJob';
import { getWeatherApi } from '../../../workers/weather/weatherClient';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import type { BoardMark } from './PhotoBoard';
import { PhotoBoard } from './PhotoBoard';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { percent } from '../words';

const REFUSALS: Readonly<Record<PhotoRefusal, string>> = {
  noCleanPins: `Fewer than ${PHOTO_BOUNDS.leastPins} clean places are pinned: without them the change of light cannot be told from the pass. Pin a dozen that no pass touched.`,
  clipped: 'More than a tenth of it is burnt out or black. Turn the lamp or the exposure down, and photograph again.',
  tooAlike: 'Deposit and base are too alike (under ΔE00 15): no photograph tells them apart. Judge by eye, or on a card.',
  readingsDisagree:
    'Two ways of reading it contradict each other: shine or shade is taken for the pass, or base or paint have another colour than the shelf says. Photograph under softer light.',
  tooSmall: 'The area is too small to count. Draw it larger, or come nearer.',
  notRegistered: 'The same places do not fit together: one is set wrong, or all lie on a line. Set them anew, spread over the part.',
  anotherPart:
    'This does not look like the part of the clean photograph: it was turned, it is blurred, it is another, or the pass fills all its grooves. Take both from the same place, sharp; judge filled grooves by eye.',
};
const HOW = {
  pair: 'against the clean photograph',
  unregistered: 'beside the clean photograph, not registered',
  single: 'from one photograph alone',
} as const;
const MODES = [
  ['pairs', 'Same place in both'],
  ['clean', 'Clean places'],
  ['area', 'Area, two corners'],
] as const;

type Mode = (typeof MODES)[number][0];

/** What was pointed at on two photographs. */
interface PhotoMarks {
  readonly pairsClean: readonly PhotoPoint[];
  readonly pairsAfter: readonly PhotoPoint[];
  readonly cleanPlaces: readonly PhotoPoint[];
  readonly corners: readonly PhotoPoint[];
}
const NO_MARKS: PhotoMarks = { pairsClean: [], pairsAfter: [], cleanPlaces: [], corners: [] };

/** A photograph after a pass against that of the clean part: how much is covered, or why it cannot be told. */
export function PhotoReading({
  weather,
  pass,
  base,
  deposit,
  target,
  onStop,
  onKeep,
}: {
  readonly weather: Weather;
  readonly pass: PlannedWeatherPass;
  /** the colour it lies on where it is photographed */
  readonly base: Lab;
  readonly deposit: Lab;
  readonly target: number | null;
  /** a picture of the wanted look gives the stop line */
  readonly onStop: (coverage: number) => void;
  readonly onKeep: (fields: Pick<CoverageRecord, 'coverage' | 'half' | 'how' | 'pictureId'>) => void;
}) {
  const { plan, part } = weather;
  const { db } = useStore();
  const clock = useClock();
  const pictures = useTable('pictures').filter((picture) => picture.partId === part.id);
  const keep = usePlanEdit(weather);
  const { isRunning, run } = useBackgroundJob();
  const cleanId = plan.cleanPictureId;
  const [mode, setMode] = useState<Mode>('pairs');
  const [chosen, setAfterId] = useKeptState<string | null>(['photographAfter', part.id, pass.id], null);
  // A photograph that was taken away meanwhile is not chosen any more.
  const afterId = pictures.some((picture) => picture.id === chosen) ? chosen : null;
  // Marks belong to the two photographs they were set on.
  const [marks, setMarks] = useKeptState<PhotoMarks>(['photographMarks', cleanId, afterId], NO_MARKS);
  const { pairsClean, pairsAfter, cleanPlaces, corners } = marks;
  const [reading, setReading] = useKeptState<CoverageReading | null>(['photographReading', pass.id, cleanId, afterId], null);
  const area = areaOf(corners);
  const take = async (file: File, name: string): Promise<string | null> => {
    const id = newId();
    let isKept = false;
    await run(async () => {
      const small = await getPictureApi().shrink(file);
      isKept = await keep(`Add a photograph`, async (change, planId) => {
        await keepPicture(change, id, small, name, ownWork(null, part.id, clock.now()));
        if (name.startsWith('clean')) await change.patch('weatherPlans', planId, { cleanPictureId: id });
      });
    });
    return isKept ? id : null;
  };
  const read = (): Promise<void> =>
    run(async () => {
      const after = (await db.attachments.get(afterId ?? ''))?.blob;
      const clean = cleanId ? ((await db.attachments.get(cleanId))?.blob ?? null) : null;
      if (!after) return;
      const count = Math.min(pairsClean.length, pairsAfter.length);
      const told = await getWeatherApi().photograph({
        after,
        clean,
        pairs: Array.from({ length: count }, (_, at) => ({ after: pairsAfter[at] as PhotoPoint, clean: pairsClean[at] as PhotoPoint })),
        cleanPins: cleanPlaces,
        base,
        deposit,
        area,
      });
      setReading(() => told);
    });
  const pairMarks = (places: readonly PhotoPoint[]): BoardMark[] =>
    places.map((place, at) => ({ place, text: String(at + 1), kind: 'pair' }));
  const name = findTechnique(pass.techniqueId).name.toLowerCase();
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-center gap-2">
        <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void take(file, `clean ${part.name}`)}>
          {cleanId ? 'Another clean photograph' : 'Photograph of the clean part'}
        </FilePick>
        <FilePick
          accept="image/jpeg,image/png,image/webp"
          onPick={(file) => void take(file, `${part.name} after ${name}`).then((id) => id && setAfterId(() => id))}
        >
          Photograph after the pass
        </FilePick>
        {pictures.length > 0 && (
          <label>
            <span className="sr-only">Photograph after the pass, of those there are</span>
            <select className="field" value={afterId ?? ''} onChange={(event) => setAfterId(() => event.target.value || null)}>
              <option value="">of those there are…</option>
              {pictures.map((picture) => (
                <option key={picture.id} value={picture.id}>
                  {picture.name}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      {!cleanId && (
        <p className="text-dim">
          One photograph alone is read with a wide interval, and never says stop. Photograph the part clean, before the first pass, from the
          same place.
        </p>
      )}
      {afterId && (
        <>
          <div className="flex flex-wrap gap-1" role="group" aria-label="What a press sets">
            {MODES.map(([id, words]) => (
              <Button
                key={id}
                className="text-sm"
                aria-pressed={mode === id}
                look={mode === id ? 'primary' : 'plain'}
                onClick={() => setMode(id)}
              >
                {words}
              </Button>
            ))}
            <Button
              className="text-sm"
              look="quiet"
              onClick={() => {
                setMarks(() => NO_MARKS);
                setReading(() => null);
              }}
            >
              Clear all marks
            </Button>
          </div>
          <div className="grid gap-3 md:grid-cols-2">
            {cleanId && (
              <figure className="min-w-0">
                <figcaption className="label">Clean · {pairsClean.length} places</figcaption>
                <PhotoBoard
                  pictureId={cleanId}
                  label={`${part.name}, clean`}
                  marks={pairMarks(pairsClean)}
                  area={null}
                  onPoint={(place) => mode === 'pairs' && setMarks((now) => ({ ...now, pairsClean: [...now.pairsClean, place] }))}
                />
              </figure>
            )}
            <figure className="min-w-0">
              <figcaption className="label">
                After · {pairsAfter.length} places, {cleanPlaces.length} clean
              </figcaption>
              <PhotoBoard
                pictureId={afterId}
                label={`${part.name}, after ${name}`}
                marks={[...pairMarks(pairsAfter), ...cleanPlaces.map((place): BoardMark => ({ place, text: '○', kind: 'clean' }))]}
                area={area}
                onPoint={(place) => {
                  if (mode === 'pairs') setMarks((now) => ({ ...now, pairsAfter: [...now.pairsAfter, place] }));
                  else if (mode === 'clean') setMarks((now) => ({ ...now, cleanPlaces: [...now.cleanPlaces, place] }));
                  else setMarks((now) => ({ ...now, corners: now.corners.length >= 2 ? [place] : [...now.corners, place] }));
                }}
              />
            </figure>
          </div>
          <div className="flex flex-wrap items-center gap-3">
            <Button look="primary" isLarge disabled={isRunning} onClick={() => void read()}>
              Read it
            </Button>
            <span className="text-dim text-sm">
              {isRunning ? 'Reading…' : 'Draw the area over all of the part that is seen: the stop line counts its whole surface.'}
            </span>
          </div>
        </>
      )}
      {reading?.refusal && (
        <p role="alert" className="border-oxide text-oxide border-l-4 pl-3">
          {REFUSALS[reading.refusal]}
        </p>
      )}
      {reading && reading.coverage !== null && reading.low !== null && reading.high !== null && (
        <div role="status" className="border-line border p-3">
          <p className="font-label text-2xl font-semibold">
            {percent(reading.coverage)} covered, {percent(reading.low)} to {percent(reading.high)}
          </p>
          <p className="text-dim">
            Read {HOW[reading.how]}.
            {target !== null &&
              ` Against a line at ${percent(target)}: ${VERDICT_WORDS[verdictOf({ low: reading.low, high: reading.high, how: reading.how }, target)]}.`}
          </p>
          <Button
            className="mt-2"
            onClick={() => {
              if (reading.coverage === null || reading.half === null) return;
              onKeep({ coverage: reading.coverage, half: reading.half, how: reading.how, pictureId: afterId });
              setReading(() => null);
            }}
          >
            Keep this reading
          </Button>
          {reading.how === 'single' && (
            <Button className="mt-2 ml-2" onClick={() => onStop(Math.round((reading.coverage ?? 0) * 100) / 100)}>
              A picture of the wanted look: make it the stop line
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

const VERDICT_WORDS = { more: 'one more, light', close: 'close enough', stop: 'stop', outOfReach: 'out of reach' } as const;
/** The middle of the picture, where nothing was drawn. */
const USUAL_AREA = { left: 0.12, top: 0.12, width: 0.76, height: 0.76 } as const;

function areaOf([one, other]: readonly PhotoPoint[]) {
  if (!one || !other) return USUAL_AREA;
  const [left, top] = [Math.min(one[0], other[0]), Math.min(one[1], other[1])];
  return { left, top, width: Math.abs(one[0] - other[0]), height: Math.abs(one[1] - other[1]) };
}
