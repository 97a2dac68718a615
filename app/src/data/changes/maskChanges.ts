import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import type { MaskRung } from '@zinc-ladder/core/mask/maskRungs';
import { NEW_RUNG } from '@zinc-ladder/model/gather/growRungs';
import { productDrying } from '@zinc-ladder/model/products/productDrying';
import type { MaskPlan } from '@zinc-ladder/model/records/maskPlan';
import type { Product } from '@zinc-ladder/model/records/product';
import type { Rung } from '@zinc-ladder/model/records/rung';
import type { Edit } from '../edit';
import { replaceRungs, rungsOfLadder } from './growChanges';

/** Methods that an order of masks replaces. */
const REPLACED = new Set(['sprayCoat', 'mask', 'maskRubber', 'edgeSeal', 'maskedCoat', 'unmask']);

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
    const method = findMethod(entry.methodId);
    const productId = plan.regions.find((region) => region.id === entry.productOfRegionId)?.productId ?? null;
    const product = products.get(productId ?? '');
    const sum = estimateRungMinutes(method, entry.areaSquareCentimetres, 1);
    return {
      ...NEW_RUNG,
      id: makeId(),
      ladderId,
      name: entry.name.slice(0, 200),
      methodId: method.id,
      band: method.band,
      productId: method.laysFilm ? productId : null,
      coatMicrometres: method.laysFilm && product ? productDrying(product).coatMicrometres : null,
      minutes: entry.minutes ?? sum.minutes,
      minutesFormula: entry.minutes === null ? sum.formula : 'tape and cover of this mask, by the order of masks',
      detail: entry.note,
      why: 'by the order of masks',
      cautionIds: [...method.cautions],
    };
  });
  await replaceRungs(edit, ladderId, rungs, [...kept.slice(0, before), ...grown, ...kept.slice(before)]);
}
