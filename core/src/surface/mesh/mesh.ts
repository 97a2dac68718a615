/** A triangle mesh, millimetres. Facets that shared a corner in the file share its vertex. */
export interface Mesh {
  /** x, y, z of each vertex, mm; length 3 × vertices */
  readonly positions: Float32Array;
  /** three vertices of each facet, counter-clockwise from outside; length 3 × facets */
  readonly indices: Uint32Array;
}

/** Kinds of mesh files that are read. */
export type MeshFormat = 'stl' | 'obj' | '3mf';

/** Something about a mesh file that a finisher should know, though what could be read was read. */
export interface MeshNotice {
  readonly code: 'endsEarly' | 'dropped' | 'extraBytes' | 'unitInFile' | 'skippedObject';
  readonly message: string;
}

/** A mesh with what was noticed while it was read. */
export interface ReadMesh {
  readonly mesh: Mesh;
  readonly notices: readonly MeshNotice[];
}

/** Why a file gives no mesh at all. */
export class MeshFaultError extends Error {
  override readonly name = 'MeshFaultError';

  constructor(
    readonly code: 'empty' | 'notAMesh' | 'tooLarge' | 'invalid',
    message: string,
  ) {
    super(message);
  }
}

/** More facets than this are refused: the arrays of one mesh would not fit beside each other in a browser. */
export const MOST_FACETS = 8_000_000;
