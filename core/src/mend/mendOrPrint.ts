/** What is wrong with a piece. */
export type DamageId = 'gap' | 'crack' | 'hole' | 'warp' | 'tight' | 'lost';

/** A way to mend it. */
interface Remedy {
  readonly id: 'filler' | 'pen' | 'shim' | 'heat' | 'grind';
  readonly name: string;
  readonly mends: readonly DamageId[];
  /** minutes to get ready, and for each cm of it */
  readonly minutes: number;
  readonly perCentimetre: number;
  /** product class whose drying time the repair waits for; null when nothing in it dries */
  readonly classId: string | null;
  /** hours until it can be sanded or handled */
  readonly waitHours: number;
  /** share of such repairs that are seen or break again */
  readonly failureShare: number;
  readonly largestMillimetres: number;
}

/** Repairs as finishers do them (common practice; minutes, waits, shares and sizes are guessed). */
const REMEDIES: readonly Remedy[] = [
  {
    id: 'filler',
    name: 'Two-part filler, sanded flush',
    mends: ['gap', 'crack', 'hole', 'lost'],
    minutes: 12,
    perCentimetre: 3,
    classId: 'bodyFiller',
    waitHours: 0.5,
    failureShare: 0.1,
    largestMillimetres: 15,
  },
  {
    id: 'pen',
    name: 'Filament pen, ground flush',
    mends: ['gap', 'crack', 'hole', 'lost'],
    minutes: 8,
    perCentimetre: 4,
    classId: null,
    waitHours: 0.1,
    failureShare: 0.15,
    largestMillimetres: 25,
  },
  {
    id: 'shim',
    name: 'Shim glued in',
    mends: ['gap'],
    minutes: 10,
    perCentimetre: 1,
    classId: 'epoxyGlue',
    waitHours: 0.5,
    failureShare: 0.1,
    largestMillimetres: 5,
  },
  {
    id: 'heat',
    name: 'Warm air and a press',
    mends: ['warp'],
    minutes: 10,
    perCentimetre: 1,
    classId: null,
    waitHours: 0.2,
    failureShare: 0.3,
    largestMillimetres: 8,
  },
  {
    id: 'grind',
    name: 'Grind it away',
    mends: ['tight'],
    minutes: 5,
    perCentimetre: 3,
    classId: null,
    waitHours: 0,
    failureShare: 0.1,
    largestMillimetres: 3,
  },
];

/** A choice between mending and printing anew. */
export interface MendAsk {
  readonly damage: DamageId;
  /** how wide, deep or far off, mm */
  readonly sizeMillimetres: number;
  /** how long it runs, mm */
  readonly lengthMillimetres: number;
  /** hours a new piece prints; null: it is not printed, and a new one is got or made */
  readonly printHours: number | null;
  /** share of such prints that fail */
  readonly printFailureShare: number;
  /** hands minutes of its ladder up to where it stands, for one piece */
  readonly climbedMinutes: number;
}

/** One way out, with what it takes on the whole. */
export interface MendChoice {
  readonly id: Remedy['id'] | 'reprint';
  readonly name: string;
  readonly handsMinutes: number;
  readonly waitHours: number;
  /** the class of what a repair is made with; null: nothing dries */
  readonly classId: string | null;
  readonly failureShare: number;
  /** hands minutes expected, where what fails is printed anew after all */
  readonly expectedMinutes: number;
  /** the damage is larger than this repair is meant for, so it fails more often than the stated share */
  readonly isTooLarge: boolean;
}

/** Minutes to set a print up and take it off (guess). */
const PRINT_MINUTES = 10;

/**
 * Ways out of a damage, by the hands minutes to be expected: what a repair takes, and what printing anew takes weighed by how often the repair fails. A new
 * piece climbs its ladder from the bottom.
 *
 * @throws RangeError for sizes, hours or minutes below nothing, or shares outside 0–1
 */
export function compareMends(ask: MendAsk): MendChoice[] {
  const { sizeMillimetres, lengthMillimetres, printHours, printFailureShare, climbedMinutes } = ask;
  if (![sizeMillimetres, lengthMillimetres, printHours ?? 0, climbedMinutes].every((value) => value >= 0))
    throw new RangeError('sizes, hours and minutes are not below nothing');
  if (!(printFailureShare >= 0 && printFailureShare < 1)) throw new RangeError('prints that fail are a share from 0 to below 1');
  // A failed print is begun again: hours and setting up are met 1 ÷ (1 − share) times in the mean.
  const prints = 1 / (1 - printFailureShare);
  const anew = climbedMinutes + PRINT_MINUTES * prints;
  const reprint: MendChoice = {
    id: 'reprint',
    name: printHours === null ? 'A new piece' : 'Print it anew',
    handsMinutes: anew,
    waitHours: (printHours ?? 0) * prints,
    classId: null,
    failureShare: printFailureShare,
    expectedMinutes: anew,
    isTooLarge: false,
  };
  const mends = REMEDIES.filter(({ mends }) => mends.includes(ask.damage)).map((remedy): MendChoice => {
    const handsMinutes = remedy.minutes + (remedy.perCentimetre * lengthMillimetres) / 10;
    const isTooLarge = sizeMillimetres > remedy.largestMillimetres;
    const failureShare = isTooLarge ? Math.min(1, 2 * remedy.failureShare + 0.3) : remedy.failureShare;
    return {
      id: remedy.id,
      name: remedy.name,
      handsMinutes,
      waitHours: remedy.waitHours,
      classId: remedy.classId,
      failureShare,
      expectedMinutes: handsMinutes + failureShare * anew,
      isTooLarge,
    };
  });
  return [...mends, reprint].sort((a, b) => a.expectedMinutes - b.expectedMinutes);
}
