import type { Product } from '../records/shop/product';

/** A product of which nothing is known but class and chip: what it does in mixes and over a backing is guessed from these, no film of it was tried and no can weighed. */
export const PRODUCT_UNSET = {
  effect: 'none',
  lab: null,
  pigmentId: null,
  strength: null,
  scatterPerCoat: null,
  dryingShift: null,
  sightings: [],
  weighings: [],
  mixParts: null,
  closedMonths: null,
  openedMonths: null,
  mayBeBought: false,
} satisfies Partial<Product>;
