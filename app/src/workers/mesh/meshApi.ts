import type { Buck } from '@zinc-ladder/core/sheet/formSheet';
import { meshBuck } from '@zinc-ladder/core/sheet/formSheet';
import { boxSize } from '@zinc-ladder/core/surface/mesh/facetGeometry';
import type { Groove } from '@zinc-ladder/core/surface/measure/grooves';
import { findGrooves } from '@zinc-ladder/core/surface/measure/grooves';
import type { PrintSetup } from '@zinc-ladder/core/surface/measure/layerRidges';
import type { MeshDrawing } from '@zinc-ladder/core/surface/drawing/meshDrawing';
import { drawMesh } from '@zinc-ladder/core/surface/drawing/meshDrawing';
import type { MeshFormat } from '@zinc-ladder/core/surface/mesh/mesh';
import { MeshFaultError } from '@zinc-ladder/core/surface/mesh/mesh';
import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { dot } from '@zinc-ladder/core/surface/mesh/vector';
import type { DirectionSearch } from '@zinc-ladder/core/surface/measure/printDirection';
import { searchPrintDirection } from '@zinc-ladder/core/surface/measure/printDirection';
import type { RayTree } from '@zinc-ladder/core/surface/mesh/rayTree';
import { buildRayTree } from '@zinc-ladder/core/surface/mesh/rayTree';
import type { OnProgress, Recess } from '@zinc-ladder/core/surface/measure/recess';
import { findRecess } from '@zinc-ladder/core/surface/measure/recess';
import type { MeshSurvey, SurveyedMesh } from '@zinc-ladder/core/surface/measure/surveyMesh';
import { surveyMesh } from '@zinc-ladder/core/surface/measure/surveyMesh';
import { paintCorners } from './heat';
import type { WallThickness } from '@zinc-ladder/core/surface/measure/wallThickness';
import { findWallThickness } from '@zinc-ladder/core/surface/measure/wallThickness';

/** A mesh to be opened. */
export interface MeshAsk {
  readonly id: string;
  readonly format: MeshFormat;
  /** mm a unit of the file is, as printed */
  readonly millimetres: number;
  readonly setup: PrintSetup;
}

/** A mesh as views draw it. */
export interface OpenedMesh {
  readonly kind: 'opened';
  readonly survey: MeshSurvey;
  readonly drawing: MeshDrawing;
  /** the ridges, painted: `paintCorners` */
  readonly colours: Uint8Array<ArrayBuffer>;
}

/** What was cast, painted. */
export interface Painted<Cast> {
  readonly cast: Cast;
  readonly colours: Uint8Array<ArrayBuffer>;
}

/** A place that was pointed at. */
export interface MeshHit {
  readonly facet: number;
  /** mm */
  readonly place: Vector;
}

/** What came of opening a mesh. Errors lose their class on the way out of a worker, so faults travel as data. */
export type OpenOutcome = OpenedMesh | { readonly kind: 'faulty'; readonly message: string };

/** A recess reaches as far as this share of the part's longest side, within some bounds, mm. */
const REACH_SHARE = 0.1;
const REACH = { least: 3, most: 25 } as const;

/** Everything that is asked of meshes, one mesh at a time; lives in a worker. */
export interface MeshApi {
  readonly open: (ask: MeshAsk, bytes: Uint8Array) => OpenOutcome;
  readonly recess: (id: string, onProgress: OnProgress) => Painted<Recess> | null;
  readonly walls: (id: string, thinBelowMillimetres: number, onProgress: OnProgress) => Painted<WallThickness> | null;
  readonly grooves: (id: string) => readonly Groove[] | null;
  /** what a ray meets first */
  readonly hit: (id: string, from: Vector, towards: Vector) => MeshHit | 'nothing' | null;
  /** what a sheet would be drawn over, standing as in its file; `open`: it has holes */
  readonly buck: (id: string) => Buck | 'open' | null;
  readonly directions: (ask: MeshAsk, hidden: Vector | null) => DirectionSearch | null;
}

/** A desk with no mesh on it. What was asked of a mesh that is not on it answers null: it must be opened again. */
export function createMeshApi(): MeshApi {
  let current: { readonly id: string; readonly surveyed: SurveyedMesh; tree: RayTree | null } | null = null;
  const held = (id: string) => (current?.id === id ? current : null);
  const treeOf = (mesh: NonNullable<typeof current>): RayTree => (mesh.tree ??= buildRayTree(mesh.surveyed.mesh));
  return {
    open: ({ id, format, millimetres, setup }, bytes) => {
      try {
        const surveyed = surveyMesh(readMesh(bytes, format, millimetres), setup);
        current = { id, surveyed, tree: null };
        return {
          kind: 'opened',
          survey: surveyed.survey,
          drawing: drawMesh(surveyed.mesh, surveyed.geometry, surveyed.edges),
          colours: paintCorners('ridges', surveyed.survey.ridges.ridges),
        };
      } catch (error) {
        if (error instanceof MeshFaultError) return { kind: 'faulty', message: error.message };
        throw error;
      }
    },
    recess: (id, onProgress) => {
      const mesh = held(id);
      if (!mesh) return null;
      const { geometry } = mesh.surveyed;
      const longest = Math.max(...boxSize(geometry.boundingBox));
      const reach = Math.min(REACH.most, Math.max(REACH.least, REACH_SHARE * longest));
      const cast = findRecess(mesh.surveyed.mesh, geometry, treeOf(mesh), reach, onProgress);
      return { cast, colours: paintCorners('recess', cast.covered) };
    },
    walls: (id, thinBelow, onProgress) => {
      const mesh = held(id);
      if (!mesh) return null;
      const cast = findWallThickness(mesh.surveyed.mesh, mesh.surveyed.geometry, treeOf(mesh), thinBelow, onProgress);
      return { cast, colours: paintCorners('wall', cast.millimetres) };
    },
    grooves: (id) => {
      const mesh = held(id);
      return mesh && findGrooves(mesh.surveyed.mesh, mesh.surveyed.geometry, mesh.surveyed.edges, treeOf(mesh));
    },
    hit: (id, from, towards) => {
      const mesh = held(id);
      if (!mesh) return null;
      const tree = treeOf(mesh);
      const distance = tree.cast(...from, ...towards, Infinity);
      if (distance === Infinity) return 'nothing';
      return {
        facet: tree.lastFacet(),
        place: [from[0] + towards[0] * distance, from[1] + towards[1] * distance, from[2] + towards[2] * distance],
      };
    },
    buck: (id) => {
      const mesh = held(id);
      if (!mesh) return null;
      const buck = meshBuck(mesh.surveyed.geometry);
      return mesh.surveyed.survey.openEdges > 0 || buck.outlineSquareMillimetres <= 0 ? 'open' : buck;
    },
    directions: ({ id, setup }, hidden) => {
      const mesh = held(id);
      if (!mesh) return null;
      const { geometry } = mesh.surveyed;
      return searchPrintDirection(mesh.surveyed.mesh, geometry, setup, hidden && seenWeights(geometry.normals, hidden));
    },
  };
}

/** Faces that look within about 25° of a side nobody sees do not count. */
const HIDDEN_COSINE = 0.9;

function seenWeights(normals: Float32Array, hidden: Vector): Float32Array {
  return Float32Array.from({ length: normals.length / 3 }, (_, facet) => {
    const normal: Vector = [normals[facet * 3] ?? 0, normals[facet * 3 + 1] ?? 0, normals[facet * 3 + 2] ?? 0];
    return dot(normal, hidden) > HIDDEN_COSINE ? 0 : 1;
  });
}
