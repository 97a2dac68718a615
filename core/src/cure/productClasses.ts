import type { DryingData } from './dryingData';
import type { DryingKindId } from './dryingKind';
import { dryingKind } from './dryingKind';

/** What a class of products is laid on with; decides how much of it lands on the part. */
export type Application = 'aerosol' | 'airbrush' | 'brush' | 'spread';

/** A class of products with its usual behaviour. A label wins over it, and what was observed in the shop wins over both. */
export interface ProductClass {
  readonly id: string;
  readonly name: string;
  readonly application: Application;
  readonly drying: DryingData;
  /** share of the liquid, as it leaves the can, that stays as film; guessed unless the label says */
  readonly volumeSolids: number;
  /** kg/l of the liquid; guessed unless the label says */
  readonly densityKgPerLitre: number;
  /** minutes a mixed batch can be used at 23 °C (common practice); null where it has no such end */
  readonly potLifeMinutes: number | null;
  /** minutes after which it has to be removed or it can no longer be removed (common practice); null when it stays on */
  readonly removeWithinMinutes: number | null;
  /** °C in which the product is meant to be laid on; usual band 10–32 °C (common practice) */
  readonly coldestCelsius: number;
  readonly warmestCelsius: number;
  /** most relative humidity it is laid on in: 85 % (common practice); lacquers from a can blush from 65–70 % on, their propellant and solvent chill the film (from memory) */
  readonly mostHumidityPercent: number;
  /** ids of cautions in `caution/cautions` */
  readonly cautions: readonly string[];
  readonly note: string;
}

const HOUR = 60;
/** As cold as no shop is: for films that form in any cold. */
const ANY_COLD_CELSIUS = -20;
const DAY = 24 * HOUR;

/** `[dry µm, touch, recoat from, recoat until, again, sand, tape, handle, hard]` in minutes at 23 °C, as a finisher's table is read. */
type Row = readonly [number, number, number, number | null, number | null, number | null, number | null, number, number];

interface Extras {
  readonly solids: number;
  readonly density: number;
  readonly cautions: readonly string[];
  readonly minimumFilmCelsius?: number;
  readonly potLife?: number;
  readonly removeWithin?: number;
  readonly mostHumidity?: number;
  readonly note?: string;
}

function productClass(id: string, name: string, application: Application, kind: DryingKindId, row: Row, extras: Extras): ProductClass {
  const [
    coatMicrometres,
    touchMinutes,
    recoatFromMinutes,
    recoatUntilMinutes,
    recoatAgainMinutes,
    sandMinutes,
    tapeMinutes,
    handleMinutes,
    hardMinutes,
  ] = row;
  return {
    id,
    name,
    application,
    drying: {
      kind,
      coatMicrometres,
      touchMinutes,
      recoatFromMinutes,
      recoatUntilMinutes,
      recoatAgainMinutes,
      handleMinutes,
      sandMinutes,
      tapeMinutes,
      hardMinutes,
      minimumFilmCelsius: extras.minimumFilmCelsius ?? dryingKind(kind).leastFilmCelsius ?? ANY_COLD_CELSIUS,
    },
    volumeSolids: extras.solids,
    potLifeMinutes: extras.potLife ?? null,
    removeWithinMinutes: extras.removeWithin ?? null,
    densityKgPerLitre: extras.density,
    coldestCelsius: 10,
    warmestCelsius: 32,
    mostHumidityPercent: extras.mostHumidity ?? 85,
    cautions: extras.cautions,
    note: extras.note ?? '',
  };
}

const can = ['solventSpray'] as const;
const BLUSH_PERCENT = 70;

/**
 * Class defaults: common practice, minutes at 23 °C and 50 % RH; of a span such as 24–48 h the later end. Volume solids and densities are guesses in the usual range,
 * set so that a 400 ml can of colour covers the 1.5–2 m² of common practice.
 */
