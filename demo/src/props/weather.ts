import type { Lab } from '@zinc-ladder/core/colour/lab';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { photoOfPixels } from '@zinc-ladder/core/weather/photograph/photo';
import { readCoverage } from '@zinc-ladder/core/weather/photograph/readCoverage';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import type { RenderedPair } from '@zinc-ladder/core/weather/testing/renderPhotos';
import { renderPair } from '@zinc-ladder/core/weather/testing/renderPhotos';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { PlannedWeatherPass, WearPin, WeatherPlan } from '@zinc-ladder/model/records/prop/weatherPlan';
import { writePng } from '../pictures/png';
import { DEMO_MOMENT } from '../scenario';

const HOUR_MS = 3_600_000;
const BRASS: Lab = labOfHex('#a8843c');
const UMBER: Lab = labOfHex('#4b3224');

/** A photograph of the demo: its record and its bytes. */
interface DemoPhotograph {
  readonly id: string;
  readonly bytes: Uint8Array;
  readonly reference: PictureReference;
}

/** `[technique, product, amount, wiped]`; a colour in place of a product where it is not on the shelf. */
type PassRow = readonly [technique: string, paint: string, amount: number, wiped?: number];

function passes(partId: string, rows: readonly PassRow[]): PlannedWeatherPass[] {
  return rows.map(([techniqueId, paint, amount, wiped], at) => {
    const technique = findTechnique(techniqueId);
    const isColour = paint.startsWith('#');
    return {
      id: `${partId}-w${at + 1}`,
      techniqueId,
      productId: isColour ? null : paint,
      lab: [...labOfHex(isColour ? paint : technique.usualHex)],
      amount,
      wiped: wiped ?? technique.usualWiped ?? 0,
      sizeMillimetres: technique.usualSizeMillimetres,
      seed: at + 1,
      stop: null,
      rungId: null,
    };
  });
}

function plan(
  partId: string,
  shownId: WeatherPlan['shownId'],
  rows: readonly PassRow[],
  pins: readonly Omit<WearPin, 'id'>[] = [],
  regions: WeatherPlan['regions'] = [],
  seat: WeatherPlan['seat'] = null,
): WeatherPlan {
  return {
    id: `weather-${partId}`,
    revision: 0,
    partId,
    shownId,
    baseLab: null,
    up: [0, 0, 1],
    regions: [...regions],
    seat,
    pins: pins.map((pin, at) => ({ ...pin, id: `${partId}-pin-${at + 1}` })),
    passes: passes(partId, rows),
    readings: [],
    cleanPictureId: null,
  };
}

/** The lantern's parts stand on each other, as they were drawn. */
function sits(heightMillimetres: number): WeatherPlan['seat'] {
  return { turnDegrees: 0, offset: [0, 0, heightMillimetres] };
}

/**
 * The lantern aged as one, the cuff's plates as one set with a clasp that looks too new, and the mistake a rehearsal avoids: umber wash on bakelite brown.
 * A pass on the base is photographed, clean and after, by the script that knows how much is covered.
 */
