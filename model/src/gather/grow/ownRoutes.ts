import type { OwnRoute } from '../../records/ladder/ownRoute';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import type { RungStep } from '../../records/ladder/rungStep';
import type { RungPart } from './rungForPart';
import { inRegion, rungForPart } from './rungForPart';

/** What a route keeps of a ladder: every rung that was not left out, in its order. */
export function stepsOf(rungs: readonly Rung[]): RungStep[] {
  return rungs
    .filter(({ state }) => state !== 'leftOut')
    .map(({ name, methodId, band, productId, role, grit, coatMicrometres, side, detail, why }) => ({
      name,
      methodId,
      band,
      productId,
      role,
      grit,
      coatMicrometres,
      side,
      detail,
      why,
    }));
}

/** The rungs of a kept route on a part: minutes for its area and pieces, cautions for its material and the products of now. */
export function rungsOfRoute(
  { steps }: Pick<OwnRoute, 'steps'>,
  part: RungPart,
  products: ReadonlyMap<string, Product>,
  ladderId: string,
  makeId: () => string,
): Rung[] {
  return steps.map((step) => ({
    ...rungForPart(step.methodId, products.get(step.productId ?? '') ?? null, part, { ...inRegion(null), side: step.side }),
    ...step,
    productId: products.has(step.productId ?? '') ? step.productId : null,
    id: makeId(),
    ladderId,
  }));
}
