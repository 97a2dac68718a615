import { strFromU8 } from 'fflate';
import { keepFinite, requireFacets } from './keepFinite';
import type { MeshNotice, ReadMesh } from './mesh';
import { MeshFaultError } from './mesh';
import { weldVertices } from './weldVertices';

const HEADER = 84;
const FACET = 50;

/**
 * Reads an STL file, binary or ASCII. The normals in it are not trusted: the order of the corners says which side is out. A file that ends
 * early gives its whole facets and says so.
 *
 * @throws MeshFaultError when there is no mesh in it
 */
export function readStl(bytes: Uint8Array): ReadMesh {
  if (isBinary(bytes)) return readBinary(bytes);
  return readAscii(bytes);
}

/** Many binary files begin with `solid` too, so the length decides; where it does not fit, the first words do. */
function isBinary(bytes: Uint8Array): boolean {
  if (bytes.length < HEADER) return false;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (HEADER + FACET * view.getUint32(80, true) === bytes.length) return true;
  const head = strFromU8(bytes.subarray(0, 2048)).trimStart().toLowerCase();
  return !(head.startsWith('solid') && (head.includes('facet') || head.includes('endsolid')));
}

function readBinary(bytes: Uint8Array): ReadMesh {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const said = view.getUint32(80, true);
  const there = Math.floor((bytes.length - HEADER) / FACET);
  const facets = Math.min(said, there);
  if (said > 0 && there > 0 && said > there * 1000) throw new MeshFaultError('notAMesh', 'it is neither a binary nor a text STL file');
  requireFacets(facets);
  const notices: MeshNotice[] = [];
  if (said > there) notices.push({ code: 'endsEarly', message: `the file ends early: ${there} of ${said} facets are there` });
  else if (bytes.length > HEADER + FACET * said)
    notices.push({ code: 'extraBytes', message: 'bytes after the last facet were left aside' });
  const corners = new Float32Array(facets * 9);
  for (let facet = 0; facet < facets; facet += 1) {
    const from = HEADER + facet * FACET + 12;
    const to = facet * 9;
    for (let place = 0; place < 9; place += 1) corners[to + place] = view.getFloat32(from + place * 4, true);
  }
  const kept = keepFinite(corners);
  return { mesh: weldVertices(kept.corners), notices: [...notices, ...kept.notices] };
}

function readAscii(bytes: Uint8Array): ReadMesh {
  const text = strFromU8(bytes);
  if (!/^\s*solid/iu.test(text.slice(0, 2048))) throw new MeshFaultError('notAMesh', 'it is neither a binary nor a text STL file');
  const vertex = /vertex\s+(\S+)\s+(\S+)\s+(\S+)/giu;
  const numbers: number[] = [];
  for (let found = vertex.exec(text); found; found = vertex.exec(text)) {
    numbers.push(Number(found[1]), Number(found[2]), Number(found[3]));
    requireFacets(Math.max(1, numbers.length / 9));
  }
  const whole = Math.floor(numbers.length / 9);
  requireFacets(whole);
  const notices: MeshNotice[] = [];
  if (numbers.length !== whole * 9 || !/endsolid/iu.test(text.slice(-2048)))
    notices.push({ code: 'endsEarly', message: `the file ends early: ${whole} whole facets are there` });
  const kept = keepFinite(Float32Array.from(numbers.slice(0, whole * 9)));
  return { mesh: weldVertices(kept.corners), notices: [...notices, ...kept.notices] };
}
