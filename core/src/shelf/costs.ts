/** Something that was or will be used up, with what it costs. */
export interface CostItem {
  /** whatever it is told apart by: a prop, a band */
  readonly groups: readonly string[];
  readonly amount: number;
  /** of one unit of it; null: no price is known */
  readonly unitPrice: number | null;
  readonly isDone: boolean;
}

/** What something costs so far and still will. */
export interface CostSum {
  readonly soFar: number;
  readonly toCome: number;
  /** things without a price that are in neither */
  readonly unpriced: number;
}

/** Sums of all items and of each group. */
export function sumCosts(items: readonly CostItem[]): { readonly all: CostSum; readonly byGroup: ReadonlyMap<string, CostSum> } {
  const nothing: CostSum = { soFar: 0, toCome: 0, unpriced: 0 };
  const added = (sum: CostSum, { amount, unitPrice, isDone }: CostItem): CostSum => ({
    soFar: sum.soFar + (isDone ? amount * (unitPrice ?? 0) : 0),
    toCome: sum.toCome + (isDone ? 0 : amount * (unitPrice ?? 0)),
    unpriced: sum.unpriced + (unitPrice === null && amount > 0 ? 1 : 0),
  });
  const byGroup = new Map<string, CostSum>();
  let all = nothing;
  for (const item of items) {
    all = added(all, item);
    for (const group of item.groups) byGroup.set(group, added(byGroup.get(group) ?? nothing, item));
  }
  return { all, byGroup };
}
