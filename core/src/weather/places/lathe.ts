import type { Mesh } from '../../surface/mesh/mesh';
import { weldVertices } from '../../surface/mesh/weldVertices';

/** A body turned on a lathe: pairs of radius and height from the foot up; facets outwards. */
export function lathe(profile: readonly (readonly [radius: number, height: number])[], sides: number): Mesh {
  const corners: number[] = [];
  const at = ([radius, height]: readonly [number, number], side: number): number[] => {
    const angle = (2 * Math.PI * side) / sides;
    return [radius * Math.cos(angle), radius * Math.sin(angle), height];
  };
  for (let step = 0; step + 1 < profile.length; step += 1) {
    const [low, high] = [profile[step] as readonly [number, number], profile[step + 1] as readonly [number, number]];
    for (let side = 0; side < sides; side += 1) {
      const next = (side + 1) % sides;
      if (low[0] > 0) corners.push(...at(low, side), ...at(low, next), ...at(high, next));
      if (high[0] > 0) corners.push(...at(low, side), ...at(high, next), ...at(high, side));
    }
  }
  return weldVertices(Float32Array.from(corners));
}
