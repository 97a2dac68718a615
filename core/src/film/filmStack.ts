/** What the film stack needs to know of a rung. */
export interface FilmRung {
  readonly rungId: string;
  readonly name: string;
  /** dry film the rung leaves; null where it leaves none */
  readonly filmMicrometres: number | null;
  /** the rung sands the film under it */
  readonly isSanding: boolean;
  readonly colourHex: string | null;
}

/** A layer of the core sample. */
export interface FilmLayer {
  readonly rungIds: readonly string[];
  readonly name: string;
  readonly micrometres: number;
  readonly colourHex: string | null;
}

/** Share of the top film that a sanding leaves on the part; guessed: half of a filler primer stays, in the lines. */
export const FILM_LEFT_AFTER_SANDING = 0.5;

/**
 * The film stack of a ladder, bottom first: each film with what later sanding leaves of it. A sanding takes from the film on top of
 * it only. Neighbours of one name and colour are drawn as one layer.
 */
export function stackFilms(rungs: readonly FilmRung[]): FilmLayer[] {
  const layers: { rungIds: string[]; name: string; micrometres: number; colourHex: string | null; wasSanded: boolean }[] = [];
  for (const rung of rungs) {
    const top = layers.at(-1);
    if (rung.isSanding && top && !top.wasSanded) {
      top.micrometres *= FILM_LEFT_AFTER_SANDING;
      top.wasSanded = true;
    }
    if (rung.filmMicrometres === null || rung.filmMicrometres <= 0) continue;
    const name = baseName(rung.name);
    if (top && baseName(top.name) === name && top.colourHex === rung.colourHex && !top.wasSanded) {
      top.micrometres += rung.filmMicrometres;
      top.rungIds.push(rung.rungId);
    } else {
      layers.push({ rungIds: [rung.rungId], name, micrometres: rung.filmMicrometres, colourHex: rung.colourHex, wasSanded: false });
    }
  }
  return layers.map(({ rungIds, name, micrometres, colourHex }) => ({ rungIds, name, micrometres, colourHex }));
}

/** Height of a film stack, µm. */
export function stackHeight(layers: readonly FilmLayer[]): number {
  return layers.reduce((sum, layer) => sum + layer.micrometres, 0);
}

/** What coats of one paint have in common in their names: `brass, mist` and `green 2` are coats of brass and green. */
export function baseName(name: string): string {
  return name.replace(/,.*$|\s+\d+$/u, '');
}
