import { USUAL_TILT_DEGREES } from '@zinc-ladder/core/reference/measureLengths';
import type { DimensionReading, Distrusted, Measuring } from '@zinc-ladder/model/records/reference/measuring';
import { DISTRUSTED } from '@zinc-ladder/model/records/reference/measuring';
import { withSamples } from '../look/colourChanges';
import type { Edit } from '../../edits/edit';

/** Doubts a sample has at most. */
const MOST_DOUBTS = 8;

/** What is marked on a picture on which nothing is. */
export function newMeasuring(pictureId: string): Measuring {
  return {
    id: pictureId,
    revision: 0,
    pictureId,
    origin: '',
    distrusted: [],
    tiltDegrees: USUAL_TILT_DEGREES,
    rectangle: null,
    circle: null,
    knowns: [],
    readings: [],
    pins: [],
  };
}

/** Changes what is marked on a picture; begun with where there is nothing yet. */
export async function changeMeasuring(edit: Edit, pictureId: string, change: (measuring: Measuring) => Measuring): Promise<void> {
  await edit.need('pictures', pictureId);
  await edit.put('measurings', change((await edit.get('measurings', pictureId)) ?? newMeasuring(pictureId)));
}

/** Trusts a picture's light or scale, or does not; what was sampled from it already says so too. */
export async function setDistrust(edit: Edit, pictureId: string, what: Distrusted, isDistrusted: boolean): Promise<void> {
  await changeMeasuring(edit, pictureId, (kept) => ({
    ...kept,
    distrusted: DISTRUSTED.filter((one) => (one === what ? isDistrusted : kept.distrusted.includes(one))),
  }));
  if (what !== 'light') return;
  for (const target of await edit.list('targets')) {
    if (!target.samples.some((sample) => sample.pictureId === pictureId)) continue;
    const samples = target.samples.map((sample) => {
      if (sample.pictureId !== pictureId) return sample;
      const others = sample.doubts.filter((doubt) => doubt !== 'untrusted');
      return { ...sample, doubts: isDistrusted ? ['untrusted', ...others].slice(0, MOST_DOUBTS) : others };
    });
    await edit.put('targets', withSamples(target, samples), target);
  }
}

/** Adds a dimension at the end of its prop's. */
export async function addDimension(edit: Edit, id: string, propId: string, name: string): Promise<void> {
  await edit.need('props', propId);
  const others = await edit.find('dimensions', 'propId', propId);
  const position = others.reduce((most, other) => Math.max(most, other.position + 1), 0);
  await edit.put('dimensions', { id, revision: 0, propId, name: name.slice(0, 200), position, meshMillimetres: null, note: '' });
}

/** Where a dimension is read on a picture; a reading before it gives way. */
export function withReading(measuring: Measuring, reading: DimensionReading): Measuring {
  const others = measuring.readings.filter(({ dimensionId }) => dimensionId !== reading.dimensionId);
  return { ...measuring, readings: [...others, reading] };
}

/** Counts a picture's reading of a dimension, or sets it aside. */
export function withLeftOut(measuring: Measuring, dimensionId: string, isLeftOut: boolean): Measuring {
  const readings = measuring.readings.map((reading) => (reading.dimensionId === dimensionId ? { ...reading, isLeftOut } : reading));
  return { ...measuring, readings };
}
