import type { FlawKindId, Mending } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { rungPieceArea } from '../../rungs/rungPieceArea';
import { rungPieces } from '../../rungs/rungPieces';
import { onPiecesNow } from './onPiecesNow';
import type { RungPart } from './rungForPart';
import { rungForPart } from './rungForPart';
import { laidSince } from './laidSince';
import { minutesOnFewer } from './minutesOnFewer';

/** A spot that is mended, cm²; guessed, a hand's breadth. Its rungs say it, and can say otherwise. */
const SPOT_AREA = 20;

/** Rungs that mend a flaw, and where on the ladder they go. */
export interface MendingRungs {
  readonly index: number;
  readonly rungs: readonly Rung[];
}

/** The coat a flaw of a film is in: the one in hand, else the last that was laid; null where none was. */
export function flawedCoat(rungs: readonly Rung[]): Rung | null {
  const laid = rungs.filter(({ methodId }) => findMethod(methodId).laysFilm);
  return laid.findLast(({ state }) => state === 'inHand') ?? laid.findLast(({ state }) => state === 'done') ?? null;
}

/**
 * What mends a flaw of a coat, over all that was done or is in hand: sanded, primed where it is bare, the coat once more, and what was laid over it since.
 * Masks that came off since are laid again where they have to be.
 *
 * @param rungs of the ladder, bottom first
 * @param coat of these, done or in hand
 * @param flawed pieces of the set the flaw is on; null: all the coat was laid on
 * @throws RangeError for an unknown kind, and for one that is of the surface under the film
 */
export function mendingRungs(
  kindId: FlawKindId,
  coat: Rung,
  rungs: readonly Rung[],
  part: RungPart,
  products: ReadonlyMap<string, Product>,
  makeId: () => string,
  flawed: number | null = null,
): MendingRungs {
  const { name, mend, mending } = findFlawKind(kindId);
  if (!mending) throw new RangeError(`${name} is mended by filling and sanding`);
  const index = rungs.findLastIndex(({ state }) => state === 'done' || state === 'inHand') + 1;
  const laid = { ...coat, ...onPiecesNow(coat, part) };
  const pieces = flawed === null || flawed >= rungPieces(laid, part) ? laid.pieces : flawed;
  const where = { side: coat.side, areaSquareCentimetres: areaOf(mending, coat, part), pieces };
  const primer = products.get(rungs.findLast(({ methodId }) => methodId === 'prime')?.productId ?? '') ?? null;
  const fresh = (methodId: string, product: Product | null, named: string | null, at = where): Rung => {
    const rung = { ...rungForPart(methodId, product, part, at), id: makeId(), ladderId: coat.ladderId };
    // In the band of its coat, so that it stands by it where ladders stand side by side.
    return { ...rung, band: coat.band, name: named ?? rung.name, why: mend };
  };
  const steps = mending.steps.map((step, nth): Rung => {
    const rung = fresh(step.methodId, step.methodId === 'prime' ? primer : null, step.name);
    const isFirst = nth === 0;
    return {
      ...rung,
      grit: step.grit === null ? null : `P${step.grit}`,
      hardRungId: isFirst && mending.whenHard ? coat.id : null,
      detail: isFirst && mending.isLocal ? 'Press it with a nail first: it is thicker than its coat, and longer soft.' : '',
    };
  });
  if (!mending.recoats) return { index, rungs: steps };
  const { isUnmasked, mask, within, over } = laidSince(coat, rungs, products);
  const around = { side: coat.side, areaSquareCentimetres: coat.areaSquareCentimetres, pieces };
  const isUnwritten = isUnmasked && mask.length === 0;
  const once = [...mask, coat, ...within, ...over].map((rung) => again(rung, { why: mend, pieces, part, makeId }));
  return { index, rungs: [...steps, ...(isUnwritten ? [fresh('mask', null, null, around)] : []), ...once] };
}

interface Again {
  readonly why: string;
  readonly pieces: number | null;
  readonly part: RungPart;
  readonly makeId: () => string;
}

/** A coat as it was laid, to be laid once more. */
function again(coat: Rung, { why, pieces, part, makeId }: Again): Rung {
  const now = { ...coat, ...onPiecesNow(coat, part) };
  return {
    ...now,
    ...onPieces(now, pieces, part),
    id: makeId(),
    revision: 0,
    name: `${coat.name}, again`,
    why,
    state: 'open',
    startedAtMs: null,
    workedMs: 0,
    doneAtMs: null,
    doerId: null,
    notBeforeMs: null,
    lockedAtMs: null,
    hardRungId: null,
  };
}

/** A coat on so many of its pieces, with their minutes. */
function onPieces(coat: Rung, pieces: number | null, part: RungPart): Partial<Rung> {
  if (pieces === null || pieces >= rungPieces(coat, part)) return {};
  return { pieces, ...minutesOnFewer(coat, part, { where: { ...coat, pieces }, part }) };
}

function areaOf({ isLocal }: Mending, coat: Rung, part: RungPart): number | null {
  return isLocal ? Math.min(SPOT_AREA, rungPieceArea(coat, part)) : coat.areaSquareCentimetres;
}
