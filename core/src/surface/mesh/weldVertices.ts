import type { Mesh } from './mesh';

/**
 * Gives facets that name the same corner one vertex. Corners are the same when their numbers are, bit for bit (−0 is 0): a tolerance would
 * close real gaps unasked.
 *
 * @param corners x, y, z of three corners a facet; length 9 × facets. Kept as it is.
 */
export function weldVertices(corners: Float32Array): Mesh {
  const count = corners.length / 3;
  const bits = new Uint32Array(corners.buffer, corners.byteOffset, corners.length);
  const indices = new Uint32Array(count);
  // Vertices found so far, in the order of their first corner; small tables stay in the processor's cache, so they grow as needed.
  let found = new Uint32Array(3 * 1024);
  let vertices = 0;
  let slots = 2048;
  let table = new Uint32Array(slots);
  for (let corner = 0; corner < count; corner += 1) {
    const at = corner * 3;
    const x = plain(bits[at] as number);
    const y = plain(bits[at + 1] as number);
    const z = plain(bits[at + 2] as number);
    const near = findNear(found, indices, corner, x, y, z);
    if (near >= 0) {
      indices[corner] = near;
      continue;
    }
    let slot = hashOf(x, y, z) & (slots - 1);
    for (;;) {
      const taken = table[slot] as number;
      if (taken === 0) {
        found[vertices * 3] = x;
        found[vertices * 3 + 1] = y;
        found[vertices * 3 + 2] = z;
        vertices += 1;
        table[slot] = vertices;
        indices[corner] = vertices - 1;
        if (vertices * 2 > slots) {
          slots *= 4;
          table = fileAgain(found, vertices, slots);
        }
        if (vertices * 3 === found.length) found = longer(found);
        break;
      }
      const other = (taken - 1) * 3;
      if (found[other] === x && found[other + 1] === y && found[other + 2] === z) {
        indices[corner] = taken - 1;
        break;
      }
      slot = (slot + 1) & (slots - 1);
    }
  }
  return { positions: new Float32Array(found.slice(0, vertices * 3).buffer), indices };
}

/** Facets next to each other in a file mostly share corners: those of the last two are compared before the table is asked. */
const NEAR = 6;

function findNear(found: Uint32Array, indices: Uint32Array, corner: number, x: number, y: number, z: number): number {
  for (let other = corner - 1; other >= 0 && other >= corner - NEAR; other -= 1) {
    const vertex = indices[other] as number;
    const at = vertex * 3;
    if (found[at] === x && found[at + 1] === y && found[at + 2] === z) return vertex;
  }
  return -1;
}

function hashOf(x: number, y: number, z: number): number {
  let hash = Math.imul(x, 0x9e3779b1) ^ Math.imul(y, 0x85ebca6b) ^ Math.imul(z, 0xc2b2ae35);
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d);
  return hash ^ (hash >>> 13);
}

function fileAgain(found: Uint32Array, vertices: number, slots: number): Uint32Array<ArrayBuffer> {
  const table = new Uint32Array(slots);
  for (let vertex = 0; vertex < vertices; vertex += 1) {
    const at = vertex * 3;
    let slot = hashOf(found[at] as number, found[at + 1] as number, found[at + 2] as number) & (slots - 1);
    while (table[slot] !== 0) slot = (slot + 1) & (slots - 1);
    table[slot] = vertex + 1;
  }
  return table;
}

function longer(found: Uint32Array): Uint32Array<ArrayBuffer> {
  const next = new Uint32Array(found.length * 2);
  next.set(found);
  return next;
}

const MINUS_ZERO = 0x80000000;

function plain(bits: number): number {
  return bits === MINUS_ZERO ? 0 : bits;
}
