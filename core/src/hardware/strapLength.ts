/** A strap or a lining that follows a round of skin. Lengths in mm. */
export interface StrapAsk {
  /** all round, measured tight on what it lies on */
  readonly girth: number;
  /** how much of the round it covers, 0–1 */
  readonly share: number;
  readonly thickness: number;
  /** lies on the outside, or lines the inside of a shell whose inner girth is given */
  readonly side: 'outside' | 'inside';
  /** room for cloth, padding and breath, over the whole round */
  readonly ease: number;
  /** what lies double under a buckle, rivets or hook-and-loop */
  readonly overlap: number;
  /** folded under at each end */
  readonly turnIn: number;
}

/** What to cut. */
export interface StrapCut {
  readonly length: number;
  /** along its middle where it lies, without laps and turn-ins */
  readonly lying: number;
}

/** Room a strap over clothes wants on a whole round, mm (common practice, figure guessed). */
export const USUAL_EASE = 30;

/**
 * Length to cut: the round along the middle of the strap's own thickness (girth ± π · thickness), its share, ease, lap and turn-ins.
 *
 * @throws RangeError for a girth of nothing, a share beyond the round, anything below nothing, or a lining thicker than its shell is wide
 */
export function cutStrap({ girth, share, thickness, side, ease, overlap, turnIn }: StrapAsk): StrapCut {
  if (!(girth > 0)) throw new RangeError('what it goes round must be above nothing');
  if (!(share > 0 && share <= 1)) throw new RangeError('it covers a share of the round from above 0 to 1');
  if (![thickness, ease, overlap, turnIn].every((value) => value >= 0))
    throw new RangeError('thickness, ease, lap and turn-in are not below nothing');
  const middle = girth + (side === 'outside' ? 1 : -1) * Math.PI * thickness;
  if (!(middle > 0)) throw new RangeError('the lining is thicker than the shell is wide');
  const lying = share * (middle + (side === 'outside' ? ease : 0));
  return { lying, length: lying + overlap + 2 * turnIn };
}
