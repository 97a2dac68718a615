/** Kinds of flaws that are looked for. */
export type FlawKindId =
  | 'layerLine'
  | 'supportScar'
  | 'brim'
  | 'swollenFoot'
  | 'seam'
  | 'pinhole'
  | 'scratch'
  | 'run'
  | 'sag'
  | 'orangePeel'
  | 'drySpray'
  | 'fishEye'
  | 'wrinkle'
  | 'crack'
  | 'overspray'
  | 'tapeBleed'
  | 'liftedPaint'
  | 'dust'
  | 'printThrough';

/** A step that mends a film. */
export interface MendingStep {
  readonly methodId: 'sand' | 'degrease' | 'prime' | 'rub' | 'detail';
  readonly name: string;
  /** paper; null where there is none */
  readonly grit: number | null;
}

/** What mends a flaw of a film, bottom first. */
export interface Mending {
  readonly steps: readonly MendingStep[];
  /** begun only when the film is hard through, not as soon as it can be sanded: what is soft under a skin would lift again */
  readonly whenHard: boolean;
  /** of a spot, not of the whole face */
  readonly isLocal: boolean;
  /** the coat it is in is laid once more at the end */
  readonly recoats: boolean;
}

/** A kind of flaw: where it comes from, what mends it, what prevents it next time. All common practice. */
export interface FlawKind {
  readonly id: FlawKindId;
  readonly name: string;
  /** two letters on its pin, so that kinds are told apart without colour */
  readonly mark: string;
  readonly cause: string;
  readonly mend: string;
  readonly prevention: string;
  /** what goes onto the ladder to mend it; null: filling and sanding, as a pass over the surface */
  readonly mending: Mending | null;
  /** a flaw of the surface under the paint, which more sanding and filling takes away */
  readonly isOfSurface: boolean;
}

const sanded = (name: string, grit: number): MendingStep => ({ methodId: 'sand', name, grit });
const DEGREASED: MendingStep = { methodId: 'degrease', name: 'degrease the spot', grit: null };
const PRIMED: MendingStep = { methodId: 'prime', name: 'prime it again', grit: null };

