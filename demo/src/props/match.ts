import { labOfHex } from '@zinc-ladder/core/colour/lab';
import type { PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import type { PictureArea } from '@zinc-ladder/model/records/prop/pictureArea';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { OwnView, PictureLight } from '../pictures/renderLantern';
import { GREY_CARD, PICTURE_LIGHTS, PICTURE_SIZE, placeOnOwn, renderOwn, TRUE_COLOURS } from '../pictures/renderLantern';
import { writePng } from '../pictures/png';

const BENCH_LAMP: PictureLight = {
  id: 'own-bench',
  name: 'Bench lamp',
  lamp: [0.62, 0.56, 0.47],
  ambient: [0.34, 0.31, 0.26],
  from: [-0.4, 0.5, 0.77],
  note: 'a made lamp, a little warm',
};

const FRAME = { width: 800, height: 640, scale: 1.6, turnDegrees: 2.5 } as const;

/** A test print as it came out first, its band too yellow and too clean, and by the card that was kept. */
export const OWN_PHOTOGRAPHS: readonly (OwnView & {
  readonly id: string;
  readonly name: string;
  readonly takenAt: string;
  readonly note: string;
  readonly cardId: string;
})[] = [
  {
    ...FRAME,
    id: 'own-first',
    name: 'Test print, first green',
    takenAt: '2026-05-20T18:40',
    light: BENCH_LAMP,
    colours: { ...TRUE_COLOURS, band: '#71803f' },
    note: 'Band by the first card; it looks too yellow here, and too clean.',
    cardId: 'card-green-1',
  },
  {
    ...FRAME,
    id: 'own-third',
    name: 'Test print, third green',
    takenAt: '2026-05-23T19:05',
    light: BENCH_LAMP,
    colours: { ...TRUE_COLOURS, band: '#4b6a4d' },
    note: 'Band by the third card.',
    cardId: 'card-green-3',
  },
];

const toShares = (area: PictureArea, { width, height }: { readonly width: number; readonly height: number }): PictureArea => ({
  x: area.x / width,
  y: area.y / height,
  width: area.width / width,
  height: area.height / height,
});

/** Spots that are found on both: edges of foot, band, glass and cap. */
const SPOTS: readonly (readonly [number, number])[] = [
  [178, 320],
  [302, 320],
  [182, 272],
  [298, 272],
  [182, 242],
  [298, 242],
  [206, 202],
  [274, 202],
  [190, 114],
  [290, 114],
  [240, 44],
];

const REGIONS: readonly { readonly name: string; readonly area: PictureArea; readonly partId: string }[] = [
  { name: 'enamel band', area: { x: 200, y: 246, width: 80, height: 22 }, partId: 'lantern-base' },
  { name: 'foot, brass', area: { x: 200, y: 291, width: 80, height: 18 }, partId: 'lantern-base' },
  { name: 'glass', area: { x: 218, y: 134, width: 44, height: 62 }, partId: 'lantern-chimney' },
  { name: 'shoulder, brass', area: { x: 200, y: 222, width: 80, height: 16 }, partId: 'lantern-base' },
];

/** Photographs of the lantern as it came out so far, and what they are held against. */
export function makeDemoMatches(): {
  readonly pictures: readonly { readonly reference: PictureReference; readonly bytes: Uint8Array }[];
  readonly matches: readonly PictureMatch[];
} {
  const hall = PICTURE_LIGHTS[0]?.id ?? '';
  const pictures = OWN_PHOTOGRAPHS.map((view) => {
    const bytes = writePng(renderOwn(view), view.width, view.height);
    const { lamp, ambient, from } = view.light;
    // The card faces the camera: what falls on it is what its middle grey is seen by.
    const gains = [0, 1, 2].map((c) => 1 / ((ambient[c] ?? 0) + from[2] * (lamp[c] ?? 0)));
    const [left, top] = placeOnOwn([GREY_CARD.left + 12, GREY_CARD.top + 12], view);
    const reference: PictureReference = {
      id: view.id,
      revision: 0,
      name: view.name,
      mediaType: 'image/png',
      byteLength: bytes.length,
      propId: 'lantern',
      partId: null,
      isOwn: true,
      focalShare: null,
      neutral: { area: toShares({ x: left, y: top, width: 50, height: 50 }, view), known: [...labOfHex(TRUE_COLOURS.greyCard)], gains },
      takenAtMs: Date.parse(`${view.takenAt}+02:00`),
      note: view.note,
    };
    return { reference, bytes };
  });
  const matches = OWN_PHOTOGRAPHS.map((view, nth): PictureMatch => ({
    id: `match-${nth + 1}`,
    revision: 0,
    propId: 'lantern',
    referenceId: hall,
    ownId: view.id,
    atMs: Date.parse(`${view.takenAt}+02:00`) + 600_000,
    conditions: 'otherLightAndCamera',
    isFlat: false,
    spots: SPOTS.map((spot) => {
      const [x, y] = placeOnOwn(spot, view);
      return {
        reference: { x: spot[0] / PICTURE_SIZE.width, y: spot[1] / PICTURE_SIZE.height },
        own: { x: Math.round(x) / view.width, y: Math.round(y) / view.height },
      };
    }),
    regions: REGIONS.map((region) => ({
      ...region,
      area: toShares(region.area, PICTURE_SIZE),
      mixCardId: region.name === 'enamel band' ? view.cardId : null,
    })),
  }));
  return { pictures, matches };
}
