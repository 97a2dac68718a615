import type { Mesh } from '../../surface/mesh/mesh';
import type { Vector } from '../../surface/mesh/vector';
import { dot } from '../../surface/mesh/vector';

/**
 * The facet of a mesh that lies nearest to a place; the first of those that lie equally near. Of each facet the point nearest to the place is found
 * by where the place lies to its corners and edges (C. Ericson, "Real-Time Collision Detection", 2005, 5.1.5; from memory).
 *
 * @param place mm
 * @returns index of the facet; −1 for a mesh without any
 */
export function nearestFacet({ positions, indices }: Mesh, place: Vector): number {
  const cornerAt = (at: number): Vector => {
    const vertex = (indices[at] as number) * 3;
    return [positions[vertex] as number, positions[vertex + 1] as number, positions[vertex + 2] as number];
  };
  let nearest = -1;
  let least = Infinity;
  for (let facet = 0; facet * 3 < indices.length; facet += 1) {
    // Most facets are further off than the best by their box alone.
    if (squareToBox(facet) >= least) continue;
    const square = squareToFacet(place, cornerAt(facet * 3), cornerAt(facet * 3 + 1), cornerAt(facet * 3 + 2));
    if (square >= least) continue;
    least = square;
    nearest = facet;
  }
  return nearest;

  function squareToBox(facet: number): number {
    const a = (indices[facet * 3] as number) * 3;
    const b = (indices[facet * 3 + 1] as number) * 3;
    const c = (indices[facet * 3 + 2] as number) * 3;
    let square = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const [p, q, r] = [positions[a + axis] as number, positions[b + axis] as number, positions[c + axis] as number];
      const beside = Math.max(0, Math.min(p, q, r) - (place[axis] as number), (place[axis] as number) - Math.max(p, q, r));
      square += beside * beside;
    }
    return square;
  }
}

/** The square of the distance from a place to a facet, mm². */
export function squareToFacet(place: Vector, a: Vector, b: Vector, c: Vector): number {
  const ab = minus(b, a);
  const ac = minus(c, a);
  const ap = minus(place, a);
  const d1 = dot(ab, ap);
  const d2 = dot(ac, ap);
  if (d1 <= 0 && d2 <= 0) return dot(ap, ap);
  const bp = minus(place, b);
  const d3 = dot(ab, bp);
  const d4 = dot(ac, bp);
  if (d3 >= 0 && d4 <= d3) return dot(bp, bp);
  const besideAb = d1 * d4 - d3 * d2;
  if (besideAb <= 0 && d1 >= 0 && d3 <= 0) return squareAlong(ap, ab, d1 / (d1 - d3));
  const cp = minus(place, c);
  const d5 = dot(ab, cp);
  const d6 = dot(ac, cp);
  if (d6 >= 0 && d5 <= d6) return dot(cp, cp);
  const besideAc = d5 * d2 - d1 * d6;
  if (besideAc <= 0 && d2 >= 0 && d6 <= 0) return squareAlong(ap, ac, d2 / (d2 - d6));
  const besideBc = d3 * d6 - d5 * d4;
  if (besideBc <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) return squareAlong(bp, minus(c, b), (d4 - d3) / (d4 - d3 + (d5 - d6)));
  const whole = besideAb + besideAc + besideBc;
  const [v, w] = [besideAc / whole, besideAb / whole];
  const away: Vector = [ap[0] - v * ab[0] - w * ac[0], ap[1] - v * ab[1] - w * ac[1], ap[2] - v * ab[2] - w * ac[2]];
  return dot(away, away);
}

function squareAlong(from: Vector, way: Vector, share: number): number {
  const away: Vector = [from[0] - share * way[0], from[1] - share * way[1], from[2] - share * way[2]];
  return dot(away, away);
}

function minus(a: Vector, b: Vector): Vector {
  return [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
}
