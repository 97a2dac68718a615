import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import { MESH_ADDED_IN_3 } from '@zinc-ladder/model/file/migrations';
import { weldVertices } from '@zinc-ladder/core/surface/mesh/weldVertices';
import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import type { Facet } from './solids';
import { archSection, latheSolid, pulledSolid } from './solids';

/** A profile drawn larger or smaller, so that its solid has the surface its part is said to have. */
function scaled(factor: number, profile: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  return profile.map(([radius, z]) => [radius * factor, z * factor]);
}

const SOLIDS: readonly (readonly [partId: string, name: string, facets: Facet[]])[] = [
  [
    'lantern-tank',
    'tank',
    latheSolid(
      scaled(1.443, [
        [34, 0],
        [40, 3],
        [40, 6],
        [38.6, 6.6],
        [38.6, 7.2],
        [40, 7.8],
        [41, 26],
        [38, 40],
        [30, 47],
        [16, 50],
      ]),
    ),
  ],
  [
    'lantern-base',
    'base',
    latheSolid(
      scaled(1.27, [
        [44, 0],
        [44, 5],
        [42, 7],
        [42, 9],
        [36, 14],
        [34, 22],
      ]),
    ),
  ],
  [
    'lantern-cap',
    'cap',
    latheSolid(
      scaled(1.288, [
        [38, 0],
        [38, 3],
        [34, 5],
        [30, 14],
        [18, 22],
        [12, 23],
        [12, 30],
        [15, 31],
        [15, 34],
      ]),
    ),
  ],
  [
    'telegraph-case',
    'case',
    pulledSolid(
      archSection(190, 120, [
        { z: 24, width: 1.2, depth: 0.6 },
        { z: 60, width: 0.6, depth: 0.4 },
        { z: 96, width: 1.2, depth: 0.6 },
      ]),
      125,
      10,
    ),
  ],
  [
    'telegraph-face',
    'face',
    latheSolid(
      scaled(0.7134, [
        [76, 0],
        [76, 2],
        [74, 3],
      ]),
    ),
  ],
];

/** The meshes of the demo with their bytes: lathe and box solids with engraved grooves. */
export function makeDemoMeshes(): { readonly references: MeshReference[]; readonly bytes: Map<string, Uint8Array> } {
  const bytes = new Map<string, Uint8Array>();
  const references = SOLIDS.map(([partId, name, facets]): MeshReference => {
    const id = `mesh-${partId}`;
    const file = writeStl(weldVertices(Float32Array.from(facets.flat(2))), `Zinc Ladder demo: ${name}`);
    bytes.set(id, file);
    return {
      id,
      revision: 0,
      partId,
      name: `${name}.stl`,
      format: 'stl',
      byteLength: file.length,
      note: '',
      ...MESH_ADDED_IN_3,
      up: [0, 0, 1],
    };
  });
  return { references, bytes };
}
