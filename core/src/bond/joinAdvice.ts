import type { JoiningId } from '../ladder/schools';

/** What decides whether two pieces are joined before they are painted. */
export interface JoinQuestion {
  /** both get the same paint where they meet */
  readonly isOneColour: boolean;
  /** the seam would be seen on the finished prop */
  readonly isSeamSeen: boolean;
  /** paint and tools reach everything once they are joined */
  readonly isReachable: boolean;
  /** one of the two parts must be removable later (battery, lamp) */
  readonly mustComeOff: boolean;
  /** filler holds on both faces and is sanded flush: not on cloth, foam or bare metal */
  readonly takesFiller: boolean;
  /** length of the border between two colours, mm; masked when joined first */
  readonly borderMillimetres: number;
}

/** Advice with its reason. */
export interface JoinAdvice {
  readonly joining: JoiningId;
  readonly reason: string;
  /** minutes of masking that joining first would cost, guessed at 3 minutes for 100 mm */
  readonly maskingMinutes: number;
}

const MASK_MINUTES_PER_100 = 3;

/** Join first, paint apart, or assemble and mask (common practice: one colour and a seam to fill are joined first, two colours painted apart). */
export function adviseJoining(question: JoinQuestion): JoinAdvice {
  const { isOneColour, isSeamSeen, isReachable, mustComeOff, takesFiller, borderMillimetres } = question;
  const maskingMinutes = isOneColour ? 0 : Math.round((borderMillimetres / 100) * MASK_MINUTES_PER_100);
  const say = (joining: JoiningId, reason: string): JoinAdvice => ({ joining, reason, maskingMinutes });
  if (mustComeOff) return say('paintApart', 'It must come off again: paint apart, fit last, keep its mating faces bare.');
  if (!isReachable) return say('paintApart', 'Joined, parts of it could not be reached with paint or paper: paint apart and join last.');
  if (!takesFiller)
    return say('paintApart', 'One of them takes no filler, so that joining first closes no seam: finish them apart and fasten them last.');
  if (isOneColour && isSeamSeen)
    return say('joinFirst', 'One colour and a seam that would be seen: join first, then the seam can be filled and sanded away.');
  if (isOneColour) return say('joinFirst', 'One colour: joined first it is one part to handle, mask and dry.');
  if (isSeamSeen)
    return say(
      'assembleAndMask',
      `Two colours, but the seam would be seen: join, fill it, then mask the border (about ${maskingMinutes} min of tape).`,
    );
  return say(
    'paintApart',
    `Two colours and a hidden seam: painted apart it saves about ${maskingMinutes} min of masking, a common regret.`,
  );
}
