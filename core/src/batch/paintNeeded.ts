/** Paint for some coats, with what it was computed from. */
export interface PaintNeed {
  /** what must leave the can or cup, ml */
  readonly millilitres: number;
  /** what stays on the part as dry film, ml */
  readonly filmMillilitres: number;
  /** m² one litre covers in one coat on paper, without losses: 10 × volume solids % ÷ dry µm (coating handbooks, from memory) */
  readonly spreadingSquareMetresPerLitre: number;
}

/**
 * Paint needed = area × dry thickness × coats ÷ volume solids ÷ transfer.
 *
 * @param areaSquareCentimetres surface to coat
 * @param dryMicrometres dry film of one coat
 * @param volumeSolids share of the liquid that stays, (0, 1]
 * @param transfer share that lands on the part, (0, 1]
 * @throws RangeError outside those ranges
 */
export function paintNeeded(
  areaSquareCentimetres: number,
  dryMicrometres: number,
  coats: number,
  volumeSolids: number,
  transfer: number,
): PaintNeed {
  requireAtLeast(areaSquareCentimetres, 0, 'area');
  requireAtLeast(dryMicrometres, 0, 'film');
  requireAtLeast(coats, 0, 'coats');
  requireShare(volumeSolids, 'volume solids');
  requireShare(transfer, 'transfer');
  // 1 cm² × 1 µm = 1e-4 cm³ = 1e-4 ml
  const filmMillilitres = areaSquareCentimetres * dryMicrometres * coats * 1e-4;
  return {
    millilitres: filmMillilitres / volumeSolids / transfer,
    filmMillilitres,
    spreadingSquareMetresPerLitre: dryMicrometres > 0 ? (1000 * volumeSolids) / dryMicrometres : Infinity,
  };
}

/**
 * Whole cans for an amount; a share of each can stays behind as what does not come out.
 *
 * @param usableShare share of a can that can be used, (0, 1]; 0.95 is common practice
 */
export function cansNeeded(millilitres: number, canMillilitres: number, usableShare = 0.95): number {
  requireAtLeast(millilitres, 0, 'amount');
  if (!(canMillilitres > 0)) throw new RangeError(`can size must be above 0, got ${canMillilitres}`);
  requireShare(usableShare, 'usable share');
  // A hair of rounding must not buy a whole can.
  return Math.max(0, Math.ceil(millilitres / (canMillilitres * usableShare) - 1e-9));
}

function requireAtLeast(value: number, least: number, name: string): void {
  if (!(value >= least && Number.isFinite(value))) throw new RangeError(`${name} must be a number of at least ${least}, got ${value}`);
}

function requireShare(value: number, name: string): void {
  if (!(value > 0 && value <= 1)) throw new RangeError(`${name} must be above 0 and at most 1, got ${value}`);
}
