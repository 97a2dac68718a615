/** A film on the rack: when its part can be handled (null: never by label), and the places the part takes. */
export interface RackedFilm {
  readonly handleMs: number | null;
  readonly places: number;
}

/** Rack places taken at a moment: a part keeps its places until it can be handled. */
export function rackPlacesTaken(films: readonly RackedFilm[], nowMs: number): number {
  let taken = 0;
  for (const { handleMs, places } of films) if (handleMs === null || handleMs > nowMs) taken += places;
  return taken;
}
