import type { SupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import { KEPT_UNSET } from '@zinc-ladder/model/products/keptUnset';
import type { KitSupply } from '@zinc-ladder/model/gather/shelf/gatherKit';
import type { Supply } from '@zinc-ladder/model/records/shelf/supply';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';

/** A supply of a kind, as it comes: a usual pack of it, counted now. */
export function newSupply(kind: SupplyKind, grit: number | null, id: string, nowMs: number): Supply {
  const name = kind.name.charAt(0).toUpperCase() + kind.name.slice(1);
  return {
    id,
    revision: 0,
    ...KEPT_UNSET,
    name: grit === null ? name : `${name} P${grit}`,
    kindId: kind.id,
    grit,
    widthMillimetres: null,
    left: kind.usualPack,
    countedAtMs: Math.round(nowMs),
    closedMonths: null,
    openedMonths: null,
  };
}

/** Notes how much of a supply there is. */
export async function countSupply(edit: Edit, supply: Supply, left: number, nowMs: number): Promise<void> {
  await edit.put('supplies', { ...supply, left, level: null, countedAtMs: Math.round(nowMs) }, supply);
}

/**
 * Puts what ladders take and nobody keeps on the shelf's list, each as run out until it is counted.
 *
 * @throws ShopError `nothingToDo` where all of it is on the list
 */
export async function listKit(edit: Edit, supplies: readonly KitSupply[], nowMs: number, makeId: () => string): Promise<void> {
  const missing = supplies.filter(({ kept }) => kept === null);
  if (missing.length === 0) throw new ShopError('nothingToDo');
  for (const { kind, grit } of missing) await edit.put('supplies', { ...newSupply(kind, grit, makeId(), nowMs), left: 0 });
}
