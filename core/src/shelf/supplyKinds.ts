/** What a supply is counted in. */
export type SupplyUnit = 'pieces' | 'pairs' | 'metres' | 'hours' | 'ml';

/** What of a rung decides which supplies it uses up. */
export interface SupplyWork {
  readonly methodId: string;
  readonly isSprayed: boolean;
  /** done with a power tool */
  readonly isLoud: boolean;
  /** laid on by airbrush */
  readonly isAirbrushed: boolean;
  /** mixed of two parts that react */
  readonly isTwoPart: boolean;
  /** FEPA grit, `P180` is 180; null: none is named */
  readonly grit: number | null;
  readonly cautions: readonly string[];
  /** hands minutes planned */
  readonly minutes: number;
  /** surface of all pieces, cm² */
  readonly areaSquareCentimetres: number;
  readonly pieces: number;
}

/** Id of a kind of supply. */
export type SupplyKindId =
  | 'abrasiveSheet'
  | 'abrasiveDisc'
  | 'tape'
  | 'maskingFilm'
  | 'gloves'
  | 'cartridge'
  | 'thinner'
  | 'cups'
  | 'magnets'
  | 'leds'
  | 'cells'
  | 'sundry';

/** A kind of thing that is used up beside products. */
export interface SupplyKind {
  readonly id: SupplyKindId;
  readonly name: string;
  readonly unit: SupplyUnit;
  /** comes by grit: every grit is a supply of its own */
  readonly isGritted: boolean;
  /** comes by width */
  readonly isWide: boolean;
  /** no rung uses it up by area or minutes: what takes it says how many, and each is told apart by its name */
  readonly isCounted: boolean;
  /** what a pack usually holds, in its unit (common practice) */
  readonly usualPack: number;
  /** months it keeps closed and opened (common practice, from memory); null: it does not age */
  readonly closedMonths: number | null;
  readonly openedMonths: number | null;
  /** what a rung uses up of it, in its unit */
  readonly takes: (work: SupplyWork) => number;
}

const never = (): number => 0;
/** cm² of surface that a sheet of 230 × 280 mm does by hand before it is blunt: coarse paper goes first (guess). */
const SHEET_DOES = { coarse: 800, middle: 1200, fine: 1600 } as const;
/** cm² a disc does on a tool (guess). */
const DISC_DOES = 600;
/** Metres of tape for a piece, and for each 100 cm² (guess). */
const TAPE_METRES = { piece: 0.5, area: 0.6 } as const;
/** Metres of masking film for each 100 cm² (guess). */
const FILM_METRES = 0.1;
/** ml that flush an airbrush or a brush after a coat (guess). */
const FLUSH_MILLILITRES = 10;
/** Minutes with solvent or resin that a pair of gloves is worn (guess). */
const GLOVE_MINUTES = 60;
const GLOVE_CAUTIONS = ['solventSpray', 'solventVapour', 'solventSmoothing', 'epoxy', 'bodyFiller', 'uncuredResin', 'oilRags', 'dyeBath'];
/** A cartridge for vapour is used up by the time it breathes any. */
const CARTRIDGE_CAUTIONS = ['solventSpray', 'solventVapour', 'solventSmoothing'];
const MASK_METHODS = ['mask'];

const names = (work: SupplyWork, cautions: readonly string[]): boolean => work.cautions.some((id) => cautions.includes(id));

function sheetDoes(grit: number): number {
  return grit <= 150 ? SHEET_DOES.coarse : grit <= 320 ? SHEET_DOES.middle : SHEET_DOES.fine;
}

