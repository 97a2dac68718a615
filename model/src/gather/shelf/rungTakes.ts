import { setArea } from '@zinc-ladder/core/batch/setArea';
import { dryingKind } from '@zinc-ladder/core/cure/dryingKind';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { SupplyWork } from '@zinc-ladder/core/shelf/supplyKinds';
import { gritNumber } from '@zinc-ladder/core/shelf/supplyKinds';
import { productNeed } from '../../products/productNeed';
import { cautionsOfRung } from '../../rungs/cautionsOfRung';
import { rungPieceArea } from '../../rungs/rungPieceArea';
import type { RungOfPieces } from '../../rungs/rungPieces';
import { rungPieces } from '../../rungs/rungPieces';
import type { Rung } from '../../records/ladder/rung';
import type { Part } from '../../records/prop/part';
import type { Product } from '../../records/shop/product';

/** What of a rung decides how much it takes. */
export type TakingRung = Pick<
  Rung,
  'methodId' | 'productId' | 'coatMicrometres' | 'side' | 'areaSquareCentimetres' | 'grit' | 'cautionIds' | 'minutes'
> &
  RungOfPieces;
type Taken = Pick<Part, 'areaSquareCentimetres' | 'count'>;

/** Surface a rung is done on, all its pieces, cm². */
export function rungArea(rung: Pick<Rung, 'side' | 'areaSquareCentimetres'> & RungOfPieces, part: Taken): number {
  return setArea(rungPieceArea(rung, part), rungPieces(rung, part));
}

/** What a rung takes of its product by film and area, ml; null: it lays none. */
export function rungMillilitres(rung: TakingRung, part: Taken, product: Pick<Product, 'classId' | 'values'> | undefined): number | null {
  if (!product || rung.coatMicrometres === null) return null;
  return productNeed(product, rung.coatMicrometres, rungArea(rung, part)).millilitres;
}

/** A rung as what it uses up beside its product. */
export function supplyWork(
  rung: TakingRung,
  part: Taken & Pick<Part, 'materialId'>,
  product: Pick<Product, 'classId'> | undefined,
): SupplyWork {
  const method = findMethod(rung.methodId);
  const entry = product && findProductClass(product.classId);
  return {
    methodId: rung.methodId,
    isSprayed: method.isSprayed,
    isLoud: method.isLoud,
    isAirbrushed: entry?.application === 'airbrush',
    isTwoPart: entry !== undefined && dryingKind(entry.drying.kind).isMixed,
    grit: method.roughens ? gritNumber(rung.grit) : null,
    cautions: cautionsOfRung(rung, product ?? null, part.materialId),
    minutes: rung.minutes,
    areaSquareCentimetres: rungArea(rung, part),
    pieces: rungPieces(rung, part),
  };
}
