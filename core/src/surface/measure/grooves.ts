import type { FacetGeometry } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { MeshEdges } from '../mesh/meshEdges';
import type { Vector } from '../mesh/vector';
import { dot, squareTo, unit } from '../mesh/vector';
import type { RayTree } from '../mesh/rayTree';

/** A narrow groove: an engraved line or a panel gap that films may bury. */
export interface Groove {
  readonly widthMillimetres: number;
  readonly depthMillimetres: number;
  readonly lengthMillimetres: number;
  /** a facet of one of its walls, to show where it is */
  readonly facet: number;
}

/** Wider than this is no groove that paint closes, mm. */
const WIDEST = 4;
/** Walls look at each other: cosine of their normals below this (within 37°). */
const FACING = -0.8;
/** Directions asked around a groove, square to its walls. */
const AROUND = 24;
/** Grooves of a shorter wall are noise of the mesh, mm². */
const LEAST_WALL = 0.2;

interface WallFinding {
  readonly facet: number;
  readonly other: number;
  readonly width: number;
  readonly depth: number;
}

/**
 * Narrow grooves. A groove's wall looks across air at another wall less than 4 mm away; from the middle between them the floor is the nearest
 * thing met square to the walls with open air on the other side. Walls that touch or look at each other are one groove; its length is the area
 * of its walls over their depth.
 */
export function findGrooves(mesh: Mesh, geometry: FacetGeometry, edges: MeshEdges, tree: RayTree): Groove[] {
  const findings: WallFinding[] = [];
  for (let facet = 0; facet < geometry.areas.length; facet += 1) {
    const found = askWall(facet, mesh, geometry, tree);
    if (found) findings.push(found);
  }
  return groupWalls(findings, geometry, edges).sort((a, b) => a.widthMillimetres - b.widthMillimetres);
}

function askWall(facet: number, mesh: Mesh, geometry: FacetGeometry, tree: RayTree): WallFinding | null {
  if ((geometry.areas[facet] ?? 0) === 0) return null;
  const normal = vectorAt(geometry.normals, facet);
  const [x, y, z] = middleOf(mesh, facet);
  const off = 1e-3;
  const width = tree.cast(x + normal[0] * off, y + normal[1] * off, z + normal[2] * off, ...normal, WIDEST) + off;
  const other = tree.lastFacet();
  if (!(width < WIDEST) || other < 0) return null;
  const across = vectorAt(geometry.normals, other);
  if (dot(normal, across) > FACING) return null;
  const between: Vector = [x + (normal[0] * width) / 2, y + (normal[1] * width) / 2, z + (normal[2] * width) / 2];
  const depth = depthBetween(between, normal, width, geometry.normals, tree);
  return depth === null ? null : { facet, other, width, depth };
}

/** Depth of the groove at a point between its walls; null where it has no floor (a slot) or no opening (a closed hollow). */
function depthBetween(between: Vector, normal: Vector, width: number, normals: Float32Array, tree: RayTree): number | null {
  const [first, second] = squareTo(normal);
  const far = WIDEST * 3;
  let floor = Infinity;
  let floorFacet = -1;
  for (let step = 0; step < AROUND; step += 1) {
    const angle = (2 * Math.PI * step) / AROUND;
    const [u, v] = [Math.cos(angle), Math.sin(angle)];
    const down: Vector = [u * first[0] + v * second[0], u * first[1] + v * second[1], u * first[2] + v * second[2]];
    const distance = tree.cast(...between, ...down, far);
    const facet = tree.lastFacet();
    if (distance >= floor || tree.isMet(...between, ...opposite(down), far)) continue;
    floor = distance;
    floorFacet = facet;
  }
  if (floorFacet < 0) return null;
  // Straight out from the floor itself: a slanted look past the end of a slot would take that end for a floor.
  const out = vectorAt(normals, floorFacet);
  const square = dot(out, normal);
  const flat: Vector = [out[0] - square * normal[0], out[1] - square * normal[1], out[2] - square * normal[2]];
  if (Math.hypot(...flat) < 0.5) return null;
  const up = unit(flat);
  const straight = tree.cast(...between, ...opposite(up), far);
  if (straight === Infinity || tree.isMet(...between, ...up, far)) return null;
  return straight + wallsEnd(between, up, normal, width, tree);
}

/** How far out both walls still stand beside, mm. */
function wallsEnd(between: Vector, up: Vector, normal: Vector, width: number, tree: RayTree): number {
  const step = width / 24;
  for (let out = 0; out < WIDEST * 2; out += step) {
    const [x, y, z] = [between[0] + up[0] * out, between[1] + up[1] * out, between[2] + up[2] * out];
    if (!tree.isMet(x, y, z, ...normal, width) || !tree.isMet(x, y, z, ...opposite(normal), width)) return Math.max(0, out - step / 2);
  }
  return WIDEST * 2;
}

function opposite([x, y, z]: Vector): Vector {
  return [-x, -y, -z];
}

function groupWalls(findings: readonly WallFinding[], geometry: FacetGeometry, edges: MeshEdges): Groove[] {
  const groups = new Map(findings.map((finding) => [finding.facet, finding.facet]));
  const rootOf = (facet: number): number => {
    let at = facet;
    for (let up = groups.get(at) ?? at; up !== at; up = groups.get(at) ?? at) at = up;
    return at;
  };
  const unite = (a: number, b: number): void => {
    if (!groups.has(a) || !groups.has(b)) return;
    const [rootA, rootB] = [rootOf(a), rootOf(b)];
    if (rootA !== rootB) groups.set(Math.max(rootA, rootB), Math.min(rootA, rootB));
  };
  for (const { facet, other } of findings) unite(facet, other);
  for (let pair = 0; pair < edges.pairs.length; pair += 2) unite(edges.pairs[pair] ?? -1, edges.pairs[pair + 1] ?? -1);
  const members = new Map<number, WallFinding[]>();
  for (const finding of findings) {
    const root = rootOf(finding.facet);
    members.set(root, [...(members.get(root) ?? []), finding]);
  }
  return [...members.values()].flatMap((walls) => {
    const areaOf = (wall: WallFinding): number => geometry.areas[wall.facet] ?? 0;
    const area = walls.reduce((sum, wall) => sum + areaOf(wall), 0);
    const mean = (value: (wall: WallFinding) => number): number => walls.reduce((sum, wall) => sum + areaOf(wall) * value(wall), 0) / area;
    const [first] = walls;
    if (!first || area < LEAST_WALL) return [];
    const depthMillimetres = mean((wall) => wall.depth);
    return [
      {
        widthMillimetres: mean((wall) => wall.width),
        depthMillimetres,
        lengthMillimetres: area / 2 / depthMillimetres,
        facet: first.facet,
      },
    ];
  });
}

function vectorAt(normals: Float32Array, facet: number): Vector {
  return [normals[facet * 3] ?? 0, normals[facet * 3 + 1] ?? 0, normals[facet * 3 + 2] ?? 0];
}

function middleOf({ positions, indices }: Mesh, facet: number): Vector {
  const [a, b, c] = [0, 1, 2].map((corner) => (indices[facet * 3 + corner] ?? 0) * 3) as [number, number, number];
  const mean = (axis: number): number => ((positions[a + axis] ?? 0) + (positions[b + axis] ?? 0) + (positions[c + axis] ?? 0)) / 3;
  return [mean(0), mean(1), mean(2)];
}
