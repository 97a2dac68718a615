import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';

/** What a page takes out of a message in one go: a few milliseconds in which it does nothing else. */
const PIECE_ITEMS = 700;

/** The lists of a plan that grow with the shop. */
const LONG_LISTS = ['rungs', 'unplaced', 'moved', 'handsWindows', 'sprayWindows'] as const;
type Planned = Extract<ShopPlan, { kind: 'planned' }>;
type LongList = (typeof LONG_LISTS)[number];

/** A plan on its way from the worker: what is short first, long lists after it, piece by piece. */
export type PlanPiece =
  | { readonly kind: 'begin'; readonly plan: ShopPlan }
  /** items as JSON: measured, reading text takes a page a tenth of the time that copying thousands of objects out of a message does */
  | { readonly kind: 'more'; readonly list: LongList; readonly json: string }
  | { readonly kind: 'end' };

/** A plan in pieces that a page takes in without standing still. */
export function toPieces(plan: ShopPlan): PlanPiece[] {
  if (plan.kind !== 'planned') return [{ kind: 'begin', plan }, { kind: 'end' }];
  const long = LONG_LISTS.filter((list) => plan[list].length > PIECE_ITEMS);
  const begin: Planned = { ...plan, ...Object.fromEntries(long.map((list) => [list, []])) };
  const more = long.flatMap((list) =>
    Array.from({ length: Math.ceil(plan[list].length / PIECE_ITEMS) }, (_, at): PlanPiece => ({
      kind: 'more',
      list,
      json: JSON.stringify(plan[list].slice(at * PIECE_ITEMS, (at + 1) * PIECE_ITEMS)),
    })),
  );
  return [{ kind: 'begin', plan: begin }, ...more, { kind: 'end' }];
}

/** Puts the pieces of plans together again, in the order they were sent. */
export class PlanPieces {
  private plan: ShopPlan | null = null;

  /** The plan when this was its last piece. */
  take(piece: PlanPiece): ShopPlan | null {
    if (piece.kind === 'end') return this.plan;
    if (piece.kind === 'begin') this.plan = piece.plan;
    else if (this.plan?.kind === 'planned')
      this.plan = { ...this.plan, [piece.list]: [...this.plan[piece.list], ...(JSON.parse(piece.json) as unknown[])] };
    return null;
  }
}