/** All kinds of supplies. A new one is a new entry here. Shelf lives and uses are common practice or guesses; what stands on the pack wins. */
export const SUPPLY_KINDS: readonly SupplyKind[] = [
  {
    id: 'abrasiveSheet',
    name: 'abrasive sheet',
    unit: 'pieces',
    isGritted: true,
    isWide: false,
    isCounted: false,
    usualPack: 10,
    closedMonths: null,
    openedMonths: null,
    takes: ({ grit, isLoud, areaSquareCentimetres }) => (grit === null || isLoud ? 0 : areaSquareCentimetres / sheetDoes(grit)),
  },
  {
    id: 'abrasiveDisc',
    name: 'abrasive disc',
    unit: 'pieces',
    isGritted: true,
    isWide: false,
    isCounted: false,
    usualPack: 25,
    closedMonths: null,
    openedMonths: null,
    takes: ({ grit, isLoud, areaSquareCentimetres }) => (grit === null || !isLoud ? 0 : areaSquareCentimetres / DISC_DOES),
  },
  {
    id: 'tape',
    name: 'masking tape',
    unit: 'metres',
    isGritted: false,
    isWide: true,
    isCounted: false,
    usualPack: 18,
    closedMonths: 24,
    openedMonths: 12,
    takes: ({ methodId, pieces, areaSquareCentimetres }) =>
      MASK_METHODS.includes(methodId) ? TAPE_METRES.piece * pieces + (TAPE_METRES.area * areaSquareCentimetres) / 100 : 0,
  },
  {
    id: 'maskingFilm',
    name: 'masking film',
    unit: 'metres',
    isGritted: false,
    isWide: true,
    isCounted: false,
    usualPack: 20,
    closedMonths: null,
    openedMonths: null,
    takes: ({ methodId, areaSquareCentimetres }) => (MASK_METHODS.includes(methodId) ? (FILM_METRES * areaSquareCentimetres) / 100 : 0),
  },
  {
    id: 'gloves',
    name: 'gloves',
    unit: 'pairs',
    isGritted: false,
    isWide: false,
    isCounted: false,
    usualPack: 50,
    closedMonths: 36,
    openedMonths: null,
    takes: (work) => (names(work, GLOVE_CAUTIONS) ? work.minutes / GLOVE_MINUTES : 0),
  },
  {
    id: 'cartridge',
    name: 'cartridges of the mask',
    unit: 'hours',
    isGritted: false,
    isWide: false,
    isCounted: false,
    // A pair is changed after some forty hours of use or half a year open, sooner where any smell comes through: common practice, the maker's schedule wins.
    usualPack: 40,
    closedMonths: 60,
    openedMonths: 6,
    takes: (work) => (names(work, CARTRIDGE_CAUTIONS) ? work.minutes / 60 : 0),
  },
  {
    id: 'thinner',
    name: 'thinner and cleaner',
    unit: 'ml',
    isGritted: false,
    isWide: false,
    isCounted: false,
    usualPack: 500,
    closedMonths: 60,
    openedMonths: 24,
    takes: ({ isAirbrushed }) => (isAirbrushed ? FLUSH_MILLILITRES : 0),
  },
  {
    id: 'cups',
    name: 'mixing cups',
    unit: 'pieces',
    isGritted: false,
    isWide: false,
    isCounted: false,
    usualPack: 50,
    closedMonths: null,
    openedMonths: null,
    takes: ({ isTwoPart }) => (isTwoPart ? 1 : 0),
  },
  counted('magnets', 'magnets', 20),
  counted('leds', 'LEDs', 20),
  counted('cells', 'cells', 4, 60),
  counted('sundry', 'something else', 1),
];

/** A thing no rung uses up by its own figures: it is only counted. */
function counted(id: SupplyKindId, name: string, usualPack: number, closedMonths: number | null = null): SupplyKind {
  return {
    id,
    name,
    unit: 'pieces',
    isGritted: false,
    isWide: false,
    isCounted: true,
    usualPack,
    closedMonths,
    openedMonths: null,
    takes: never,
  };
}

/**
 * The kind of that id.
 *
 * @throws RangeError for an id that is not in {@link SUPPLY_KINDS}
 */
export function findSupplyKind(id: string): SupplyKind {
  const found = SUPPLY_KINDS.find((kind) => kind.id === id);
  if (!found) throw new RangeError(`unknown kind of supply: ${id}`);
  return found;
}

/** `P180`, `180`, `P400 wet` → the number; null: it names no grit. */
export function gritNumber(text: string | null): number | null {
  const found = /(\d{2,5})/u.exec(text ?? '');
  return found ? Number(found[1]) : null;
}
