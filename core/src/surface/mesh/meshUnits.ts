/** Units a mesh file may be in; STL and OBJ do not say which. */
export const MESH_UNITS = [
  { id: 'mm', name: 'millimetres', millimetres: 1 },
  { id: 'cm', name: 'centimetres', millimetres: 10 },
  { id: 'in', name: 'inches', millimetres: 25.4 },
  { id: 'm', name: 'metres', millimetres: 1000 },
] as const;

/** A unit of length of a mesh file. */
export type MeshUnitId = (typeof MESH_UNITS)[number]['id'];

/** A printed part of a prop is rarely smaller or larger than this, mm (guessed). */
const USUAL_MILLIMETRES = { least: 8, most: 1200 } as const;

/**
 * The unit a mesh is probably in when its size in millimetres would be odd; null when the size is one that is printed.
 *
 * @param longest longest side as read, mm
 */
export function doubtUnit(longest: number): MeshUnitId | null {
  if (longest >= USUAL_MILLIMETRES.least && longest <= USUAL_MILLIMETRES.most) return null;
  const fitting = MESH_UNITS.filter(({ millimetres }) => {
    const size = longest * millimetres;
    return millimetres !== 1 && size >= USUAL_MILLIMETRES.least && size <= USUAL_MILLIMETRES.most;
  });
  return fitting.find((unit) => unit.id === 'in')?.id ?? fitting[0]?.id ?? null;
}
