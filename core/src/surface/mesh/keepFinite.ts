import type { MeshNotice } from './mesh';
import { MeshFaultError, MOST_FACETS } from './mesh';

/** Farther out than this, mm, no part was ever printed, and areas and volumes would no longer be numbers. */
export const FARTHEST_MILLIMETRES = 1e7;

/** Whether a coordinate can be reckoned with. */
function isNear(value: number): boolean {
  return Math.abs(value) <= FARTHEST_MILLIMETRES;
}

/** Facets whose nine numbers are numbers, and a notice for the rest. Nothing is copied where nothing is wrong. */
export function keepFinite(corners: Float32Array): { readonly corners: Float32Array; readonly notices: readonly MeshNotice[] } {
  if (corners.every(isNear)) return { corners, notices: [] };
  const kept = new Float32Array(corners.length);
  let length = 0;
  for (let at = 0; at + 8 < corners.length; at += 9) {
    const facet = corners.subarray(at, at + 9);
    if (!facet.every(isNear)) continue;
    kept.set(facet, length);
    length += 9;
  }
  const dropped = (corners.length - length) / 9;
  if (length === 0) throw new MeshFaultError('invalid', 'none of its facets has corners at numbers within 10 km');
  return {
    corners: kept.slice(0, length),
    notices: [{ code: 'dropped', message: `${dropped} facets whose corners are no numbers, or farther out than 10 km, were left out` }],
  };
}

/**
 * Bounds the facets a file may have.
 *
 * @throws MeshFaultError `empty` or `tooLarge`
 */
export function requireFacets(facets: number): void {
  if (facets === 0) throw new MeshFaultError('empty', 'it holds no facet');
  if (facets > MOST_FACETS) throw new MeshFaultError('tooLarge', `it holds ${facets} facets; ${MOST_FACETS} can be taken`);
}
