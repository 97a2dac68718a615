import { strFromU8 } from 'fflate';
import { keepFinite, requireFacets } from './keepFinite';
import type { MeshNotice, ReadMesh } from './mesh';
import { MeshFaultError, MOST_FACETS } from './mesh';
import { weldVertices } from './weldVertices';

/**
 * Reads the vertices and faces of an OBJ file; groups, textures, normals and curves are left aside. Faces of more than three corners are
 * fanned from their first, which is right for the flat convex ones that programs write.
 *
 * @throws MeshFaultError when there is no mesh in it, or a face names a vertex that is not there
 */
export function readObj(bytes: Uint8Array): ReadMesh {
  const text = strFromU8(bytes);
  const vertices: number[] = [];
  const corners: number[] = [];
  let line = 0;
  for (let from = 0; from < text.length;) {
    const end = text.indexOf('\n', from);
    const to = end === -1 ? text.length : end;
    line += 1;
    const kind = text.charCodeAt(from);
    const isWord = text.charCodeAt(from + 1) <= 32;
    if (isWord && kind === 118) readVertex(text.slice(from + 2, to), vertices);
    else if (isWord && kind === 102) readFace(text.slice(from + 2, to), line, vertices, corners);
    else if (line === 1 && text.charCodeAt(0) === 0) throw new MeshFaultError('notAMesh', 'it is no text, so it is no OBJ file');
    if (corners.length > MOST_FACETS * 9) requireFacets(corners.length / 9);
    from = to + 1;
  }
  const facets = corners.length / 9;
  if (facets === 0 && vertices.length === 0) throw new MeshFaultError('notAMesh', 'it has neither vertices nor faces');
  requireFacets(facets);
  const notices: MeshNotice[] = [];
  const kept = keepFinite(Float32Array.from(corners));
  return { mesh: weldVertices(kept.corners), notices: [...notices, ...kept.notices] };
}

function readVertex(words: string, vertices: number[]): void {
  const [x, y, z] = words.trim().split(/\s+/u);
  vertices.push(Number(x), Number(y), Number(z));
}

function readFace(words: string, line: number, vertices: readonly number[], corners: number[]): void {
  const count = vertices.length / 3;
  const places = words
    .trim()
    .split(/\s+/u)
    .map((word) => {
      const said = Number.parseInt(word, 10);
      // Negative ones count back from the last vertex so far.
      const place = said < 0 ? count + said : said - 1;
      if (!(place >= 0 && place < count))
        throw new MeshFaultError('invalid', `line ${line} names vertex ${word.slice(0, 20)}, which is not there`);
      return place;
    });
  const [first] = places;
  if (first === undefined) return;
  for (let at = 1; at + 1 < places.length; at += 1) {
    for (const place of [first, places[at] ?? first, places[at + 1] ?? first])
      corners.push(vertices[place * 3] ?? NaN, vertices[place * 3 + 1] ?? NaN, vertices[place * 3 + 2] ?? NaN);
  }
}