export function makeDemoWeather(): { readonly plans: WeatherPlan[]; readonly photographs: readonly DemoPhotograph[] } {
  const pair = renderPair({
    base: BRASS,
    deposit: UMBER,
    pattern: 'chips',
    share: 0.21,
    light: 'side',
    isLightMoved: true,
    isShiny: false,
    size: 240,
    seed: 9,
  });
  const reading = readCoverage({
    after: photoOfPixels(pair.after, pair.width, pair.height),
    clean: photoOfPixels(pair.clean, pair.width, pair.height),
    pairs: pair.pairs,
    cleanPins: pair.cleanPins,
    base: BRASS,
    deposit: UMBER,
    area: pair.area,
  });
  if (reading.coverage === null || reading.high === null || reading.half === null)
    throw new Error(`the photographed pass is refused: ${reading.refusal ?? ''}`);
  const tank = plan(
    'lantern-tank',
    'metal',
    [
      ['washWiped', 'wash-umber', 0.6, 0.55],
      ['verdigris', 'wash-verdigris', 0.7],
      ['soot', 'wash-soot', 0.35],
      ['polishEdges', 'acrylic-highlight', 0.5],
    ],
    [
      { kind: 'held', place: [57.7, 0, 10] },
      { kind: 'runs', place: [0, -55, 52] },
    ],
    // The wall between the bead and the shoulder: what the tape left open.
    [
      {
        id: 'lantern-tank-band',
        productId: 'harbour-green',
        lab: [...labOfHex('#3f5f48')],
        place: [0, -58.6, 30],
        edgeDegrees: 25,
        reachMillimetres: null,
        stencilId: null,
        turnDegrees: 0,
      },
    ],
    sits(27.94),
  );
  const base = plan(
    'lantern-base',
    'metal',
    [
      ['washWiped', 'wash-umber', 0.6, 0.55],
      ['spongeStipple', 'acrylic-umber', 0.6],
      ['verdigris', 'wash-verdigris', 0.8],
      ['polishEdges', 'acrylic-highlight', 0.5],
    ],
    [],
    [],
    sits(0),
  );
  const stippled = base.passes[1];
  if (!stippled) throw new Error('the base has a second pass');
  const photographs = [
    photograph('photo-base-clean', 'clean Base', pair.clean, pair, DEMO_MOMENT - 50 * HOUR_MS),
    photograph('photo-base-stipple', 'Base after sponge stipple', pair.after, pair, DEMO_MOMENT - 26 * HOUR_MS),
  ];
  return {
    photographs,
    plans: [
      tank,
      {
        ...base,
        cleanPictureId: 'photo-base-clean',
        passes: base.passes.map((pass) =>
          pass.id === stippled.id ? { ...pass, stop: Math.ceil((reading.high ?? 0) * 100 + 1) / 100 } : pass,
        ),
        readings: [
          {
            id: 'reading-base-1',
            passId: stippled.id,
            amount: 0.35,
            coverage: reading.coverage,
            half: reading.half,
            most: 0.66,
            how: 'pair',
            pictureId: 'photo-base-stipple',
            atMs: DEMO_MOMENT - 26 * HOUR_MS,
          },
        ],
      },
      plan(
        'lantern-cap',
        'metal',
        [
          ['washWiped', 'wash-umber', 0.6, 0.55],
          ['verdigris', 'wash-verdigris', 0.8],
          ['soot', 'wash-soot', 0.6],
          ['polishEdges', 'acrylic-highlight', 0.5],
        ],
        [{ kind: 'held', place: [19, 0, 42] }],
        [],
        // Over the tank stands the chimney in its cage, 148 mm.
        sits(248.09),
      ),
      // Its numerals are stencilled in black on the cream: they are chipped and washed over like the rest.
      plan(
        'telegraph-face',
        'paintedMetal',
        [
          ['spongeStipple', '#8a5f3c', 0.15],
          ['scratches', '#d9d2bd', 0.25],
        ],
        [],
        [
          {
            id: 'telegraph-face-numerals',
            productId: 'black-gloss',
            lab: [...labOfHex('#1c1c1d')],
            place: [0, 0, 2.14],
            edgeDegrees: 25,
            reachMillimetres: null,
            stencilId: 'stencil-dial',
            turnDegrees: 0,
          },
        ],
      ),
      plan('telegraph-knobs', 'plastic', [['washLeft', 'wash-umber', 0.5]]),
      plan('cuff-plates', 'metal', [
        ['washLeft', 'wash-umber', 0.45, 0.1],
        ['spongeStipple', 'acrylic-white', 0.35],
        ['scratches', '#d4d8da', 0.6],
        ['dryBrush', 'acrylic-highlight', 0.8],
      ]),
      plan('cuff-clasp', 'metal', [
        ['washWiped', 'wash-umber', 0.2],
        ['scratches', '#d4d8da', 0.1],
        ['dryBrush', 'acrylic-highlight', 0.2],
      ]),
      plan('cuff-rivets', 'metal', [
        ['washLeft', 'wash-umber', 0.6, 0.1],
        ['verdigris', 'wash-verdigris', 0.6],
        ['dryBrush', 'acrylic-highlight', 0.6],
      ]),
      plan('cuff-straps', 'leather', [
        ['washLeft', 'wash-umber', 0.6, 0.1],
        ['dryBrush', 'acrylic-highlight', 0.5],
      ]),
    ],
  };
}

function photograph(id: string, name: string, rgba: Uint8Array, { width, height }: RenderedPair, takenAtMs: number): DemoPhotograph {
  const rgb = new Uint8Array(width * height * 3);
  for (let pixel = 0; pixel < width * height; pixel += 1) rgb.set(rgba.subarray(pixel * 4, pixel * 4 + 3), pixel * 3);
  const bytes = writePng(rgb, width, height);
  return {
    id,
    bytes,
    reference: {
      id,
      revision: 0,
      name,
      mediaType: 'image/png',
      byteLength: bytes.length,
      propId: null,
      partId: 'lantern-base',
      isOwn: true,
      focalShare: null,
      neutral: null,
      takenAtMs,
      note: 'drawn by a script that knows how much is covered',
    },
  };
}
