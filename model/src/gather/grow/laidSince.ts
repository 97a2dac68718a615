import { natureOf } from '@zinc-ladder/core/compatibility/filmNature';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';

/** Laid within a mask, and on nothing else of the part. */
const WITHIN: ReadonlySet<string> = new Set(['maskRubber', 'edgeSeal', 'maskedCoat']);
/** What bounds a masked coat. */
const BOUNDS: ReadonlySet<string> = new Set(['mask', 'maskRubber', 'edgeSeal']);
/** What hides a colour beneath, unless it is clear. */
const HIDING: ReadonlySet<string> = new Set(['prime', 'sprayCoat', 'airbrushCoat', 'brushCoat']);

/** What has to be laid once more over a coat that is laid once more. */
export interface LaidSince {
  /** the coat's own mask is off, and has to be laid anew first, which `within` then ends with the pull of */
  readonly isUnmasked: boolean;
  /** that mask as it was laid, and what sealed its edge; none where nobody wrote it down */
  readonly mask: readonly Rung[];
  /** within the coat's own mask, in order */
  readonly within: readonly Rung[];
  /** over all of the part, in order, with the masks that what covers them makes necessary */
  readonly over: readonly Rung[];
}

/** Whether a coat is laid within a mask. */
export function isMasked({ methodId }: Pick<Rung, 'methodId'>): boolean {
  return WITHIN.has(methodId);
}

/**
 * What was laid over a coat since, as it has to be laid again over the same coat. Numerals in a mask are hidden by a ground that is sprayed once more, so
 * that their mask is laid again as well; not those beside a masked coat, which its own mask keeps clean, nor those under a clear. A mask that lies now is
 * none of them.
 *
 * @param rungs of its ladder, bottom first
 */
export function laidSince(coat: Rung, rungs: readonly Rung[], products: ReadonlyMap<string, Pick<Product, 'classId'>>): LaidSince {
  const at = rungs.findIndex(({ id }) => id === coat.id);
  const since = rungs.slice(at + 1).filter(isDone);
  const pulled = isMasked(coat) ? since.findIndex(endsMask) : -1;
  const [own, later] = isMasked(coat) && pulled >= 0 ? [since.slice(0, pulled + 1), since.slice(pulled + 1)] : [[], since];
  const over: Rung[] = [];
  let isHidden = !isMasked(coat);
  let masking: Rung[] | null = null;
  // Within a mask that still lies there is more of the same until another is laid.
  let isInOwn = isMasked(coat) && pulled < 0;
  for (const rung of later) {
    if (rung.methodId === 'mask') isInOwn = false;
    if (rung.methodId === 'mask' || (isMasked(rung) && !isInOwn)) masking ??= [];
    if (masking) {
      if (isOfMasking(rung)) masking.push(rung);
      if (!endsMask(rung)) continue;
      over.push(...(isHidden ? masking : masking.filter(isOpen)));
      masking = null;
    } else if (findMethod(rung.methodId).laysFilm) {
      over.push(rung);
      isHidden ||= hides(rung, products);
    }
  }
  const isUnmasked = pulled >= 0;
  return {
    isUnmasked,
    mask: isUnmasked ? maskBefore(rungs.slice(0, at).filter(isDone)) : [],
    within: own.filter(isOfMasking),
    over: [...over, ...(masking ?? []).filter(isOpen)],
  };
}

/** The mask that lies last of what was done, and the seal of its edge. */
function maskBefore(done: readonly Rung[]): Rung[] {
  const from = done.findLastIndex((rung) => rung.methodId === 'mask' || endsMask(rung));
  return done[from]?.methodId === 'mask' ? done.slice(from).filter(({ methodId }) => BOUNDS.has(methodId)) : [];
}

function isDone({ state }: Rung): boolean {
  return state === 'done';
}

function endsMask({ methodId }: Rung): boolean {
  return findMethod(methodId).endsMask;
}

/** A mask, what is laid while it lies, or its pull. */
function isOfMasking(rung: Rung): boolean {
  return rung.methodId === 'mask' || endsMask(rung) || findMethod(rung.methodId).laysFilm;
}

/** A film that no mask bounds. */
function isOpen(rung: Rung): boolean {
  return findMethod(rung.methodId).laysFilm && !isMasked(rung);
}

function hides({ methodId, productId }: Rung, products: ReadonlyMap<string, Pick<Product, 'classId'>>): boolean {
  return HIDING.has(methodId) && !natureOf(products.get(productId ?? '')?.classId ?? '')?.isClear;
}
