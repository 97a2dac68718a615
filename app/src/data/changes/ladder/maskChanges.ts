import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { RungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import type { MaskRung } from '@zinc-ladder/core/mask/maskRungs';
import { inRegion, rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { MaskPlan } from '@zinc-ladder/model/records/ladder/maskPlan';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { MOST_MINUTES } from '@zinc-ladder/model/records/ladder/rung';
import type { Edit } from '../../edits/edit';
import { replaceRungs, rungsOfLadder } from './growChanges';
import { regionOf } from './rungChanges';

/** Methods that an order of masks replaces. */
const REPLACED = new Set(['sprayCoat', 'mask', 'maskRubber', 'edgeSeal', 'maskedCoat', 'unmask', 'scorePull']);

/**
 * Puts the rungs of an order of masks on a ladder, where its first open rung of colour or mask stood, else under weathering and fitting. Open rungs of
 * colour and mask are taken off; what was begun or done stays.
 */
export async function putMaskRungs(
  edit: Edit,
  ladderId: string,
  made: readonly MaskRung[],
  plan: MaskPlan,
  products: ReadonlyMap<string, Product>,
  makeId: () => string,
): Promise<void> {
  const rungs = await rungsOfLadder(edit, ladderId);
  const part = await edit.need('parts', (await edit.need('ladders', ladderId)).partId);
  const isReplaced = (rung: Rung): boolean => rung.state === 'open' && REPLACED.has(rung.methodId);
  const kept = rungs.filter((rung) => !isReplaced(rung));
  const firstOpen = rungs.findIndex(isReplaced);
  const above = rungs.findIndex((rung) => rung.band === 'weather' || rung.band === 'fit');
  const before =
    firstOpen !== -1
      ? rungs.slice(0, firstOpen).filter((rung) => !isReplaced(rung)).length
      : above === -1
        ? kept.length
        : kept.indexOf(rungs[above] as Rung);
  const grown: Rung[] = made.map((entry) => {
    const productId = findMethod(entry.methodId).laysFilm
      ? (plan.regions.find((region) => region.id === entry.productOfRegionId)?.productId ?? null)
      : null;
    const usual = rungForPart(entry.methodId, products.get(productId ?? '') ?? null, part, inRegion(regionOf(entry.areaSquareCentimetres)));
    const byOrder = entry.minutes === null ? null : minutesByOrder(entry.minutes, part.count);
    return {
      ...usual,
      id: makeId(),
      ladderId,
      name: entry.name.slice(0, 200),
      minutes: byOrder ? byOrder.minutes : usual.minutes,
      minutesFormula: byOrder ? byOrder.formula : usual.minutesFormula,
      detail: entry.note,
      why: 'by the order of masks',
    };
  });
  await replaceRungs(edit, ladderId, rungs, [...kept.slice(0, before), ...grown, ...kept.slice(before)]);
}

/** Minutes of a mask by the order of masks, which reckons them for one piece. */
export function minutesByOrder(pieceMinutes: number, pieces: number): RungMinutes {
  const formula = `tape and cover of this mask, by the order of masks${pieces > 1 ? `: ${pieces} × ${pieceMinutes} min` : ''}`;
  return { minutes: Math.min(MOST_MINUTES, pieceMinutes * pieces), formula };
}