/** All kinds of flaws; a new one is a new entry here. */
export const FLAW_KINDS: readonly FlawKind[] = [
  {
    id: 'layerLine',
    name: 'Layer line',
    mark: 'LL',
    cause: 'Ridges of the print that filler and sanding have not reached, most on shallow slopes.',
    mend: 'Fill the valley or prime once more, sand flush across the lines, not along them.',
    prevention: 'Thinner layers or another print direction; a guide coat before colour.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'supportScar',
    name: 'Support scar',
    mark: 'SU',
    cause: 'Supports were broken off and left pits or stumps, most on undersides.',
    mend: 'Cut stumps flush with a sharp blade, fill the pits, sand with a block.',
    prevention: 'Turn the part so that supports stand where nobody looks; a gap between support and part.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'brim',
    name: 'Brim left',
    mark: 'BR',
    cause: 'A rim that held the first layer to the bed was not cut off whole.',
    mend: 'Pare it off along the edge with a blade or scraper, then a file held flat.',
    prevention: 'A brim of fewer lines; a chamfer at the foot that meets it.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'swollenFoot',
    name: 'Swollen first layers',
    mark: 'SF',
    cause: 'The first layers were pressed wide on a hot bed and stand proud.',
    mend: 'File or grind the foot back to the wall before anything is filled; check the fit.',
    prevention: 'A cooler bed, first layers drawn in by a tenth or two, a small chamfer at the foot.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'seam',
    name: 'Seam',
    mark: 'SE',
    cause: 'Two pieces meet, or the printer began each layer in one place; glue shrank or stood proud.',
    mend: 'Cut it down with a file, fill across it wide, sand with a block that bridges it.',
    prevention: 'Join before filling, clamp until the glue has its full hold, put print seams where nobody looks.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'pinhole',
    name: 'Pinhole',
    mark: 'PH',
    cause: 'Air stirred into filler, or a void of the print opened by sanding.',
    mend: 'Press putty into it with a blade held flat, let it dry, sand; primer alone bridges it and sinks.',
    prevention: 'Fold filler, do not whip it; spread in thin pulls.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'scratch',
    name: 'Scratch',
    mark: 'SC',
    cause: 'A coarse paper was followed by one too fine, or grit was dragged along.',
    mend: 'Go back to the paper that just takes it out, then up again without leaving one out.',
    prevention: 'Never skip further than the rule of the grits; wipe between papers.',
    mending: null,
    isOfSurface: true,
  },
  {
    id: 'run',
    name: 'Run',
    mark: 'RU',
    cause: 'Too much paint at once on an upright face, or sprayed too near.',
    mend: 'Let it get hard, shave it with a blade or a block, sand, coat again.',
    prevention: 'Mist first, keep moving, turn the part so that the face lies.',
    mending: { steps: [sanded('sand the run level', 600)], whenHard: false, isLocal: true, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'sag',
    name: 'Sag',
    mark: 'SA',
    cause: 'A thick coat slid as a whole, often from cold paint or a slow solvent.',
    mend: 'When hard, sand it level and coat again thinner.',
    prevention: 'Warm the can in lukewarm water, several thin coats.',
    mending: { steps: [sanded('sand the sag level', 600)], whenHard: false, isLocal: true, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'orangePeel',
    name: 'Orange peel',
    mark: 'OP',
    cause: 'Droplets dried before they flowed together: too far, too warm, too little thinner.',
    mend: 'Sand with P1000 or finer when hard; one wet coat, or polish a gloss.',
    prevention: 'A wetter last coat from the distance the label says.',
    mending: { steps: [sanded('sand the peel flat', 1000)], whenHard: false, isLocal: false, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'drySpray',
    name: 'Dry spray',
    mark: 'DS',
    cause: 'Paint was dry before it landed and lies as dust.',
    mend: 'Rub it off with a cloth or P800, coat again nearer and wetter.',
    prevention: 'Nearer, not in wind, overlap each pass by half.',
    mending: { steps: [sanded('sand the dust off', 800)], whenHard: false, isLocal: false, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'fishEye',
    name: 'Fish-eye',
    mark: 'FE',
    cause: 'Silicone, wax or grease under the film pushed it away.',
    mend: 'Let it dry, sand through it, wash and degrease, prime, coat.',
    prevention: 'Degrease before each film; no hand cream, no silicone spray in the shop.',
    mending: { steps: [sanded('sand through the craters', 400), DEGREASED, PRIMED], whenHard: false, isLocal: true, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'wrinkle',
    name: 'Wrinkle',
    mark: 'WR',
    cause: 'A coat went on after the recoat window had closed, and its solvent lifted the film below.',
    mend: 'Wait until it is hard through, sand the raisin skin off, prime, begin the coat again.',
    prevention: 'Keep to the window the timer shows, or wait until it opens again.',
    mending: { steps: [sanded('sand the wrinkles off', 320), PRIMED], whenHard: true, isLocal: false, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'crack',
    name: 'Crack',
    mark: 'CR',
    cause: 'A brittle film on a part that bends, or a hard film over a soft one.',
    mend: 'Take the film off down to what holds; on flexible parts start from a primer that bends.',
    prevention: 'Only what bends on parts that bend; let the lower film get hard.',
    mending: { steps: [sanded('sand down to what holds', 220), PRIMED], whenHard: false, isLocal: false, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'overspray',
    name: 'Overspray',
    mark: 'OS',
    cause: 'Spray drifted past the mask.',
    mend: 'Rub it off while fresh, or polish; touch up what it hides.',
    prevention: 'Cover all of the part, not just the edge.',
    mending: { steps: [{ methodId: 'rub', name: 'rub the overspray off', grit: null }], whenHard: false, isLocal: true, recoats: false },
    isOfSurface: false,
  },
  {
    id: 'tapeBleed',
    name: 'Bleed under tape',
    mark: 'TB',
    cause: 'Paint crept under the tape: the edge was not pressed down or not sealed, the coat too wet.',
    mend: 'Scrape with a blade along a rule, or touch up with a small brush.',
    prevention: 'Press the edge, seal it with the colour that lies under the tape, mist first.',
    mending: { steps: [{ methodId: 'detail', name: 'touch up the edge', grit: null }], whenHard: false, isLocal: true, recoats: false },
    isOfSurface: false,
  },
  {
    id: 'liftedPaint',
    name: 'Lifted paint',
    mark: 'LP',
    cause: 'Tape on a film that was not tape-safe, or on a face that was greasy.',
    mend: 'Feather the edge with P400 to P600, prime the spot, coat again.',
    prevention: 'Wait for tape-safe, dull the tape on a sleeve first, degrease.',
    mending: { steps: [sanded('feather the edge', 400), PRIMED], whenHard: false, isLocal: true, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'dust',
    name: 'Dust',
    mark: 'DU',
    cause: 'Dust fell in while the film was wet.',
    mend: 'Flat it with P1000 wet when hard; coat again or polish.',
    prevention: 'Damp the floor, tack cloth just before, cover while it dries.',
    mending: { steps: [sanded('flat the dust', 1000)], whenHard: false, isLocal: true, recoats: true },
    isOfSurface: false,
  },
  {
    id: 'printThrough',
    name: 'Print-through',
    mark: 'PT',
    cause: 'Filler or primer shrank after it was coated, and the lines came back.',
    mend: 'Let it dry fully, sand flat, one thin coat of primer, colour.',
    prevention: 'Leave filler overnight before the last sanding; thin coats.',
    mending: { steps: [sanded('sand it flat', 400), PRIMED], whenHard: true, isLocal: false, recoats: true },
    isOfSurface: true,
  },
];

/**
 * The flaw kind of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findFlawKind(id: string): FlawKind {
  const found = FLAW_KINDS.find((kind) => kind.id === id);
  if (!found) throw new RangeError(`unknown kind of flaw: ${id}`);
  return found;
}
