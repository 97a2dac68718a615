import type { FilmLayer } from './filmStack';

/** What is seen after something was done to a film stack. */
export interface Shown {
  /** from the middle of the spot outwards: what is bare there; null colour: the part itself */
  readonly rings: readonly { readonly name: string; readonly colourHex: string | null; readonly micrometres: number }[];
}

/** The part under all films. */
const PART = 'bare part';

/** A chip that goes down to a layer: that layer in the middle, the edges of all above it around. −1: to the part. */
export function chipTo(layers: readonly FilmLayer[], layerIndex: number): Shown {
  const under = layerIndex < 0 ? { name: PART, colourHex: null, micrometres: 0 } : layers[layerIndex];
  if (!under) throw new RangeError(`no layer ${layerIndex}`);
  return { rings: [ring(under), ...layers.slice(Math.max(0, layerIndex + 1)).map(ring)] };
}

/** An edge sanded through by some depth: everything that is cut lies open in bands, the deepest in the middle. */
export function sandThrough(layers: readonly FilmLayer[], depthMicrometres: number): Shown {
  let left = depthMicrometres;
  const open: FilmLayer[] = [];
  for (const layer of layers.toReversed()) {
    open.unshift(layer);
    left -= layer.micrometres;
    if (left < 0) return { rings: open.map(ring) };
  }
  return { rings: [{ name: PART, colourHex: null, micrometres: 0 }, ...open.map(ring)] };
}

/** Where a mask lay before the layers from `firstOver` on were laid, pulling it leaves what was on top then. */
export function pullMask(layers: readonly FilmLayer[], firstOver: number): Shown {
  const top = firstOver <= 0 ? { name: PART, colourHex: null, micrometres: 0 } : layers[firstOver - 1];
  if (!top) throw new RangeError(`no layer under ${firstOver}`);
  return { rings: [ring(top)] };
}

function ring({
  name,
  colourHex,
  micrometres,
}: {
  readonly name: string;
  readonly colourHex: string | null;
  readonly micrometres: number;
}) {
  return { name, colourHex, micrometres };
}
