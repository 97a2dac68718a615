import { STENCIL_PIXELS, openAt } from '../../stencil/stencilPicture';
import type { StencilPicture } from '../../stencil/stencilPicture';
import type { Mesh } from '../../surface/mesh/mesh';
import type { Vector } from '../../surface/mesh/vector';
import { cross, dot, unit } from '../../surface/mesh/vector';
import { nearestFacet } from '../places/nearestFacet';

/** A stencil that a region is sprayed through. */
export interface RegionStencil {
  readonly picture: StencilPicture;
  /** turned clockwise as the finisher sees it, degrees */
  readonly turnDegrees: number;
}

/** A stencil as it lies on a part: flat against the face it was laid on. */
export interface LaidStencil {
  readonly picture: StencilPicture;
  /** the stencil's middle, mm */
  readonly middle: Vector;
  /** units, as it is looked at from outside: to its right, to its top, towards the eye */
  readonly right: Vector;
  readonly upright: Vector;
  readonly towards: Vector;
}

/** A stencil lies to the way up no nearer than so, as a cosine, before its top is taken from another axis. */
const FLAT = 0.99;

/**
 * Lays a stencil on the face nearest to a place, its top towards the way up; on a face that itself looks up or down its top is the mesh's y axis, as one
 * reads a plate that lies before one.
 *
 * @param up unit
 * @returns null for a mesh without a face
 */
export function layStencil(
  mesh: Mesh,
  { place, stencil }: { readonly place: Vector; readonly stencil: RegionStencil },
  up: Vector,
): LaidStencil | null {
  const facet = nearestFacet(mesh, place);
  if (facet < 0) return null;
  const towards = facingOf(mesh, facet);
  const top: Vector = Math.abs(dot(towards, up)) < FLAT ? up : Math.abs(towards[1]) < FLAT ? [0, 1, 0] : [0, 0, 1];
  const level = unit(cross(top, towards));
  const standing = cross(towards, level);
  const angle = (stencil.turnDegrees * Math.PI) / 180;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const mixed = (a: number, b: number): Vector => [
    a * level[0] + b * standing[0],
    a * level[1] + b * standing[1],
    a * level[2] + b * standing[2],
  ];
  return { picture: stencil.picture, middle: place, right: mixed(c, -s), upright: mixed(s, c), towards };
}

/** Whether a place lies where the stencil is open. The back of a part is not sprayed through it. */
export function isOpenAt({ picture, middle, right, upright, towards }: LaidStencil, place: Vector, normal: Vector): boolean {
  if (dot(normal, towards) <= 0) return false;
  const away: Vector = [place[0] - middle[0], place[1] - middle[1], place[2] - middle[2]];
  return openAt(picture, dot(away, right), dot(away, upright)) >= 0.5;
}

/** The finest line that is told of a stencil, mm. */
export function finestOf({ spanMillimetres }: StencilPicture): number {
  return spanMillimetres / STENCIL_PIXELS;
}

function facingOf({ positions, indices }: Mesh, facet: number): Vector {
  const corner = (at: number): Vector => {
    const vertex = (indices[facet * 3 + at] as number) * 3;
    return [positions[vertex] as number, positions[vertex + 1] as number, positions[vertex + 2] as number];
  };
  const [a, b, c] = [corner(0), corner(1), corner(2)];
  const normal = cross([b[0] - a[0], b[1] - a[1], b[2] - a[2]], [c[0] - a[0], c[1] - a[1], c[2] - a[2]]);
  // A sliver looks nowhere: the stencil is laid as on a plate that lies.
  return Math.hypot(...normal) > 0 ? unit(normal) : [0, 0, 1];
}
