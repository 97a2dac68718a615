import type { Milestone } from '../cure/dryingData';
import type { BandId } from './bands';

/** How the work of a rung is done, and what it asks of the film under it. */
export interface Method {
  readonly id: string;
  readonly name: string;
  readonly band: BandId;
  /** state the top film must have reached first; `recoat` follows the product's window */
  readonly needs: Milestone;
  /** leaves a film that dries */
  readonly laysFilm: boolean;
  /** leaves the part wet with water: no film stays, but what comes next waits until it is dry */
  readonly leavesWater: boolean;
  /** may be done on a part that is wet with water, and has it dry or wet anew at its end */
  readonly bearsWater: boolean;
  /** needs dry air and a spray place */
  readonly isSprayed: boolean;
  /** roughens the film under it, so that any coat may follow */
  readonly roughens: boolean;
  /** takes a mask off, and masking rubber with it */
  readonly endsMask: boolean;
  /** may be set down and taken up again */
  readonly isSplittable: boolean;
  /** done with power tools: not in quiet hours */
  readonly isLoud: boolean;
  /** minutes to get ready and clean up, once for the set */
  readonly setupMinutes: number;
  /** minutes for handling each piece */
  readonly pieceMinutes: number;
  /** minutes for each 100 cm² of surface */
  readonly areaMinutes: number;
  readonly cautions: readonly string[];
}

type Flags = 'endsMask' | 'film' | 'water' | 'bearsWater' | 'spray' | 'rough' | 'split' | 'loud';

function method(
  id: string,
  name: string,
  band: BandId,
  needs: Milestone,
  flags: readonly Flags[],
  minutes: readonly [number, number, number],
  cautions: readonly string[] = [],
): Method {
  const [setupMinutes, pieceMinutes, areaMinutes] = minutes;
  const has = (flag: Flags): boolean => flags.includes(flag);
  return {
    id,
    name,
    band,
    needs,
    laysFilm: has('film'),
    leavesWater: has('water'),
    bearsWater: has('water') || has('bearsWater'),
    isSprayed: has('spray'),
    roughens: has('rough'),
    endsMask: has('endsMask'),
    isSplittable: has('split'),
    isLoud: has('loud'),
    setupMinutes,
    pieceMinutes,
    areaMinutes,
    cautions,
  };
}

/**
 * All methods. Minutes are `[to get ready, per piece, per 100 cm²]`; they are common practice, guessed by us, and give way to the finisher's own.
 */
