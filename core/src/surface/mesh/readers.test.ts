import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { BoxGeometry, Mesh as ThreeMesh, SphereGeometry } from 'three';
import { OBJExporter } from 'three/examples/jsm/exporters/OBJExporter.js';
import { STLExporter } from 'three/examples/jsm/exporters/STLExporter.js';
import { describe, expect, it } from 'vitest';
import { measureFacets } from './facetGeometry';
import { findEdges } from './meshEdges';
import { meshOf } from '../testing/threeMesh';
import type { Mesh, MeshFormat } from './mesh';
import { MeshFaultError } from './mesh';
import { doubtUnit } from './meshUnits';
import { readMesh } from './readMesh';
import { weldVertices } from './weldVertices';
import { writeStl } from './writeStl';

const ball = new SphereGeometry(20, 24, 16);
const box = meshOf(new BoxGeometry(10, 20, 30));

/** Corners of each facet, in order: what a file must keep whatever it does to the numbering. */
function cornersOf({ positions, indices }: Mesh): number[] {
  return [...indices].flatMap((vertex) => [0, 1, 2].map((axis) => positions[vertex * 3 + axis] ?? NaN));
}

function model(body: string, unit = 'millimeter'): string {
  return `<?xml version="1.0"?><model unit="${unit}" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02" xmlns:p="http://schemas.microsoft.com/3dmanufacturing/production/2015/06">${body}</model>`;
}

const TETRA = `<mesh><vertices><vertex x="0" y="0" z="0"/><vertex x="6" y="0" z="0"/><vertex x="0" y="6" z="0"/><vertex x="0" y="0" z="6"/></vertices><triangles><triangle v1="0" v2="2" v3="1"/><triangle v1="0" v2="1" v3="3"/><triangle v1="0" v2="3" v3="2"/><triangle v1="1" v2="2" v3="3"/></triangles></mesh>`;

function pack(files: Readonly<Record<string, string>>): Uint8Array {
  return zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));
}

