import { HALF_90 } from '../number/half90';
import { BETWEEN_PICTURES } from '../reference/combineLengths';
import { distance } from '../reference/imagePoint';
import type { MeasuredPicture, PictureLength } from '../reference/measureLengths';
import { measurePicture } from '../reference/measureLengths';
import type { Noticeable } from './noticed';
import { lengthNoticeable } from './noticed';

/** A length that is read on the reference and on one's own photograph. */
export interface LengthOnBoth {
  readonly id: string;
  readonly referenceMillimetres: number;
  readonly ownMillimetres: number;
  /** standard deviation of the one over the other */
  readonly relativeSd: number;
  /** the length both were brought to the same size by, where one's own photograph has none of its own; null: by what is known on each */
  readonly besideId: string | null;
}

const SPREAD_KEY = 'the length both are compared by';

/**
 * Lengths on both pictures. Where nothing is known on one's own photograph its proportions still are: all lengths are told beside the longest that both
 * have, taken to be as long as on the reference.
 */
export function lengthsOnBoth(reference: MeasuredPicture, own: MeasuredPicture): readonly LengthOnBoth[] {
  const wanted = lengthsOf(reference);
  const direct = lengthsOf(own);
  const beside = direct.size > 0 ? null : longestOnBoth(wanted, own);
  const found = beside ? lengthsOf({ ...own, known: [beside.known] }) : direct;
  return [...wanted].flatMap(([id, there]): LengthOnBoth[] => {
    const here = found.get(id);
    if (!here || id === beside?.id) return [];
    return [
      {
        id,
        referenceMillimetres: there.millimetres,
        ownMillimetres: here.millimetres,
        // The size of what both go by is one and the same error in a proportion: it falls out.
        relativeSd: beside
          ? Math.hypot(there.relativeSd, beside.relativeSd, here.relativeSd, BETWEEN_PICTURES)
          : Math.hypot(wholeSd(there), wholeSd(here), BETWEEN_PICTURES),
        besideId: beside?.id ?? null,
      },
    ];
  });
}

/** Such a length as something a viewer may notice. */
export function noticeableLength({ id, referenceMillimetres, ownMillimetres, relativeSd }: LengthOnBoth): Noticeable {
  return lengthNoticeable(id, referenceMillimetres, ownMillimetres, relativeSd);
}

type Told = Exclude<PictureLength, { readonly refusal: unknown }>;

function lengthsOf(picture: MeasuredPicture): ReadonlyMap<string, Told> {
  const lengths = measurePicture(picture, picture.wanted);
  return new Map(
    picture.wanted.flatMap(({ id }, at) => {
      const length = lengths[at];
      return length && !('refusal' in length) ? [[id, length] as const] : [];
    }),
  );
}

/** Standard deviation of its logarithm, with what the sizes of known things vary by. */
function wholeSd({ low, high }: Told): number {
  return Math.log(high / low) / (2 * HALF_90);
}

function longestOnBoth(wanted: ReadonlyMap<string, Told>, own: MeasuredPicture) {
  const stretches = own.wanted
    .filter(({ id }) => wanted.has(id))
    .toSorted((one, other) => distance(other.a, other.b) - distance(one.a, one.b));
  const [longest] = stretches;
  const there = longest && wanted.get(longest.id);
  return longest && there
    ? {
        id: longest.id,
        relativeSd: there.relativeSd,
        known: { a: longest.a, b: longest.b, millimetres: there.millimetres, spread: 0, thing: SPREAD_KEY },
      }
    : null;
}
