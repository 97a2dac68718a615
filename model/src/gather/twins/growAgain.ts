import { facesShare } from '@zinc-ladder/core/ladder/faces';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { productNeed } from '../../products/productNeed';
import { rungPieces } from '../../rungs/rungPieces';
import type { Part } from '../../records/prop/part';
import type { TwinRecords } from './gatherTwin';
import { inRegion, usualMinutes } from '../grow/rungForPart';
import { gatherTwin } from './gatherTwin';

/** A rung of a second piece, as the first was really done. */
export interface RungAgain {
  /** the rung it was done as */
  readonly rungId: string;
  readonly name: string;
  readonly methodId: string;
  readonly productId: string | null;
  readonly mixCardId: string | null;
  readonly coatMicrometres: number | null;
  readonly grit: string | null;
  readonly minutes: number;
  readonly minutesFormula: string;
  /** the share of its part's surface it was done on, where that was a region of it; null: all of its faces */
  readonly areaShare: number | null;
  /** the share of the pieces it was done on; null: all of them */
  readonly piecesShare: number | null;
  /** of the product, as it leaves can or cup; null: none, or not known */
  readonly millilitres: number | null;
}

/**
 * The ladder of a second piece from the record of the first: what was really done, in the order it was done, with what was added and without what was
 * left out. Minutes are the finisher's own of then, brought to the new area as the method's minutes grow with it; amounts for the new area.
 *
 * @param areaSquareCentimetres surface of the second piece
 * @returns no rungs where nothing was done
 */
export function growAgain(
  records: TwinRecords,
  part: Pick<Part, 'id' | 'areaSquareCentimetres' | 'count'>,
  areaSquareCentimetres: number,
): readonly RungAgain[] {
  const products = new Map(records.products.map((product) => [product.id, product]));
  const rungs = new Map(records.rungs.map((rung) => [rung.id, rung]));
  return gatherTwin(records, part.id).map((step): RungAgain => {
    const method = findMethod(step.kind);
    const first = rungs.get(step.id);
    const region = first?.areaSquareCentimetres ?? null;
    const areaShare = region === null || part.areaSquareCentimetres === 0 ? null : region / part.areaSquareCentimetres;
    const pieces = first ? rungPieces(first, part) : part.count;
    const piecesShare = pieces < part.count ? pieces / part.count : null;
    const surface = areaSquareCentimetres * (areaShare ?? facesShare(first?.side ?? 'all')) * (piecesShare ?? 1);
    const planned = estimateRungMinutes(method, surface, 1);
    const then = usualMinutes(step.kind, first ?? inRegion(null), part).minutes;
    const share = step.minutes === null ? null : step.minutes / then;
    const product = products.get(step.productId ?? '');
    return {
      rungId: step.id,
      name: step.name,
      methodId: step.kind,
      productId: step.productId,
      mixCardId: step.cardId,
      coatMicrometres: step.micrometres,
      grit: step.grit,
      minutes: share === null ? planned.minutes : Math.max(1, Math.round(planned.minutes * share)),
      minutesFormula: share === null ? planned.formula : `${planned.formula}, × ${share.toFixed(2)} as it went then`,
      areaShare,
      piecesShare,
      millilitres: product && step.micrometres ? productNeed(product, step.micrometres, surface).millilitres : null,
    };
  });
}
