import type { CombinedLength } from './combineLengths';
import { combineLengths } from './combineLengths';
import { HALF_90 } from '../number/half90';

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

/** A part's measures, as far as they are known: mm and hours. */
export interface ScaledMeasures {
  readonly sizeMillimetres: readonly number[] | null;
  readonly engravingMillimetres: number | null;
  /** fewest and most */
  readonly hours: readonly [number, number] | null;
}

/** A part's measures once it is scaled: every length with the factor, hours as `hoursAfterScaling` has them. */
export function measuresAfterScaling(
  sizeMillimetres: readonly number[] | null,
  engravingMillimetres: number | null,
  hours: number | null,
  factor: number,
): ScaledMeasures {
  return {
    sizeMillimetres: sizeMillimetres?.map((side) => side * factor) ?? null,
    engravingMillimetres: engravingMillimetres === null ? null : engravingMillimetres * factor,
    hours: hours === null ? null : hoursAfterScaling(hours, factor),
  };
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
