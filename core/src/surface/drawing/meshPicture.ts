import type { Mesh } from '../mesh/mesh';
import type { Vector } from '../mesh/vector';
import { cross, dot, squareTo, unit } from '../mesh/vector';

/** A small grey picture of a mesh. */
export interface MeshPicture {
  readonly pixels: number;
  /** row by row from the top, pixels × pixels; 0: nothing there, else 1 (dark) … 255 (lit) */
  readonly light: Uint8Array<ArrayBuffer>;
}

/** Where it is looked at from: a little from the right and above, as parts are photographed (taste). */
const RIGHT_OF_FRONT = 0.6;
const ABOVE = 0.45;
/** Light falls from the upper left; in shade a quarter is left so that shapes stay readable (taste). */
const LIGHT: Vector = [-0.5, 0.65, 0.57];
const AMBIENT = 0.25;
const MARGIN = 0.06;

/**
 * A mesh drawn small, all of it in the frame, without perspective: for recognising a part, not for judging it. Facets are lit by their own direction and
 * hidden ones hidden by depth, so meshes that are not closed are drawn too.
 *
 * @param up the way up, in the file's axes
 * @param pixels side of the picture, 8 … 1024
 * @throws RangeError for another side
 */
export function drawMeshPicture({ positions, indices }: Mesh, up: Vector, pixels: number): MeshPicture {
  if (!(Number.isInteger(pixels) && pixels >= 8 && pixels <= 1024)) throw new RangeError(`pixels must be 8 to 1024, got ${pixels}`);
  const light = new Uint8Array(pixels * pixels);
  const [right, above, towards] = frameOf(up);
  const seen = new Float32Array(positions.length);
  const least = [Infinity, Infinity];
  const most = [-Infinity, -Infinity];
  for (let at = 0; at < positions.length; at += 3) {
    const place: Vector = [positions[at] as number, positions[at + 1] as number, positions[at + 2] as number];
    const x = dot(place, right);
    const y = dot(place, above);
    seen[at] = x;
    seen[at + 1] = y;
    seen[at + 2] = dot(place, towards);
    least[0] = Math.min(least[0] as number, x);
    least[1] = Math.min(least[1] as number, y);
    most[0] = Math.max(most[0] as number, x);
    most[1] = Math.max(most[1] as number, y);
  }
  const size = Math.max((most[0] as number) - (least[0] as number), (most[1] as number) - (least[1] as number));
  if (!(size > 0 && Number.isFinite(size))) return { pixels, light };
  const scale = (pixels * (1 - 2 * MARGIN)) / size;
  const middle = [((least[0] as number) + (most[0] as number)) / 2, ((least[1] as number) + (most[1] as number)) / 2] as const;
  for (let at = 0; at < seen.length; at += 3) {
    seen[at] = pixels / 2 + ((seen[at] as number) - middle[0]) * scale;
    seen[at + 1] = pixels / 2 - ((seen[at + 1] as number) - middle[1]) * scale;
    seen[at + 2] = (seen[at + 2] as number) * scale;
  }
  const depth = new Float32Array(pixels * pixels).fill(-Infinity);
  for (let at = 0; at < indices.length; at += 3)
    drawFacet(seen, (indices[at] as number) * 3, (indices[at + 1] as number) * 3, (indices[at + 2] as number) * 3, pixels, depth, light);
  return { pixels, light };
}

/** Right, above and towards the eye, each of length 1, in the file's axes. */
function frameOf(up: Vector): readonly [Vector, Vector, Vector] {
  const upward = unit(up);
  const [right, front] = squareTo(upward);
  const along = (axis: 0 | 1 | 2): number => front[axis] + RIGHT_OF_FRONT * right[axis] + ABOVE * upward[axis];
  const towards = unit([along(0), along(1), along(2)]);
  const sideways = unit(cross(upward, towards));
  return [sideways, cross(towards, sideways), towards];
}

function drawFacet(seen: Float32Array, a: number, b: number, c: number, pixels: number, depth: Float32Array, light: Uint8Array): void {
  const [ax, ay, az] = [seen[a] as number, seen[a + 1] as number, seen[a + 2] as number];
  const [bx, by, bz] = [seen[b] as number, seen[b + 1] as number, seen[b + 2] as number];
  const [cx, cy, cz] = [seen[c] as number, seen[c + 1] as number, seen[c + 2] as number];
  const twice = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
  if (Math.abs(twice) < 1e-9) return;
  const shade = shadeOf([ax, ay, az], [bx, by, bz], [cx, cy, cz]);
  const put = (x: number, y: number, z: number): void => {
    const at = y * pixels + x;
    if (z <= (depth[at] as number)) return;
    depth[at] = z;
    light[at] = shade;
  };
  let isHit = false;
  const lastX = Math.min(pixels - 1, Math.floor(Math.max(ax, bx, cx)));
  const lastY = Math.min(pixels - 1, Math.floor(Math.max(ay, by, cy)));
  for (let y = Math.max(0, Math.floor(Math.min(ay, by, cy))); y <= lastY; y += 1)
    for (let x = Math.max(0, Math.floor(Math.min(ax, bx, cx))); x <= lastX; x += 1) {
      const px = x + 0.5;
      const py = y + 0.5;
      const wb = ((px - ax) * (cy - ay) - (cx - ax) * (py - ay)) / twice;
      const wc = ((bx - ax) * (py - ay) - (px - ax) * (by - ay)) / twice;
      if (wb < 0 || wc < 0 || wb + wc > 1) continue;
      isHit = true;
      put(x, y, az + wb * (bz - az) + wc * (cz - az));
    }
  if (isHit) return;
  // Thinner than a pixel: its sides are drawn, so that wires and edges seen end on are not lost.
  const corners = [
    [ax, ay, az],
    [bx, by, bz],
    [cx, cy, cz],
  ] as const;
  corners.forEach(([fromX, fromY, fromZ], at) => {
    const [toX, toY, toZ] = corners[(at + 1) % 3] as readonly [number, number, number];
    const steps = Math.max(1, Math.ceil(Math.hypot(toX - fromX, toY - fromY)));
    for (let step = 0; step <= steps; step += 1) {
      const share = step / steps;
      put(Math.floor(fromX + share * (toX - fromX)), Math.floor(fromY + share * (toY - fromY)), fromZ + share * (toZ - fromZ));
    }
  });
}

/** Light of a facet, 1 … 255, by its direction, which is taken as facing the eye. */
function shadeOf(a: Vector, b: Vector, c: Vector): number {
  // Rows count downwards.
  const one: Vector = [b[0] - a[0], a[1] - b[1], b[2] - a[2]];
  const other: Vector = [c[0] - a[0], a[1] - c[1], c[2] - a[2]];
  const facing = unit(cross(one, other));
  const lit = Math.max(0, dot(facing, unit(LIGHT)) * Math.sign(facing[2] || 1));
  return Math.max(1, Math.round(255 * (AMBIENT + (1 - AMBIENT) * lit)));
}
