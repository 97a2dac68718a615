import { coatRow } from '@zinc-ladder/core/colour/coats/coatsOver';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { usualClassOf } from '@zinc-ladder/core/ladder/usualClass';
import type { MaskProblem } from '@zinc-ladder/core/mask/maskProblem';
import { productDrying } from '../../products/productDrying';
import type { MaskPlan } from '../../records/ladder/maskPlan';
import type { Product } from '../../records/shop/product';
import { coatPaintOf, effectOf, labOfProduct } from './gatherPaints';

/** A mask plan as the core searches orders for: times by the products' labels, coats over neighbours by their colours. */
export function maskProblemOf(plan: MaskPlan, products: ReadonlyMap<string, Product>, mirrored: number): MaskProblem {
  const productOf = (regionId: string): Product | undefined =>
    products.get(plan.regions.find((region) => region.id === regionId)?.productId ?? '');
  const known = new Map<string, number | null>();
  return {
    school: { seal: plan.seal, pull: plan.pull },
    borders: plan.borders,
    regions: plan.regions.map((region) => {
      const product = products.get(region.productId ?? '');
      const method = findMethod(region.isBase ? 'sprayCoat' : 'maskedCoat');
      // Where no product is chosen the film is waited for as the plan waits for it.
      const drying = product ? productDrying(product) : findProductClass(usualClassOf(method.id) ?? '').drying;
      return {
        ...region,
        coatMinutes: estimateRungMinutes(method, region.areaSquareCentimetres, 1).minutes,
        recoatMinutes: drying.recoatFromMinutes,
        tapeMinutes: drying.tapeMinutes ?? drying.hardMinutes,
      };
    }),
    coatsOver: (overId, underId) => {
      const usual = plan.regions.find((region) => region.id === overId)?.coats ?? 1;
      const [over, under] = [productOf(overId), productOf(underId)];
      const colour = under && labOfProduct(under);
      // Metals and the like hide by flakes; no sum of absorbing and scattering holds for them.
      if (!over || !colour || effectOf(over) !== 'none') return usual;
      const key = `${over.id}/${under.id}`;
      if (!known.has(key)) {
        const paint = coatPaintOf(over, mirrored);
        known.set(key, paint ? coatRow(paint, colour, mirrored).toFullColour : usual);
      }
      return known.get(key) ?? null;
    },
  };
}