describe('mesh readers', () => {
  it("read what three's exporters write: binary STL, text STL and OBJ, corner by corner", () => {
    const given = new ThreeMesh(ball);
    const binary = new STLExporter().parse(given, { binary: true });
    const files: [MeshFormat, Uint8Array][] = [
      ['stl', new Uint8Array(binary.buffer, binary.byteOffset, binary.byteLength)],
      ['stl', strToU8(new STLExporter().parse(given, { binary: false }))],
      ['obj', strToU8(new OBJExporter().parse(given))],
    ];
    const wanted = cornersOf(meshOf(ball));
    for (const [format, bytes] of files) {
      const { mesh, notices } = readMesh(bytes, format);
      expect(notices).toEqual([]);
      const got = cornersOf(mesh);
      expect(got).toHaveLength(wanted.length);
      got.forEach((value, at) => expect(Math.abs(value - (wanted[at] ?? NaN))).toBeLessThan(1e-4));
    }
  });

  it('read back the STL that is written here, bit for bit (property)', () => {
    const number = fc.float({ min: -1000, max: 1000, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.array(number, { minLength: 9, maxLength: 9 }), { minLength: 1, maxLength: 40 }), (facets) => {
        const mesh = weldVertices(Float32Array.from(facets.flat()));
        expect(cornersOf(readMesh(writeStl(mesh, 'solid trap'), 'stl').mesh)).toEqual(cornersOf(mesh));
      }),
    );
  });

  it('give corners that are the same one vertex: a box has eight, closed', () => {
    expect(box.positions).toHaveLength(24);
    expect(findEdges(box)).toMatchObject({ openEdges: 0, shells: 1 });
    // −0 and 0 are one place.
    expect(weldVertices(Float32Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0, -0, -0, 0, 0, 1, 0, -1, 0, 0])).positions).toHaveLength(12);
  });

  it('tell binary STL by its length, even when it begins with "solid"', () => {
    const bytes = writeStl(box, 'x');
    bytes.set(strToU8('solid made by a program'));
    expect(readMesh(bytes, 'stl').mesh.indices).toHaveLength(36);
  });

  it('give the whole facets of a file that ends early, and say so', () => {
    const whole = writeStl(box, 'x');
    const cut = readMesh(whole.subarray(0, 84 + 50 * 5 + 20), 'stl');
    expect(cut.mesh.indices).toHaveLength(15);
    expect(cut.notices).toMatchObject([{ code: 'endsEarly' }]);
    const text = new STLExporter().parse(new ThreeMesh(ball), { binary: false });
    const half = readMesh(strToU8(text.slice(0, text.length / 2)), 'stl');
    expect(half.notices).toMatchObject([{ code: 'endsEarly' }]);
    expect(half.mesh.indices.length).toBeGreaterThan(300);
  });

  it('leave out facets whose corners are no numbers, and say how many', () => {
    const bytes = writeStl(box, 'x');
    new DataView(bytes.buffer).setFloat32(84 + 12, NaN, true);
    new DataView(bytes.buffer).setFloat32(84 + 50 + 12, Infinity, true);
    const { mesh, notices } = readMesh(bytes, 'stl');
    expect(mesh.indices).toHaveLength(30);
    expect(notices[0]?.message).toContain('2 facets');
  });

  it('read OBJ faces of many corners, counted from either end, with textures and normals', () => {
    const square = 'o part\nv 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nvt 0 0\nvn 0 0 1\nf 1/1/1 2/1/1 3/1/1 4/1/1\nf -4//1 -2//1 -3//1\n';
    expect(measureFacets(readMesh(strToU8(square), 'obj').mesh).areaSquareMillimetres).toBeCloseTo(1.5, 6);
    expect(() => readMesh(strToU8('v 0 0 0\nf 1 2 3\n'), 'obj')).toThrow(/line 2 names vertex 2/u);
  });

  it('read 3MF objects where the file puts them, in its unit, through components and other files of the zip', () => {
    const files = {
      '3D/3dmodel.model': model(
        `<resources><object id="1" type="model"><components><component p:path="/3D/Objects/a.model" objectid="7" transform="1 0 0 0 1 0 0 0 1 10 0 0"/><component p:path="/3D/Objects/a.model" objectid="7" transform="-1 0 0 0 1 0 0 0 1 0 0 0"/></components></object></resources><build><item objectid="1" transform="2 0 0 0 2 0 0 0 2 0 0 1"/></build>`,
        'centimeter',
      ),
      '3D/Objects/a.model': model(`<resources><object id="7">${TETRA}</object></resources><build/>`),
    };
    const { mesh, notices } = readMesh(pack(files), '3mf');
    const { volumeCubicMillimetres, boundingBox, isInsideOut } = measureFacets(mesh);
    // A tetrahedron of 36 mm³, twice as large (8 ×), in centimetres (1000 ×), twice.
    expect(volumeCubicMillimetres).toBeCloseTo(36 * 8 * 1000 * 2, 1);
    expect(boundingBox).toEqual({ min: [-120, 0, 10], max: [320, 120, 130] });
    // The mirrored one is turned, or its volume would be taken off.
    expect(isInsideOut).toBe(false);
    expect(notices).toMatchObject([{ code: 'unitInFile' }]);
  });

  it('end at 3MF objects that hold themselves', () => {
    const loop = model(
      `<resources><object id="1"><components><component objectid="1"/></components></object></resources><build><item objectid="1"/></build>`,
    );
    expect(() => readMesh(pack({ '3D/3dmodel.model': loop }), '3mf')).toThrow(MeshFaultError);
  });

  it('end at 3MF components of nothing that multiply with each level', () => {
    const level = (id: number): string =>
      `<object id="${id}"><components>${`<component objectid="${id + 1}"/>`.repeat(40)}</components></object>`;
    const nested = model(
      `<resources>${Array.from({ length: 14 }, (_, at) => level(at + 1)).join('')}<object id="15"/></resources><build><item objectid="1"/></build>`,
    );
    expect(() => readMesh(pack({ '3D/3dmodel.model': nested }), '3mf')).toThrow(/places more than/u);
  });
  it('leave out what is farther away than any part, before and after its unit is reckoned in', () => {
    const far = '1e20';
    const text = `v 0 0 0\nv 1 0 0\nv 0 1 0\nv ${far} 0 0\nf 1 2 3\nf 1 2 4\n`;
    expect(readMesh(strToU8(text), 'obj').notices).toMatchObject([{ code: 'dropped' }]);
    expect(() => readMesh(strToU8('v 0 0 0\nv 90000 0 0\nv 0 1 0\nf 1 2 3\n'), 'obj', 1000)).toThrow(/10 km/u);
    const giant = model(
      `<resources><object id="7">${TETRA}</object></resources><build><item objectid="7" transform="1e9 0 0 0 1e9 0 0 0 1e9 0 0 0"/></build>`,
      'meter',
    );
    expect(() => readMesh(pack({ '3D/3dmodel.model': giant }), '3mf')).toThrow(MeshFaultError);
  });

  it('refuse what is no mesh with a reason', () => {
    const refuse = (bytes: Uint8Array, format: MeshFormat): string => {
      try {
        readMesh(bytes, format);
        return 'read';
      } catch (error) {
        return error instanceof MeshFaultError ? error.code : 'crashed';
      }
    };
    expect(refuse(new Uint8Array(), 'stl')).toBe('empty');
    expect(refuse(strToU8('hello'), 'stl')).toBe('notAMesh');
    expect(refuse(strToU8('solid x\nendsolid x'), 'stl')).toBe('empty');
    expect(refuse(new Uint8Array(500).fill(0xff), 'stl')).toBe('notAMesh');
    expect(refuse(strToU8('just words'), 'obj')).toBe('notAMesh');
    expect(refuse(strToU8('PK no zip'), '3mf')).toBe('notAMesh');
    expect(refuse(pack({ 'a.txt': 'x' }), '3mf')).toBe('notAMesh');
    expect(refuse(pack({ '3D/3dmodel.model': '<model><oops' }), '3mf')).toBe('invalid');
    expect(
      refuse(
        pack({ '3D/3dmodel.model': model(`<resources><object id="1">${TETRA.replace('v3="1"', 'v3="9"')}</object></resources>`) }),
        '3mf',
      ),
    ).toBe('invalid');
  });

  it('never crash: any bytes, and sound files with bytes changed or cut, are read or refused (fuzz)', () => {
    const sound: Record<MeshFormat, Uint8Array> = {
      stl: writeStl(box, 'x'),
      obj: strToU8(new OBJExporter().parse(new ThreeMesh(ball))),
      '3mf': pack({
        '3D/3dmodel.model': model(`<resources><object id="1">${TETRA}</object></resources><build><item objectid="1"/></build>`),
      }),
    };
    const tryRead = (bytes: Uint8Array, format: MeshFormat): void => {
      try {
        const { mesh } = readMesh(bytes, format);
        expect(mesh.positions.every((value) => Number.isFinite(value))).toBe(true);
        expect(mesh.indices.every((vertex) => vertex < mesh.positions.length / 3)).toBe(true);
      } catch (error) {
        expect(error).toBeInstanceOf(MeshFaultError);
      }
    };
    const format = fc.constantFrom<MeshFormat>('stl', 'obj', '3mf');
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), format, (bytes, kind) => {
        tryRead(bytes, kind);
      }),
    );
    const change = fc.tuple(fc.nat(), fc.integer({ min: 0, max: 255 }));
    fc.assert(
      fc.property(format, fc.array(change, { maxLength: 12 }), fc.double({ min: 0.05, max: 1, noNaN: true }), (kind, changes, share) => {
        const bytes = sound[kind].slice(0, Math.ceil(sound[kind].length * share));
        for (const [place, value] of changes) bytes[place % bytes.length] = value;
        tryRead(bytes, kind);
      }),
      { numRuns: 400 },
    );
  });

  it('doubt a unit in which the part would be a crumb or a house', () => {
    expect(doubtUnit(180)).toBeNull();
    expect(doubtUnit(4)).toBe('in');
    expect(doubtUnit(0.2)).toBe('m');
    expect(doubtUnit(5000)).toBeNull();
    expect(readMesh(writeStl(box, 'x'), 'stl', 25.4).mesh.positions.reduce((most, value) => Math.max(most, value), 0)).toBeCloseTo(
      15 * 25.4,
      3,
    );
  });
});
