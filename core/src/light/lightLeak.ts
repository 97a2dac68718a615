import type { MaterialId } from '../ladder/materials';

/** What a layer does with light that comes from either side. */
export interface LightLayer {
  /** share that passes, 0–1 */
  readonly transmitted: number;
  /** share that is thrown back, 0–1 */
  readonly reflected: number;
}

/** A wall with its films, from the lamp outwards. */
export interface LeakAsk {
  readonly wall: LightLayer;
  readonly films: readonly LightLayer[];
  /** a coat more of what is darkest at hand */
  readonly coatMore: LightLayer;
}

/** What of a lamp comes through a wall that should be dark. */
export interface LightLeak {
  /** share of the light on its inside that comes out */
  readonly share: number;
  /** of the bare wall */
  readonly wallShare: number;
  readonly isDark: boolean;
  /** coats more until it is dark; null: more than are ever laid */
  readonly coatsMore: number | null;
}

/** A skin lit from inside is seen in a dark room from about a thousandth on (guess). */
export const DARK_SHARE = 0.001;
const MOST_COATS = 20;

/** Optical density of printed walls for each mm, by material: light grey or natural plastic; black is denser (guesses). */
export const WALL_DENSITY: Readonly<Record<MaterialId, number>> = {
  rigid: 0.35,
  soluble: 0.4,
  translucent: 0.08,
  flexible: 0.3,
  resin: 0.45,
  clearResin: 0.02,
  cast: 0.7,
  sheet: 0.01,
  fabric: 0.8,
  foam: 0.5,
  metal: 20,
  bought: 0.5,
};
/** What a wall does not pass is thrown back by so much, the rest is taken up (guess). */
const WALL_RETURNS = 0.6;

/** A wall of a material. */
export function wallLayer(material: MaterialId, millimetres: number): LightLayer {
  const transmitted = 10 ** (-WALL_DENSITY[material] * Math.max(0, millimetres));
  return { transmitted, reflected: (1 - transmitted) * WALL_RETURNS };
}

/** Two layers on each other: light goes to and fro between them (Kubelka 1954, the geometric series). The reflectance is that of the outer side. */
export function laidOn(inner: LightLayer, outer: LightLayer): LightLayer {
  const between = 1 - inner.reflected * outer.reflected;
  return {
    transmitted: (inner.transmitted * outer.transmitted) / between,
    reflected: outer.reflected + (outer.transmitted ** 2 * inner.reflected) / between,
  };
}

/** How much light comes through a wall and its films, and how many coats more it takes until none is seen. */
export function lightLeak({ wall, films, coatMore }: LeakAsk, dark = DARK_SHARE): LightLeak {
  let stack = films.reduce(laidOn, wall);
  const share = stack.transmitted;
  let coats = 0;
  while (stack.transmitted > dark && coats < MOST_COATS) {
    stack = laidOn(stack, coatMore);
    coats += 1;
  }
  return {
    share,
    wallShare: wall.transmitted,
    isDark: share <= dark,
    coatsMore: stack.transmitted > dark ? null : coats,
  };
}

/** The thinnest wall of a material that is dark by itself, to a tenth of a mm above. */
export function darkWallMillimetres(material: MaterialId, dark = DARK_SHARE): number {
  return Math.ceil((-Math.log10(dark) / WALL_DENSITY[material]) * 10) / 10;
}
