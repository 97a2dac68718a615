/** Twelve numbers of an affine map as 3MF writes them: three rows of a 3 × 3 matrix, then the shift; points are rows, `p · M`. */
export type Affine = readonly number[];

/** Leaves every point where it is. */
export const IDENTITY: Affine = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];

/**
 * A map from its text.
 *
 * @returns null when it is not twelve numbers
 */
export function readAffine(text: string | undefined): Affine | null {
  if (text === undefined) return IDENTITY;
  const numbers = text.trim().split(/\s+/u).map(Number);
  return numbers.length === 12 && numbers.every((value) => Number.isFinite(value)) ? numbers : null;
}

/** A point through a map. */
export function applyAffine(map: Affine, x: number, y: number, z: number): readonly [number, number, number] {
  const at = (place: number): number => map[place] ?? 0;
  return [
    x * at(0) + y * at(3) + z * at(6) + at(9),
    x * at(1) + y * at(4) + z * at(7) + at(10),
    x * at(2) + y * at(5) + z * at(8) + at(11),
  ];
}

/** First `inner`, then `outer`. */
export function combineAffine(inner: Affine, outer: Affine): Affine {
  const rows = [0, 3, 6].map((row) => {
    const [x = 0, y = 0, z = 0] = inner.slice(row, row + 3);
    const [px, py, pz] = applyAffine(outer, x, y, z);
    return [px - (outer[9] ?? 0), py - (outer[10] ?? 0), pz - (outer[11] ?? 0)];
  });
  return [...rows.flat(), ...applyAffine(outer, inner[9] ?? 0, inner[10] ?? 0, inner[11] ?? 0)];
}

/** Whether a map turns outside to inside. */
export function isMirroring(map: Affine): boolean {
  const at = (place: number): number => map[place] ?? 0;
  const determinant =
    at(0) * (at(4) * at(8) - at(5) * at(7)) - at(1) * (at(3) * at(8) - at(5) * at(6)) + at(2) * (at(3) * at(7) - at(4) * at(6));
  return determinant < 0;
}