export const PRODUCT_CLASSES: readonly ProductClass[] = [
  productClass('fillerPrimer', 'filler primer, aerosol', 'aerosol', 'solvent', [40, 10, 10, null, null, 60, 120, 60, DAY], {
    solids: 0.22,
    density: 0.95,
    cautions: can,
  }),
  productClass('primer', 'plain primer, aerosol', 'aerosol', 'solvent', [15, 10, 10, null, null, 60, 120, 60, DAY], {
    solids: 0.12,
    density: 0.85,
    cautions: can,
  }),
  productClass('adhesionPrimer', 'adhesion primer, aerosol', 'aerosol', 'solvent', [15, 10, 10, null, null, 60, 120, 60, DAY], {
    solids: 0.1,
    density: 0.82,
    cautions: can,
  }),
  productClass('lacquerColour', 'acrylic lacquer colour, aerosol', 'aerosol', 'solvent', [12, 10, 10, null, null, 60, 120, 60, DAY], {
    solids: 0.095,
    density: 0.8,
    mostHumidity: BLUSH_PERCENT,
    cautions: can,
  }),
  productClass(
    'enamelColour',
    'solvent enamel colour, aerosol',
    'aerosol',
    'oxidation',
    [20, 30, 10, 60, 2 * DAY, DAY, DAY, 6 * HOUR, 7 * DAY],
    {
      solids: 0.15,
      density: 0.85,
      cautions: can,
      note: 'opens again after 24–48 h; the later end stands here, the label decides',
    },
  ),
  productClass(
    'metallicLacquer',
    'metallic lacquer, aerosol',
    'aerosol',
    'solvent',
    [8, 10, 10, null, null, null, DAY, 2 * HOUR, 3 * DAY],
    { solids: 0.065, density: 0.8, mostHumidity: BLUSH_PERCENT, cautions: can },
  ),
  productClass(
    'texturedEnamel',
    'hammered or textured, aerosol',
    'aerosol',
    'oxidation',
    [35, 30, 20, 60, 2 * DAY, null, DAY, 4 * HOUR, 7 * DAY],
    { solids: 0.2, density: 0.9, cautions: can },
  ),
  productClass('airbrushAcrylic', 'water acrylic, airbrush', 'airbrush', 'water', [8, 5, 10, null, null, 60, DAY, 30, 3 * DAY], {
    solids: 0.18,
    density: 1.1,
    cautions: ['sprayMist'],
  }),
  productClass('brushAcrylic', 'water acrylic, brush', 'brush', 'water', [25, 20, 30, null, null, 120, DAY, 60, 7 * DAY], {
    solids: 0.35,
    density: 1.2,
    cautions: [],
  }),
  productClass('waterClear', 'waterborne clear, brushed and wiped', 'brush', 'water', [10, 20, 30, null, null, DAY, DAY, 60, 7 * DAY], {
    solids: 0.3,
    density: 1.03,
    cautions: [],
  }),
  productClass('lacquerClear', 'acrylic lacquer clear, aerosol', 'aerosol', 'solvent', [12, 10, 10, null, null, 60, 120, 60, DAY], {
    solids: 0.095,
    density: 0.8,
    mostHumidity: BLUSH_PERCENT,
    cautions: can,
    note: 'taken as the lacquer colour of the same make-up',
  }),
  productClass('floorPolish', 'acrylic floor-polish gloss', 'brush', 'water', [5, 20, 60, null, null, null, DAY, 60, 3 * DAY], {
    solids: 0.16,
    density: 1.02,
    cautions: [],
  }),
  productClass('rubberDip', 'rubber dip, aerosol', 'aerosol', 'solvent', [50, 20, 30, null, null, null, 4 * HOUR, 4 * HOUR, DAY], {
    solids: 0.2,
    density: 0.85,
    cautions: can,
  }),
  productClass('vinylColour', 'vinyl colour, aerosol', 'aerosol', 'solvent', [8, 10, 10, null, null, null, 60, 30, DAY], {
    solids: 0.08,
    density: 0.8,
    mostHumidity: BLUSH_PERCENT,
    cautions: can,
  }),
  productClass('brushEpoxy', 'brush-on epoxy coat', 'brush', 'twoPart', [250, 120, 60, 120, 4 * HOUR, 4 * HOUR, DAY, 4 * HOUR, DAY], {
    potLife: 15,
    solids: 1,
    density: 1.1,
    cautions: ['epoxy'],
    note: 'second coat while tacky, or after 4 h and a scuff',
  }),
  productClass('tintedEpoxy', 'tinted clear epoxy coat', 'brush', 'twoPart', [250, 120, 60, 120, 4 * HOUR, 4 * HOUR, DAY, 4 * HOUR, DAY], {
    potLife: 15,
    solids: 1,
    density: 1.1,
    cautions: ['epoxy'],
    note: 'taken as the brush-on epoxy coat',
  }),
  productClass('bodyFiller', 'polyester body filler, two-part', 'spread', 'twoPart', [300, 10, 20, null, null, 30, 60, 20, 2 * HOUR], {
    potLife: 5,
    solids: 0.97,
    density: 1.8,
    cautions: ['bodyFiller'],
  }),
  productClass('putty', 'one-part putty', 'spread', 'solvent', [300, 15, 30, null, null, 60, 4 * HOUR, 60, DAY], {
    solids: 0.6,
    density: 1.6,
    cautions: ['solventVapour'],
    note: 'at most 300 µm a coat; thick spots take hours',
  }),
  productClass('slurry', 'brushed slurry: putty and solvent', 'brush', 'solvent', [100, 10, 20, null, null, 60, 4 * HOUR, 45, DAY], {
    solids: 0.35,
    density: 1.2,
    cautions: ['solventVapour'],
    note: 'guessed between putty and filler primer',
  }),
  productClass(
    'textureCompound',
    'textured compound, brushed',
    'brush',
    'water',
    [400, 60, 120, null, null, 6 * HOUR, DAY, 4 * HOUR, 3 * DAY],
    {
      solids: 0.6,
      density: 1.5,
      cautions: [],
      note: 'guessed from thick water acrylic',
    },
  ),
  productClass('oilWash', 'oil paint wash, thinned', 'brush', 'oxidation', [3, DAY, DAY, null, null, null, 3 * DAY, 2 * DAY, 7 * DAY], {
    solids: 0.12,
    density: 0.85,
    cautions: ['oilRags', 'solventVapour'],
  }),
  productClass('acrylicWash', 'acrylic wash, thinned', 'brush', 'water', [3, 15, 20, null, null, null, DAY, 30, 3 * DAY], {
    solids: 0.1,
    density: 1.02,
    cautions: [],
    note: 'taken between airbrush and brush acrylic',
  }),
  productClass('maskingRubber', 'liquid masking rubber', 'brush', 'water', [100, 15, 20, null, null, null, null, 20, 5 * DAY], {
    solids: 0.4,
    density: 1,
    removeWithin: 5 * DAY,
    cautions: [],
    note: 'take it off within about 5 days',
  }),
  productClass('epoxyGlue', 'epoxy glue, 5-minute', 'spread', 'twoPart', [100, 5, 20, null, null, 60, 60, 20, DAY], {
    potLife: 5,
    solids: 1,
    density: 1.15,
    cautions: ['epoxy'],
  }),
  productClass('cyanoacrylate', 'cyanoacrylate', 'spread', 'moisture', [30, 1, 2, null, null, 30, 60, 5, DAY], {
    solids: 1,
    density: 1.06,
    cautions: ['cyanoacrylate'],
    note: 'times are common practice',
  }),
  productClass('contactCement', 'contact cement', 'brush', 'solvent', [50, 15, 15, 60, null, null, null, 30, DAY], {
    solids: 0.25,
    density: 0.87,
    cautions: ['solventVapour'],
    note: 'times are common practice',
  }),
];

/**
 * The product class of that id.
 *
 * @throws RangeError for an id that is not in {@link PRODUCT_CLASSES}
 */
export function findProductClass(id: string): ProductClass {
  const found = PRODUCT_CLASSES.find((entry) => entry.id === id);
  if (!found) throw new RangeError(`unknown product class: ${id}`);
  return found;
}

/** Share of what leaves the tool that lands on the part (common practice). */
export const TRANSFER: Readonly<Record<Application, number>> = { aerosol: 0.55, airbrush: 0.7, brush: 0.95, spread: 0.95 };
