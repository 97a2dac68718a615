import type { BoundingBox, FacetGeometry } from '../mesh/facetGeometry';
import { boxSize, measureFacets } from '../mesh/facetGeometry';
import type { LayerRidges, PrintSetup } from './layerRidges';
import { findLayerRidges } from './layerRidges';
import type { Mesh, MeshNotice, ReadMesh } from '../mesh/mesh';
import type { MeshEdges, SharpEdges } from '../mesh/meshEdges';
import { findSharpEdges } from '../mesh/meshEdges';
import { closeCracks } from './closeCracks';
import { countTurnedShells } from './turnedShells';
import type { MeshUnitId } from '../mesh/meshUnits';
import { doubtUnit } from '../mesh/meshUnits';

/** Something wrong with a mesh, and what can still be trusted. */
export interface MeshComplaint {
  readonly code: MeshNotice['code'] | 'cracks' | 'open' | 'nonManifold' | 'misoriented' | 'insideOut' | 'shellTurned' | 'degenerate';
  readonly message: string;
}

/** What is known of a mesh without casting a ray. */
export interface MeshSurvey {
  readonly facets: number;
  readonly areaSquareMillimetres: number;
  /** null where holes leave no inside */
  readonly volumeCubicMillimetres: number | null;
  readonly boundingBox: BoundingBox;
  readonly shells: number;
  readonly openEdges: number;
  readonly nonManifoldEdges: number;
  readonly misorientedEdges: number;
  readonly degenerateFacets: number;
  readonly sharp: SharpEdges;
  readonly ridges: LayerRidges;
  readonly complaints: readonly MeshComplaint[];
  /** a unit in which the size would be a usual one, where this one is not */
  readonly doubtedUnit: MeshUnitId | null;
}

/** A mesh with the passes over it that later questions share. */
export interface SurveyedMesh {
  readonly mesh: Mesh;
  readonly geometry: FacetGeometry;
  readonly edges: MeshEdges;
  readonly survey: MeshSurvey;
}

/**
 * Everything that is known of a mesh without casting a ray, for one way of printing it. A broken mesh is measured as far as it goes; what is
 * wrong is said.
 *
 * @throws RangeError for a direction that is none
 */
export function surveyMesh(read: ReadMesh, setup: PrintSetup): SurveyedMesh {
  const { mesh, edges, cracks } = closeCracks(read.mesh);
  const isClosed = edges.openEdges === 0 && edges.nonManifoldEdges === 0 && edges.misorientedEdges === 0;
  const geometry = measureFacets(mesh, isClosed);
  const turned = isClosed ? countTurnedShells(mesh, geometry, edges) : 0;
  const longest = Math.max(...boxSize(geometry.boundingBox));
  return {
    mesh,
    geometry,
    edges,
    survey: {
      facets: mesh.indices.length / 3,
      areaSquareMillimetres: geometry.areaSquareMillimetres,
      volumeCubicMillimetres: isClosed && turned === 0 ? geometry.volumeCubicMillimetres : null,
      boundingBox: geometry.boundingBox,
      shells: edges.shells,
      openEdges: edges.openEdges,
      nonManifoldEdges: edges.nonManifoldEdges,
      misorientedEdges: edges.misorientedEdges,
      degenerateFacets: geometry.degenerateFacets,
      sharp: findSharpEdges(mesh, geometry, edges),
      ridges: findLayerRidges(mesh, geometry, setup),
      complaints: [...read.notices, ...complain(geometry, edges, cracks, turned)],
      doubtedUnit: doubtUnit(longest),
    },
  };
}

function complain(geometry: FacetGeometry, edges: MeshEdges, cracks: number, turned: number): MeshComplaint[] {
  const complaints: MeshComplaint[] = [];
  if (cracks > 0)
    complaints.push({
      code: 'cracks',
      message: `${cracks} corners that lay less than a micrometre apart were brought together. Nothing is lost by that.`,
    });
  if (edges.openEdges > 0)
    complaints.push({
      code: 'open',
      message: `${edges.openEdges} open edges, ${edges.openLengthMillimetres.toFixed(1)} mm long: the skin has holes. Area and ridges hold, volume and walls do not.`,
    });
  if (edges.nonManifoldEdges > 0)
    complaints.push({
      code: 'nonManifold',
      message: `${edges.nonManifoldEdges} edges are shared by more than two facets: sheets meet there. Area and ridges hold, volume does not.`,
    });
  if (edges.misorientedEdges > 0)
    complaints.push({
      code: 'misoriented',
      message: `At ${edges.misorientedEdges} edges the facets disagree which side is out. Area holds; zones that face up and down may be swapped.`,
    });
  if (turned > 0)
    complaints.push({
      code: 'shellTurned',
      message: `${turned} of its closed skins ${turned === 1 ? 'faces' : 'face'} the wrong way: a hollow counted as solid, or a body as a hollow. Area and ridges hold, volume does not.`,
    });
  if (geometry.isInsideOut) complaints.push({ code: 'insideOut', message: 'All facets look inwards; they were turned round.' });
  if (geometry.degenerateFacets > 0)
    complaints.push({
      code: 'degenerate',
      message: `${geometry.degenerateFacets} facets have no area and were left aside. Nothing is lost by that.`,
    });
  return complaints;
}