export const METHODS: readonly Method[] = [
  method('cut', 'Cut off supports', 'cutBond', 'handle', ['split'], [2, 2, 1.5], ['sharp']),
  method('washResin', 'Wash and UV cure', 'cutBond', 'handle', [], [8, 2, 0.5], ['uncuredResin']),
  method('degrease', 'Degrease', 'cutBond', 'handle', [], [3, 1, 0.5]),
  method('dryFit', 'Dry fit', 'cutBond', 'handle', ['split'], [2, 3, 0]),
  method('repair', 'Repair a break', 'cutBond', 'handle', ['film'], [4, 4, 0], ['cyanoacrylate']),
  method('reprint', 'Print anew', 'cutBond', 'handle', [], [5, 1, 0]),
  method('heat', 'Straighten with heat', 'cutBond', 'handle', [], [3, 4, 0], ['warmAir']),
  method('grind', 'Grind to fit', 'cutBond', 'handle', ['rough', 'split', 'loud'], [2, 2, 2], ['dust']),
  method('shim', 'Shim a gap', 'cutBond', 'handle', ['split'], [2, 3, 0], ['sharp']),
  method('cutShape', 'Cut to shape', 'cutBond', 'handle', ['split'], [3, 3, 1], ['sharp']),
  method('drill', 'Drill or punch holes', 'cutBond', 'handle', ['split'], [3, 2, 0], ['sharp']),
  method('formSheet', 'Form over the buck', 'cutBond', 'handle', [], [15, 6, 1], ['sheetForming']),
  method('trimSheet', 'Trim the formed piece', 'cutBond', 'handle', ['split'], [2, 5, 0], ['sharp', 'dust']),
  method('stitch', 'Hem or stitch', 'cutBond', 'handle', ['split'], [5, 6, 0], ['sharp']),
  method('cement', 'Cement both faces', 'cutBond', 'handle', ['film'], [3, 3, 0], ['solventVapour']),
  method('press', 'Press together', 'cutBond', 'recoat', [], [1, 3, 0]),
  method('bond', 'Bond', 'cutBond', 'handle', ['film'], [4, 4, 0], ['cyanoacrylate']),
  method('firstCut', 'First cut', 'fillSand', 'sand', ['rough', 'split', 'loud'], [2, 1, 5], ['dust']),
  method('fill', 'Fill', 'fillSand', 'recoat', ['film'], [4, 1, 2.5]),
  method('brushFilm', 'Brush on a levelling coat', 'fillSand', 'recoat', ['film'], [5, 1, 1.5]),
  method('solventSmooth', 'Smooth with solvent', 'fillSand', 'handle', ['film'], [10, 2, 1], ['solventSmoothing']),
  method('heatSeal', 'Close the skin with warm air', 'fillSand', 'handle', [], [3, 1, 1.5], ['warmAir']),
  method('wetSand', 'Sand wet', 'fillSand', 'sand', ['rough', 'water', 'split'], [3, 1, 4], ['dust']),
  method('textureOn', 'Lay on texture', 'fillSand', 'recoat', ['film'], [4, 2, 3]),
  method('sand', 'Sand', 'fillSand', 'sand', ['rough', 'split'], [2, 1, 4], ['dust']),
  method('scuff', 'Scuff', 'fillSand', 'handle', ['rough', 'split'], [1, 1, 1], ['dust']),
  method('wash', 'Wash, dry, dust', 'prime', 'handle', ['water'], [3, 1.5, 0.5]),
  method('prime', 'Prime', 'prime', 'recoat', ['film', 'spray'], [5, 0.5, 0.7]),
  method('primeSand', 'Sand the primer', 'prime', 'sand', ['rough', 'split'], [2, 1, 3], ['dust']),
  method('inspect', 'Look and mark', 'prime', 'handle', ['split'], [1, 1, 0.5]),
  method('sprayCoat', 'Spray a coat', 'colour', 'recoat', ['film', 'spray'], [4, 0.5, 0.6]),
  method('airbrushCoat', 'Airbrush a coat', 'colour', 'recoat', ['film', 'spray'], [8, 1, 1.5]),
  method('dye', 'Dye in a bath', 'colour', 'handle', ['water'], [12, 3, 0], ['dyeBath']),
  method('varnish', 'Varnish clear', 'colour', 'recoat', ['film', 'spray'], [4, 1, 0.6]),
  method('brushCoat', 'Brush a coat', 'colour', 'recoat', ['film'], [3, 1, 2.5]),
  method('mask', 'Mask', 'maskDetail', 'tape', ['split'], [4, 4, 2], ['sharp']),
  method('maskRubber', 'Dab on masking rubber', 'maskDetail', 'handle', ['film'], [2, 2, 0.5]),
  method('edgeSeal', 'Seal the edge', 'maskDetail', 'recoat', ['film', 'spray'], [4, 0.5, 0.2]),
  method('maskedCoat', 'Coat inside the mask', 'maskDetail', 'recoat', ['film', 'spray'], [4, 0.5, 0.4]),
  method('unmask', 'Pull the mask', 'maskDetail', 'touch', ['endsMask'], [1, 2, 0.5]),
  method('scorePull', 'Score the edge and pull', 'maskDetail', 'tape', ['endsMask'], [1, 3, 0.8], ['sharp']),
  method('warmDry', 'Warm with a dryer', 'colour', 'touch', ['bearsWater'], [0, 5, 0], ['warmAir']),
  method('detail', 'Paint detail by hand', 'maskDetail', 'handle', ['film', 'split'], [4, 6, 0.5]),
  method('clear', 'Clear coat', 'weather', 'recoat', ['film', 'spray'], [4, 0.5, 0.6]),
  method('brushClear', 'Brush and wipe clear', 'weather', 'recoat', ['film'], [2, 1, 1.5]),
  method('darkWash', 'Wash into the recesses', 'weather', 'handle', ['film'], [4, 2, 1.5]),
  method('dryBrush', 'Dry-brush the edges', 'weather', 'handle', ['split'], [3, 2, 0.8]),
  method('stipple', 'Sponge stipple', 'weather', 'handle', ['film'], [3, 2, 0.8]),
  method('rub', 'Rub back', 'weather', 'sand', ['split'], [1, 1.5, 0.6]),
  method('shade', 'Airbrush shading', 'weather', 'recoat', ['film', 'spray'], [8, 1, 1.2], ['sprayMist']),
  method('chip', 'Paint chips', 'weather', 'handle', ['film', 'split'], [3, 3, 1]),
  method('scratch', 'Scratch', 'weather', 'tape', ['split'], [2, 2, 0.8], ['sharp']),
  method('streak', 'Draw streaks', 'weather', 'handle', ['film'], [3, 2, 0.6]),
  method('splatter', 'Splatter', 'weather', 'handle', ['film'], [4, 0.3, 0.1]),
  method('polish', 'Polish edges', 'weather', 'tape', ['split'], [2, 2, 0.8]),
  method('dustOn', 'Dust', 'weather', 'handle', ['split'], [2, 1, 0.4]),
  method('polishClear', 'Polish clear', 'colour', 'sand', ['split'], [3, 3, 4]),
  method('fasten', 'Rivet, screw or strap on', 'fit', 'tape', ['split'], [4, 3, 0], ['sharp']),
  method('lights', 'Fit the lights', 'fit', 'handle', ['split'], [10, 10, 0], ['lights']),
  method('fit', 'Fit and check', 'fit', 'tape', ['split'], [3, 4, 0]),
];

/**
 * The method of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findMethod(id: string): Method {
  const found = METHODS.find((entry) => entry.id === id);
  if (!found) throw new RangeError(`unknown method: ${id}`);
  return found;
}
