import type { BandId } from '@zinc-ladder/core/ladder/bands';
import { BANDS } from '@zinc-ladder/core/ladder/bands';

/** What costs are told by: products by the band they are used in, what is used up beside them, and hands. */
export type CostKind = BandId | 'supplies' | 'hours';

/** All kinds with their names, in the order they are told. */
export const COST_KINDS: readonly { readonly id: CostKind; readonly name: string }[] = [
  ...BANDS,
  { id: 'supplies', name: 'Paper, tape, gloves and the like' },
  { id: 'hours', name: 'Hours of hands' },
];
