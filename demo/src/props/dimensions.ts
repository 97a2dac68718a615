import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { Dimension } from '@zinc-ladder/model/records/reference/dimension';
import type { DimensionReading, Measuring } from '@zinc-ladder/model/records/reference/measuring';
import { GREY_CARD, PICTURE_SIZE, TRUE_LENGTHS } from '../pictures/renderLantern';

const dimension = (id: string, position: number, name: string, meshMillimetres: number | null): Dimension => ({
  id: `dimension-${id}`,
  revision: 0,
  propId: 'lantern',
  name,
  position,
  meshMillimetres,
  note: '',
});

/** Lengths of the lantern that are wanted; the meshes came a tenth too small. */
export const DEMO_DIMENSIONS: readonly Dimension[] = [
  dimension('height', 0, 'height, foot to cap', 323),
  dimension('foot', 1, 'width of the foot', 144),
  dimension('glass', 2, 'height of the glass', null),
];

const place = (x: number, y: number): PicturePlace => ({ x: x / PICTURE_SIZE.width, y: y / PICTURE_SIZE.height });

const reading = (id: keyof typeof TRUE_LENGTHS, off = [0, 0]): DimensionReading => {
  const [[ax, ay], [bx, by]] = TRUE_LENGTHS[id];
  const [dx = 0, dy = 0] = off;
  return { dimensionId: `dimension-${id}`, a: place(ax, ay), b: place(bx + dx, by + dy), isLeftOut: false };
};

const { left, top, right, bottom, millimetres } = GREY_CARD;
const cardEdge = (y: number) => ({ a: place(left, y), b: place(right, y), millimetres, sdMillimetres: 0, name: 'grey card' });

const measuring = (pictureId: string, values: Partial<Measuring>): Measuring => ({
  id: pictureId,
  revision: 0,
  pictureId,
  origin: '',
  distrusted: [],
  tiltDegrees: 3,
  rectangle: null,
  circle: null,
  knowns: [],
  readings: [],
  pins: [],
  ...values,
});

/** What is marked on the lantern's pictures. In the night still the cap cannot be seen: its height was marked to the shoulder, and disagrees. */
export const DEMO_MEASURINGS: readonly Measuring[] = [
  measuring('picture-hall', {
    origin: 'the hall of the tide office, from across the floor',
    knowns: [cardEdge(top), cardEdge(bottom), { ...cardEdge(top), b: place(left, bottom) }],
    readings: [reading('height'), reading('foot'), reading('glass')],
    pins: [{ place: place(240, 258), text: 'enamel band, chipped at the seam' }],
  }),
  measuring('picture-lamp', { knowns: [cardEdge(top), cardEdge(bottom)], readings: [reading('height', [1, 1]), reading('foot', [-1, 0])] }),
  measuring('picture-night', { knowns: [cardEdge(top)], readings: [reading('height', [0, 70])] }),
];
