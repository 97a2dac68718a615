/** Breadth of one arc minute at a metre, mm: what the sharp eye just resolves (Snellen 1862: 20/20 is one minute a stroke). */
export const ARC_MINUTE_MILLIMETRES = (Math.PI / 180 / 60) * 1000;

const PLACES = 8;
const PLACES_BESIDE_MARKS = 16;
const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));

/**
 * Places within the disc that the eye sees as one spot, evenly over its area, mm from its middle.
 *
 * @param distanceMetres between eye and prop; 0 looks through a glass: one place
 * @param sizeMillimetres breadth of the marks; where the disc is wider more places are taken
 */
export function eyeDisc(distanceMetres: number, sizeMillimetres: number): readonly (readonly [number, number])[] {
  const breadth = distanceMetres * ARC_MINUTE_MILLIMETRES;
  if (!(breadth > 0)) return [[0, 0]];
  const places = breadth > sizeMillimetres ? PLACES_BESIDE_MARKS : PLACES;
  return Array.from({ length: places }, (_, place) => {
    const radius = (breadth / 2) * Math.sqrt((place + 0.5) / places);
    const angle = place * GOLDEN_ANGLE;
    return [radius * Math.cos(angle), radius * Math.sin(angle)] as const;
  });
}
