import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { agreeSamples } from '@zinc-ladder/core/colour/picture/agreeSamples';
import { averageArea } from '@zinc-ladder/core/colour/picture/averageArea';
import { doubtSample, gainsOf, isGravelyDoubted, neutralLab, toGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { ColourTarget, TargetSample } from '@zinc-ladder/model/records/colour/colourTarget';
import type { MaskPlan } from '@zinc-ladder/model/records/ladder/maskPlan';
import type { PictureNeutral } from '@zinc-ladder/model/records/prop/pictureReference';
import type { PictureLight } from './pictures/renderLantern';
import { PICTURE_LIGHTS, PICTURE_SIZE, renderLantern, TRUE_COLOURS } from './pictures/renderLantern';

/** Where in the pictures the grey card, the band and the brass of the tank lie, shares of their sides. */
const GREY_CARD = { x: 0.135, y: 0.69, width: 0.065, height: 0.12 };
const BAND = { x: 0.48, y: 0.69, width: 0.04, height: 0.05 };
const BRASS = { x: 0.485, y: 0.77, width: 0.03, height: 0.03 };

function pixelsOf(light: PictureLight) {
  const rgb = renderLantern(light);
  const data = new Uint8ClampedArray((rgb.length / 3) * 4).fill(255);
  for (let at = 0; at * 3 < rgb.length; at += 1) data.set(rgb.subarray(at * 3, at * 3 + 3), at * 4);
  return { data, ...PICTURE_SIZE };
}

/** The grey card of a picture, as the finisher marked it. */
export function neutralOf(light: PictureLight): PictureNeutral {
  const known = labOfHex(TRUE_COLOURS.greyCard);
  const gains = gainsOf({ measured: averageArea(pixelsOf(light), GREY_CARD).rgb, known });
  return { area: GREY_CARD, known: [...known], gains: [...gains] };
}

function sampleOf(light: PictureLight, area: typeof BAND, name: string): TargetSample {
  const gains = toGains(neutralOf(light).gains);
  const colour = averageArea(pixelsOf(light), area);
  return {
    id: `sample-${name}-${light.id}`,
    pictureId: light.id,
    area,
    lab: [...neutralLab(colour.rgb, gains)],
    doubts: doubtSample(colour, gains),
    isLeftOut: false,
  };
}

function targetOf(id: string, name: string, samples: readonly TargetSample[], note: string): ColourTarget {
  const agreed = agreeSamples(
    samples.map((sample) => ({
      id: sample.id,
      lab: [sample.lab[0] ?? 0, sample.lab[1] ?? 0, sample.lab[2] ?? 0],
      isLeftOut: sample.isLeftOut,
      isDoubtful: isGravelyDoubted(sample.doubts),
    })),
  );
  if (!agreed) throw new RangeError(`no sample counts for ${name}`);
  return {
    id,
    revision: 0,
    name,
    propId: 'lantern',
    origin: 'samples',
    lab: [...agreed.middle],
    spread: agreed.spread,
    samples: [...samples],
    note,
  };
}

/** The colours the lantern is made after, sampled in its three pictures. */
export const DEMO_TARGETS: readonly ColourTarget[] = [
  targetOf(
    'target-green',
    'Band green',
    PICTURE_LIGHTS.map((light) => sampleOf(light, BAND, 'green')),
    'the enamel band',
  ),
  targetOf(
    'target-brass',
    'Aged brass, mid',
    PICTURE_LIGHTS.slice(0, 2).map((light) => sampleOf(light, BRASS, 'brass')),
    'for highlights by brush: the can is a metal paint',
  ),
];

/** How the lantern's tank and base are masked once they are bonded. */
export const DEMO_MASKS: readonly MaskPlan[] = [
  {
    id: 'masks-lantern',
    revision: 0,
    partId: 'lantern-tank',
    pictureId: 'picture-hall',
    regions: [
      {
        id: 'brass',
        name: 'brass',
        partId: 'lantern-tank',
        areaSquareCentimetres: 310,
        productId: 'brass',
        coats: 2,
        isBase: true,
        chipsShowId: null,
        spot: { x: 0.44, y: 0.785 },
      },
      {
        id: 'band',
        name: 'green band',
        partId: 'lantern-tank',
        areaSquareCentimetres: 70,
        productId: 'harbour-green',
        coats: 2,
        isBase: false,
        chipsShowId: 'brass',
        spot: { x: 0.547, y: 0.715 },
      },
      {
        id: 'foot',
        name: 'black foot',
        partId: 'lantern-base',
        areaSquareCentimetres: 60,
        productId: 'black-gloss',
        coats: 2,
        isBase: false,
        chipsShowId: null,
        spot: { x: 0.5, y: 0.872 },
      },
    ],
    borders: [
      { firstId: 'brass', secondId: 'band', lengthMillimetres: 728, form: 'curved', place: 'panelLine' },
      { firstId: 'brass', secondId: 'foot', lengthMillimetres: 390, form: 'curved', place: 'panelLine' },
    ],
    seal: 'under',
    pull: 'wet',
    order: [],
  },
];
