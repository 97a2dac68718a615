/** A row of rivets, bolts or snaps along a run. Lengths in mm. */
export interface RivetRun {
  /** length of the run they stand along, measured on the skin */
  readonly along: number;
  /** radius the run bends with; null: it is straight */
  readonly radius: number | null;
  /** shank of one */
  readonly diameter: number;
  /** distance from one to the next that is wanted */
  readonly wantedPitch: number;
}

/** Where they stand. */
export interface RivetRow {
  readonly count: number;
  /** from one to the next along the skin; 0 where there is one alone */
  readonly pitch: number;
  /** the same straight across, as dividers are set: shorter on a bend */
  readonly chord: number;
  /** from the end of the run to the first */
  readonly edge: number;
  /** from the start of the run, first to last */
  readonly places: readonly number[];
  /** the wanted pitch would have set them too near to each other */
  readonly isWidened: boolean;
}

/** Rivets keep two diameters from an edge and three from each other (practice of sheet-metal repair, FAA AC 43.13-1B chapter 4; from memory). */
export const EDGE_DIAMETERS = 2;
export const PITCH_DIAMETERS = 3;
/** More are a zip fastener. */
const MOST_RIVETS = 500;

/**
 * Rivets spread evenly over a run, the first and the last two diameters from its ends, as near to the wanted pitch as their least distance allows.
 *
 * @throws RangeError for sizes of nothing, a bend tighter than the run, a run shorter than two edges, or more rivets than anybody sets
 */
export function spaceRivets({ along, radius, diameter, wantedPitch }: RivetRun): RivetRow {
  if (!(along > 0 && diameter > 0 && wantedPitch > 0)) throw new RangeError('a run, a rivet and a pitch must be above nothing');
  if (radius !== null && !(radius > 0 && along <= 2 * Math.PI * radius))
    throw new RangeError('the run is longer than the circle it bends with');
  const edge = EDGE_DIAMETERS * diameter;
  const between = along - 2 * edge;
  if (between < 0) throw new RangeError(`the run is shorter than two edges of ${edge} mm`);
  const least = PITCH_DIAMETERS * diameter;
  const wanted = Math.round(between / wantedPitch);
  const most = Math.floor(between / least + 1e-9);
  const gaps = Math.min(Math.max(1, wanted), most);
  if (gaps >= MOST_RIVETS) throw new RangeError(`more than ${MOST_RIVETS} rivets in a row`);
  if (gaps === 0) return { count: 1, pitch: 0, chord: 0, edge: along / 2, places: [along / 2], isWidened: wanted > 0 };
  const pitch = between / gaps;
  return {
    count: gaps + 1,
    pitch,
    chord: radius === null ? pitch : 2 * radius * Math.sin(pitch / (2 * radius)),
    edge,
    places: Array.from({ length: gaps + 1 }, (_, nth) => edge + nth * pitch),
    isWidened: wanted > gaps,
  };
}

/** What a hole is drilled with so that a shank goes through it once it is painted. */
export interface HoleDrill {
  /** drilled before painting: the film narrows it from both sides */
  readonly beforePaint: number;
  /** drilled after painting: its rim chips and must be touched in, or the film is taken off the hole first */
  readonly afterPaint: number;
}

/** Room a shank needs to go in by hand, mm on the diameter (guessed; common practice speaks of one to three tenths). */
export const SHANK_ROOM = 0.2;
/** Drills come in tenths. */
const DRILL_STEP = 0.1;

/**
 * Drills for a shank, mm, rounded up to the next tenth.
 *
 * @param filmMicrometres on the wall of the hole
 * @throws RangeError for a shank of nothing or a film below nothing
 */
export function drillFor(diameter: number, filmMicrometres: number): HoleDrill {
  if (!(diameter > 0 && filmMicrometres >= 0)) throw new RangeError('a shank must be above nothing, a film not below');
  const up = (millimetres: number): number => Math.ceil(millimetres / DRILL_STEP - 1e-9) * DRILL_STEP;
  return { beforePaint: up(diameter + SHANK_ROOM + (2 * filmMicrometres) / 1000), afterPaint: up(diameter + SHANK_ROOM) };
}
