import type { Lab } from './lab';
import { chromaOf, difference } from './lab';

/** How large a difference is to the eye. Bands are common practice: 1 just seen, 2 at arm's length, 5 another colour. */
export type DifferenceBand = 'none' | 'sideBySide' | 'armsLength' | 'clear' | 'other';

/** Each band up to where, and what to say of it. */
const BANDS: readonly (readonly [below: number, id: DifferenceBand, words: string])[] = [
  [1, 'none', 'you would not see it, even on one face'],
  [2, 'sideBySide', 'you would not see it at arm’s length'],
  [4, 'armsLength', 'seen side by side, passes on another part'],
  [8, 'clear', 'clearly another shade'],
  [Infinity, 'other', 'another colour'],
];

/** Below this a direction is not worth a word; above it is said, and from there it is much. ΔE units of each direction. */
const SAID = 0.6;
const MUCH = 5;
const MOST_WORDS = 2;
/** Below this chroma a colour is a grey and has no hue to compare. */
const GREY = 4;

/** A difference in figures and words. */
export interface DifferenceTold {
  readonly difference: number;
  readonly band: DifferenceBand;
  readonly bandWords: string;
  /** how the one differs: `a touch yellower, darker`; empty when nothing is worth saying */
  readonly words: string;
}

/** What to say of `one` beside `wanted`: how far off it is, and in which direction. */
export function tellDifference(one: Lab, wanted: Lab): DifferenceTold {
  const value = difference(one, wanted);
  const band = BANDS.find(([below]) => value < below) ?? BANDS[BANDS.length - 1];
  if (!band) throw new RangeError('no band for a difference');
  return { difference: value, band: band[1], bandWords: band[2], words: directionWords(one, wanted) };
}

/** `lighter`, `yellower`, `duller`: the directions that matter most, strongest first. */
export function directionWords(one: Lab, wanted: Lab): string {
  const dL = one[0] - wanted[0];
  const dC = chromaOf(one) - chromaOf(wanted);
  const directions: (readonly [size: number, word: string])[] = [[Math.abs(dL), dL > 0 ? 'lighter' : 'darker']];
  if (Math.min(chromaOf(one), chromaOf(wanted)) > GREY) directions.push([Math.abs(dC) * 0.6, dC > 0 ? 'cleaner' : 'duller']);
  directions.push(hueDirection(one, wanted));
  const said = directions
    .filter(([size]) => size >= SAID)
    .toSorted((left, right) => right[0] - left[0])
    .slice(0, MOST_WORDS);
  const [first] = said;
  if (!first) return '';
  const words = said.map(([, word]) => word).join(', ');
  return first[0] >= MUCH ? `much ${words}` : first[0] < 2 ? `a touch ${words}` : words;
}

/** Along red–green and yellow–blue, whichever differs more. Size is the part of the difference that is hue, not chroma. */
function hueDirection(one: Lab, wanted: Lab): readonly [size: number, word: string] {
  const da = one[1] - wanted[1];
  const db = one[2] - wanted[2];
  // A grey has no hue: whatever is beside it differs by all its tint.
  const dC = Math.min(chromaOf(one), chromaOf(wanted)) > GREY ? chromaOf(one) - chromaOf(wanted) : 0;
  const size = Math.sqrt(Math.max(0, da * da + db * db - dC * dC)) * 0.8;
  if (Math.abs(db) >= Math.abs(da)) return [size, db > 0 ? 'yellower' : 'bluer'];
  return [size, da > 0 ? 'redder' : 'greener'];
}
