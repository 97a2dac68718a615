import { strFromU8, unzipSync } from 'fflate';
import { SaxesParser } from 'saxes';
import type { Affine } from './affine';
import { applyAffine, combineAffine, IDENTITY, isMirroring, readAffine } from './affine';
import { keepFinite, requireFacets } from './keepFinite';
import type { MeshNotice, ReadMesh } from './mesh';
import { MeshFaultError, MOST_FACETS } from './mesh';
import { weldVertices } from './weldVertices';

/** Bounds of what is unpacked, against files made to fill the memory. */
const LIMITS = { entries: 2000, bytes: 400 * 1024 * 1024 } as const;
/** Objects may be made of objects; deeper than this is a loop or a trick. */
const MOST_DEPTH = 16;
/** Objects placed in all: a file of nested components that hold nothing would otherwise multiply without an end. */
const MOST_PLACED = 100_000;

const MILLIMETRES: Readonly<Record<string, number>> = {
  micron: 0.001,
  millimeter: 1,
  centimeter: 10,
  inch: 25.4,
  foot: 304.8,
  meter: 1000,
};

interface Component {
  readonly key: string;
  readonly map: Affine;
}

interface ModelObject {
  readonly vertices: number[];
  readonly triangles: number[];
  readonly components: Component[];
}

interface Model {
  readonly scale: number;
  readonly objects: ReadonlyMap<string, ModelObject>;
  readonly items: readonly Component[];
}

/**
 * Reads the objects that a 3MF file builds, placed where it places them, in millimetres whatever its own unit is. Colours, beams and slices
 * are left aside.
 *
 * @throws MeshFaultError when there is no mesh in it
 */
export function read3mf(bytes: Uint8Array): ReadMesh {
  const parts = unpack(bytes);
  const names = Object.keys(parts);
  const main = names.find((name) => name.toLowerCase() === '3d/3dmodel.model') ?? names[0];
  if (main === undefined) throw new MeshFaultError('notAMesh', 'it is a zip without a 3D model');
  const models = new Map(names.map((name) => [name, readModel(strFromU8(parts[name] ?? new Uint8Array()), name)]));
  const root = models.get(main);
  if (!root) throw new MeshFaultError('notAMesh', 'it is a zip without a 3D model');
  const objects = new Map([...models.values()].flatMap((model) => [...model.objects]));
  const corners: number[] = [];
  const notices: MeshNotice[] = [];
  // A file that builds nothing still shows its objects.
  const items = root.items.length > 0 ? root.items : [...root.objects.keys()].map((key) => ({ key, map: IDENTITY }));
  const placed = { count: 0 };
  for (const item of items) place(item, objects, corners, notices, 0, placed);
  requireFacets(corners.length / 9);
  if (root.scale !== 1) {
    for (let at = 0; at < corners.length; at += 1) corners[at] = (corners[at] ?? 0) * root.scale;
    notices.push({ code: 'unitInFile', message: `its own unit is ${root.scale} mm, which was reckoned in` });
  }
  const kept = keepFinite(Float32Array.from(corners));
  return { mesh: weldVertices(kept.corners), notices: [...oneOfEach(notices), ...kept.notices] };
}

/** Each notice once: a file can name the same missing object a thousand times. */
function oneOfEach(notices: readonly MeshNotice[]): MeshNotice[] {
  return [...new Map(notices.map((notice) => [notice.message, notice])).values()];
}

function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  let entries = 0;
  let total = 0;
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        entries += 1;
        const isModel = name.toLowerCase().endsWith('.model');
        if (isModel) total += originalSize;
        if (entries > LIMITS.entries || total > LIMITS.bytes) throw new MeshFaultError('tooLarge', 'it unpacks to more than can be taken');
        return isModel;
      },
    });
  } catch (error) {
    if (error instanceof MeshFaultError) throw error;
    throw new MeshFaultError('notAMesh', 'it is not a sound 3MF (zip) file');
  }
}

function readModel(xml: string, path: string): Model {
  const objects = new Map<string, ModelObject>();
  const items: Component[] = [];
  let scale = 1;
  let current: ModelObject | null = null;
  let triangles = 0;
  const parser = new SaxesParser();
  const keyOf = (attributes: Record<string, string>, id: string | undefined): string => {
    // The production extension names another file of the zip.
    const other = Object.entries(attributes).find(([name]) => name === 'path' || name.endsWith(':path'))?.[1];
    return `${other === undefined ? path : other.replace(/^\//u, '')}#${id ?? ''}`;
  };
  parser.on('opentag', ({ name, attributes }) => {
    const local = name.slice(name.indexOf(':') + 1);
    if (local === 'model') scale = MILLIMETRES[attributes['unit'] ?? 'millimeter'] ?? 1;
    else if (local === 'object') {
      current = { vertices: [], triangles: [], components: [] };
      objects.set(`${path}#${attributes['id'] ?? ''}`, current);
    } else if (local === 'vertex') current?.vertices.push(Number(attributes['x']), Number(attributes['y']), Number(attributes['z']));
    else if (local === 'triangle') {
      current?.triangles.push(Number(attributes['v1']), Number(attributes['v2']), Number(attributes['v3']));
      triangles += 1;
      if (triangles > MOST_FACETS) requireFacets(triangles);
    } else if (local === 'component' || local === 'item') {
      const map = readAffine(attributes['transform']);
      if (!map)
        throw new MeshFaultError('invalid', `the place of object ${String(attributes['objectid']).slice(0, 20)} is not twelve numbers`);
      (local === 'item' ? items : current?.components)?.push({ key: keyOf(attributes, attributes['objectid']), map });
    }
  });
  parser.on('error', (error) => {
    throw new MeshFaultError('invalid', `its model is not sound XML (${error.message.slice(0, 120)})`);
  });
  parser.write(xml).close();
  return { scale, objects, items };
}

function place(
  item: Component,
  objects: ReadonlyMap<string, ModelObject>,
  corners: number[],
  notices: MeshNotice[],
  depth: number,
  placed: { count: number },
): void {
  placed.count += 1;
  if (placed.count > MOST_PLACED) throw new MeshFaultError('tooLarge', `it places more than ${MOST_PLACED} objects`);
  const found = objects.get(item.key);
  if (!found || depth > MOST_DEPTH) {
    notices.push({
      code: 'skippedObject',
      message: found ? 'objects nested too deep were left out' : 'an object that is not in the file was left out',
    });
    return;
  }
  const count = found.vertices.length / 3;
  const isMirrored = isMirroring(item.map);
  for (let at = 0; at + 2 < found.triangles.length; at += 3) {
    const [a = 0, b = 0, c = 0] = found.triangles.slice(at, at + 3);
    for (const vertex of isMirrored ? [a, c, b] : [a, b, c]) {
      if (!(Number.isInteger(vertex) && vertex >= 0 && vertex < count))
        throw new MeshFaultError('invalid', `a triangle names vertex ${vertex}, of which there are ${count}`);
      const from = vertex * 3;
      corners.push(...applyAffine(item.map, found.vertices[from] ?? NaN, found.vertices[from + 1] ?? NaN, found.vertices[from + 2] ?? NaN));
    }
    if (corners.length > MOST_FACETS * 9) requireFacets(corners.length / 9);
  }
  for (const component of found.components)
    place({ key: component.key, map: combineAffine(component.map, item.map) }, objects, corners, notices, depth + 1, placed);
}
