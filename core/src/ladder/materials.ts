/** What a part is made of. */
export type MaterialId = 'rigid' | 'soluble' | 'translucent' | 'flexible' | 'resin' | 'cast';

/** A material with what matters to its finish. */
export interface Material {
  readonly id: MaterialId;
  readonly name: string;
  readonly usualLayerMillimetres: number;
  /** height of a layer's ridge on a sloped face as a share of the layer height; resin is smoother (common practice, guessed) */
  readonly ridgeShare: number;
  readonly isResin: boolean;
  /** bends in use: brittle films crack on it */
  readonly isFlexible: boolean;
  readonly letsLightThrough: boolean;
  readonly dissolvesInSolvent: boolean;
}

/** All materials. */
export const MATERIALS: readonly Material[] = [
  {
    id: 'rigid',
    name: 'Rigid filament',
    usualLayerMillimetres: 0.2,
    ridgeShare: 0.75,
    isResin: false,
    isFlexible: false,
    letsLightThrough: false,
    dissolvesInSolvent: false,
  },
  {
    id: 'soluble',
    name: 'Solvent-soluble filament',
    usualLayerMillimetres: 0.2,
    ridgeShare: 0.75,
    isResin: false,
    isFlexible: false,
    letsLightThrough: false,
    dissolvesInSolvent: true,
  },
  {
    id: 'translucent',
    name: 'Translucent filament',
    usualLayerMillimetres: 0.2,
    ridgeShare: 0.75,
    isResin: false,
    isFlexible: false,
    letsLightThrough: true,
    dissolvesInSolvent: false,
  },
  {
    id: 'flexible',
    name: 'Flexible filament',
    usualLayerMillimetres: 0.2,
    ridgeShare: 0.75,
    isResin: false,
    isFlexible: true,
    letsLightThrough: false,
    dissolvesInSolvent: false,
  },
  {
    id: 'resin',
    name: 'Resin',
    usualLayerMillimetres: 0.05,
    ridgeShare: 0.5,
    isResin: true,
    isFlexible: false,
    letsLightThrough: false,
    dissolvesInSolvent: false,
  },
  {
    id: 'cast',
    name: 'Kit cast',
    usualLayerMillimetres: 0,
    ridgeShare: 0,
    isResin: true,
    isFlexible: false,
    letsLightThrough: false,
    dissolvesInSolvent: false,
  },
];

/**
 * The material of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findMaterial(id: string): Material {
  const found = MATERIALS.find((material) => material.id === id);
  if (!found) throw new RangeError(`unknown material: ${id}`);
  return found;
}
