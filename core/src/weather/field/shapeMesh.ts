import { BoxGeometry, CylinderGeometry, SphereGeometry } from 'three';
import type { BufferGeometry } from 'three';
import type { Mesh } from '../../surface/mesh/mesh';
import { weldVertices } from '../../surface/mesh/weldVertices';
import type { PartSize, ShapeId } from '../../surface/shapes';

const ROUND = 96;

/**
 * A stand-in for a part that has no mesh: its shape, as large as it was printed, standing on z. It has no grooves and no fittings, so what gathers in
 * recesses is underrated on it.
 *
 * @throws RangeError for a side that is not above 0
 */
export function shapeMesh(shape: ShapeId, [length, breadth, height]: PartSize): Mesh {
  if (![length, breadth, height].every((side) => side > 0 && Number.isFinite(side))) throw new RangeError('sides must be above 0');
  const made = geometryOf(shape);
  made.scale(length, breadth, height);
  made.translate(0, 0, height / 2);
  const loose = made.index ? made.toNonIndexed() : made;
  return weldVertices(Float32Array.from(loose.getAttribute('position').array));
}

/** Each within a box of side 1 round the middle. */
function geometryOf(shape: ShapeId): BufferGeometry {
  switch (shape) {
    case 'box':
    case 'plate':
      return new BoxGeometry(1, 1, 1);
    case 'cylinder':
      return new CylinderGeometry(0.5, 0.5, 1, ROUND).rotateX(Math.PI / 2);
    case 'ball':
    case 'organic':
      return new SphereGeometry(0.5, ROUND, ROUND / 2);
    case 'dome':
      return domeGeometry();
  }
}

/** Half a ball on its flat foot. */
function domeGeometry(): BufferGeometry {
  const cap = new SphereGeometry(0.5, ROUND, ROUND / 4, 0, 2 * Math.PI, 0, Math.PI / 2).rotateX(Math.PI / 2);
  cap.scale(1, 1, 2);
  return cap.translate(0, 0, -0.5);
}
