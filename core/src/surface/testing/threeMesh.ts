import type { BufferGeometry } from 'three';
import type { Mesh } from '../mesh/mesh';
import { weldVertices } from '../mesh/weldVertices';

/** A geometry of three's own making as a mesh: an independent source of solids for the tests. */
export function meshOf(geometry: BufferGeometry): Mesh {
  const loose = geometry.index ? geometry.toNonIndexed() : geometry;
  return weldVertices(Float32Array.from(loose.getAttribute('position').array));
}
