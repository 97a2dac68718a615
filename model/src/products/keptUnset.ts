import type { Kept } from '../records/shelf/kept';

/** A thing on the shelf of which nothing is known but what it is and how much there is. */
export const KEPT_UNSET = {
  level: null,
  countedAtMs: null,
  boughtAtMs: null,
  openedAtMs: null,
  provedAtMs: null,
  paid: null,
  lot: '',
  place: '',
  note: '',
} satisfies Partial<Kept>;
