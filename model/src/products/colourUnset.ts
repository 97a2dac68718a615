import type { Product } from '../records/shop/product';

/** A product of which nothing is known as a colour but the chip: what it does in mixes and over a backing is guessed from that. */
export const COLOUR_UNSET = {
  effect: 'none',
  lab: null,
  pigmentId: null,
  strength: null,
  scatterPerCoat: null,
  dryingShift: null,
  mayBeBought: false,
} as const satisfies Partial<Product>;
