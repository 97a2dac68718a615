import type { StackStep } from '@zinc-ladder/core/compatibility/checkStack';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { productDrying } from '../../products/productDrying';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';

/** When a rung is worked, done or planned. */
export interface WorkedTime {
  readonly startMs: number;
  readonly endMs: number;
}

/**
 * A ladder's rungs as the rules of compatibility see them. Whether the film under a rung is hard, or its window shut, is told by label minutes between
 * them, planned or done; without times it is not known, and the plan sees to it. A rung that is to wait until that film is hard waits.
 */
export function gatherStack(
  rungs: readonly Rung[],
  products: ReadonlyMap<string, Product>,
  timeOf: (rungId: string) => WorkedTime | null,
): StackStep[] {
  let under: { readonly id: string; readonly product: Product; readonly endMs: number | null } | null = null;
  return rungs
    .filter((rung) => rung.state !== 'leftOut')
    .map((rung) => {
      const product = products.get(rung.productId ?? '');
      const lays = findMethod(rung.methodId).laysFilm;
      const time = timeOf(rung.id);
      const minutes = under && under.endMs !== null && time ? (time.startMs - under.endMs) / 60_000 : null;
      const drying = under ? productDrying(under.product) : null;
      const step: StackStep = {
        id: rung.id,
        name: rung.name,
        methodId: rung.methodId,
        classId: lays && product ? product.classId : null,
        productName: product?.name ?? '',
        underIsHard:
          rung.state !== 'done' && under && rung.hardRungId === under.id
            ? true
            : minutes === null || !drying
              ? null
              : minutes >= drying.hardMinutes,
        underWindowIsShut:
          minutes === null || !drying || drying.recoatUntilMinutes === null
            ? null
            : minutes > drying.recoatUntilMinutes && (drying.recoatAgainMinutes === null || minutes < drying.recoatAgainMinutes),
      };
      if (lays && product) under = { id: rung.id, product, endMs: time?.endMs ?? null };
      return step;
    });
}

/** When a film laid by a product is hard, by its label; whole milliseconds. */
export function hardAtMs(product: Product, laidAtMs: number): number {
  return Math.round(laidAtMs + productDrying(product).hardMinutes * 60_000);
}
