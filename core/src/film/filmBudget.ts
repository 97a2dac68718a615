import type { FilmLayer } from './filmStack';

/** Methods whose film is laid by brush or knife and runs into grooves. */
const BRUSHED: ReadonlySet<string> = new Set(['fill', 'brushFilm', 'textureOn']);

/** What of a film stack was brushed, µm; `methodOf` names the method of each rung. */
export function brushedHeight(stack: readonly FilmLayer[], methodOf: (rungId: string) => string): number {
  return stack.filter((layer) => layer.rungIds.every((id) => BRUSHED.has(methodOf(id)))).reduce((sum, layer) => sum + layer.micrometres, 0);
}

/** An engraved line or panel gap as designed, mm. */
export interface Engraving {
  readonly widthMillimetres: number;
  readonly depthMillimetres: number;
}

/** What films leave of an engraving. */
export interface EngravingLeft {
  readonly widthMillimetres: number;
  readonly depthMillimetres: number;
  /** width left over width designed */
  readonly openShare: number;
  readonly verdict: 'crisp' | 'soft' | 'buried';
}

/** An engraving is crisp from this share of its width on, and reads as a line down to this; guessed. */
const CRISP = 0.7;
const SOFT = 0.35;
/** Filler that a brush lays runs into a groove and fills it from the floor by more than the faces; guessed. */
const POOLING = 1.5;

/**
 * What films leave open of a groove: each film narrows it from both sides. Brushed films pool in it, sprayed ones lie evenly, so the depth falls
 * only by what pools; where faces are sanded after, the depth falls by what is cut from them.
 *
 * @param filmMicrometres all films that stay on the walls
 * @param brushedMicrometres of these, what was brushed
 * @param cutMicrometres taken off the faces around by sanding
 */
export function engravingLeft(
  engraving: Engraving,
  filmMicrometres: number,
  brushedMicrometres: number,
  cutMicrometres: number,
): EngravingLeft {
  const width = Math.max(0, engraving.widthMillimetres - (2 * filmMicrometres) / 1000);
  const depth = width === 0 ? 0 : Math.max(0, engraving.depthMillimetres - ((POOLING - 1) * brushedMicrometres + cutMicrometres) / 1000);
  const openShare = engraving.widthMillimetres > 0 ? width / engraving.widthMillimetres : 0;
  const share = Math.min(openShare, engraving.depthMillimetres > 0 ? depth / engraving.depthMillimetres : 0);
  return {
    widthMillimetres: width,
    depthMillimetres: depth,
    openShare,
    verdict: share >= CRISP ? 'crisp' : share >= SOFT ? 'soft' : 'buried',
  };
}

/**
 * Radius to which films and sanding round a sharp edge, µm: films flow round it to about their own thickness, sanding takes it down by what it
 * cuts (guessed).
 */
export function edgeRadius(filmMicrometres: number, cutMicrometres: number): number {
  return filmMicrometres + cutMicrometres;
}
