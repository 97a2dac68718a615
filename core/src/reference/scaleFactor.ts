import type { CombinedLength } from './combineLengths';
import { combineLengths } from './combineLengths';
import { HALF_90 } from './measureLengths';

/** A dimension as it should be, by the pictures, beside the same on the mesh. */
export interface DimensionOnMesh {
  readonly id: string;
  readonly wanted: Pick<CombinedLength, 'millimetres' | 'low' | 'high'>;
  readonly meshMillimetres: number;
}

/** By how much a mesh must be scaled. */
export interface ScaleFactor {
  readonly factor: number;
  /** 90 % interval */
  readonly low: number;
  readonly high: number;
  /** dimensions that ask for another factor than the rest: the mesh has other proportions there, or the reading errs */
  readonly disagrees: readonly string[];
}

/**
 * The factor that brings a mesh to the size its prop's pictures tell: each dimension asks for one, and they are taken together as readings of one.
 *
 * @returns null without a dimension read on both
 */
export function scaleFactor(dimensions: readonly DimensionOnMesh[]): ScaleFactor | null {
  const combined = combineLengths(
    dimensions.map(({ id, wanted, meshMillimetres }) => ({
      picture: id,
      millimetres: wanted.millimetres / meshMillimetres,
      relativeSd: Math.log(wanted.high / wanted.low) / (2 * HALF_90),
      spreads: {},
    })),
  );
  return combined && { factor: combined.millimetres, low: combined.low, high: combined.high, disagrees: combined.disagrees };
}

/**
 * Print hours after scaling: between the square of the factor (a thin shell, whose wall the slicer keeps) and its cube (solid), and whichever way
 * the layers go.
 *
 * @returns hours, the fewer first
 */
export function hoursAfterScaling(hours: number, factor: number): readonly [number, number] {
  const [shell, solid] = [hours * factor ** 2, hours * factor ** 3];
  return shell <= solid ? [shell, solid] : [solid, shell];
}
