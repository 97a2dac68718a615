import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { Measuring } from '@zinc-ladder/model/records/reference/measuring';
import { withReading } from '../../data/changes/prop/measuringChanges';

/** What is being marked, with all that is known of it but its places. */
export type MarkTask =
  | { readonly kind: 'known'; readonly name: string; readonly millimetres: number; readonly sdMillimetres: number }
  | { readonly kind: 'reading'; readonly dimensionId: string; readonly name: string }
  | { readonly kind: 'rectangle'; readonly proportion: number; readonly sideMillimetres: number | null }
  | { readonly kind: 'circle'; readonly diameterMillimetres: number | null }
  | { readonly kind: 'centre' }
  | { readonly kind: 'pin'; readonly text: string };

/** Places of a rim that are enough to go on with. */
export const LEAST_RIM = 5;
const MOST_RIM = 40;
const MOST_KNOWNS = 20;
const MOST_PINS = 200;

const PLACES: Readonly<Record<MarkTask['kind'], number>> = { known: 2, reading: 2, rectangle: 4, circle: MOST_RIM, centre: 1, pin: 1 };
const CORNERS = ['first', 'second', 'third', 'fourth'] as const;

/** Whether all its places are pointed at. */
export function isWhole(task: MarkTask, places: readonly PicturePlace[]): boolean {
  return places.length >= PLACES[task.kind];
}

/** What the next press marks. */
export function askFor(task: MarkTask, count: number): string {
  switch (task.kind) {
    case 'known':
    case 'reading':
      return `Point at ${count === 0 ? 'one end' : 'the other end'} of: ${task.name}.`;
    case 'rectangle':
      return `Point at the ${CORNERS[count] ?? 'last'} corner, going round; the first two end the first side.`;
    case 'circle':
      return count < LEAST_RIM
        ? `Point at ${LEAST_RIM - count} more places on the rim, well round.`
        : 'Point at more of the rim, or press Enough.';
    case 'centre':
      return 'Point at the centre of the circle.';
    case 'pin':
      return `Point at: ${task.text}.`;
  }
}

/** What is marked on the picture once the task's places are pointed at. */
export function finishTask(measuring: Measuring, task: MarkTask, places: readonly PicturePlace[]): Measuring {
  const [a = { x: 0, y: 0 }, b = { x: 1, y: 1 }] = places;
  switch (task.kind) {
    case 'known': {
      const { name, millimetres, sdMillimetres } = task;
      return { ...measuring, knowns: [...measuring.knowns, { a, b, millimetres, sdMillimetres, name }].slice(-MOST_KNOWNS) };
    }
    case 'reading':
      return withReading(measuring, { dimensionId: task.dimensionId, a, b, isLeftOut: false });
    case 'rectangle':
      return {
        ...measuring,
        circle: null,
        rectangle: { corners: places.slice(0, 4), proportion: task.proportion, sideMillimetres: task.sideMillimetres },
      };
    case 'circle':
      return { ...measuring, rectangle: null, circle: { rim: [...places], centre: null, diameterMillimetres: task.diameterMillimetres } };
    case 'centre':
      return measuring.circle ? { ...measuring, circle: { ...measuring.circle, centre: a } } : measuring;
    case 'pin':
      return { ...measuring, pins: [...measuring.pins, { place: a, text: task.text }].slice(-MOST_PINS) };
  }
}

const moved = (places: readonly PicturePlace[], index: number, place: PicturePlace): PicturePlace[] =>
  places.map((one, at) => (at === index ? place : one));

/** One place of what is marked, moved; `key` is the mark's, as the picture draws it. */
export function movePlace(measuring: Measuring, key: string, index: number, place: PicturePlace): Measuring {
  const [kind = '', id = ''] = key.split(/ (.*)/su);
  const ends = <Kept extends { a: PicturePlace; b: PicturePlace }>(kept: Kept): Kept => ({ ...kept, [index === 0 ? 'a' : 'b']: place });
  const at = Number(id);
  const { circle, rectangle } = measuring;
  if (kind === 'known') return { ...measuring, knowns: measuring.knowns.map((known, i) => (i === at ? ends(known) : known)) };
  if (kind === 'reading') return { ...measuring, readings: measuring.readings.map((one) => (one.dimensionId === id ? ends(one) : one)) };
  if (kind === 'pin') return { ...measuring, pins: measuring.pins.map((pin, i) => (i === at ? { ...pin, place } : pin)) };
  if (kind === 'rectangle' && rectangle)
    return { ...measuring, rectangle: { ...rectangle, corners: moved(rectangle.corners, index, place) } };
  if (kind === 'circle' && circle) return { ...measuring, circle: { ...circle, rim: moved(circle.rim, index, place) } };
  if (kind === 'centre' && circle) return { ...measuring, circle: { ...circle, centre: place } };
  return measuring;
}
