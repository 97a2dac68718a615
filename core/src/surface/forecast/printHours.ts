/** What a print of known hours is scaled from. */
export interface PrintedPart {
  readonly areaSquareMillimetres: number;
  /** mm */
  readonly heightMillimetres: number;
  readonly layerMillimetres: number;
  readonly isResin: boolean;
}

/** Filament: plastic laid down a second is bead width × layer × speed. All guessed, from what desktop printers usually run at. */
const BEAD_MILLIMETRES = 0.45;
const SPEED_MILLIMETRES_PER_SECOND = 55;
/** Skin of three walls, and infill and supports as a share of it; guessed. */
const SKIN_MILLIMETRES = 1.35;
const INSIDE_SHARE = 0.35;
/** Seconds lost at each change of layer; guessed. */
const LAYER_SECONDS = 6;
/** Resin: seconds a layer, whatever is in it; guessed. */
const RESIN_LAYER_SECONDS = 9;

/** Height assumed for a part of which only the surface is known: the side in mm of a cube with that surface (guessed). */
export function guessHeight(areaSquareMillimetres: number): number {
  return Math.sqrt(areaSquareMillimetres / 6);
}

/** Hours a print would take, guessed from its skin and height: skin laid down bead by bead, or for resin its layers. */
export function estimatePrintHours({ areaSquareMillimetres, heightMillimetres, layerMillimetres, isResin }: PrintedPart): number {
  if (!(layerMillimetres > 0)) return 0;
  const layers = heightMillimetres / layerMillimetres;
  if (isResin) return (layers * RESIN_LAYER_SECONDS) / 3600;
  const plastic = areaSquareMillimetres * SKIN_MILLIMETRES * (1 + INSIDE_SHARE);
  return (plastic / (BEAD_MILLIMETRES * layerMillimetres * SPEED_MILLIMETRES_PER_SECOND) + layers * LAYER_SECONDS) / 3600;
}

/** Hours the same print takes in another layer height: as many times longer as there are more layers. */
export function scalePrintHours(hours: number, layerMillimetres: number, otherMillimetres: number): number {
  return otherMillimetres > 0 ? (hours * layerMillimetres) / otherMillimetres : 0;
}
