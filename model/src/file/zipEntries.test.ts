import { strFromU8, strToU8, zipSync } from 'fflate';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeSampleAttachments, makeSampleProject } from '../testing/sampleProject';
import { FileFaultsError } from './faults';
import type { ProjectFile } from './projectFile';
import { readProject } from './readProject';
import { listZip, unpackEntry, ZipError } from './zipEntries';
import { readBundle, writeProject, ZIP_LIMITS, zipBundle } from './zipProject';

const packed = await zipBundle({ project: makeSampleProject(), attachments: makeSampleAttachments() });
const sound = (): Uint8Array => packed.slice();
const faultOf = (read: () => unknown): string => {
  try {
    read();
  } catch (error) {
    if (error instanceof FileFaultsError) return `${error.faults[0]?.code} ${error.faults[0]?.path} ${error.faults[0]?.message}`;
    throw error;
  }
  return '';
};
/** Where a text stands in bytes. */
const find = (bytes: Uint8Array, text: string, from = 0): number => strFromU8(bytes, true).indexOf(text, from);

describe('a zip', () => {
  it('is listed and unpacked as it was packed, with a comment behind it too', () => {
    const bytes = zipSync({ 'a.txt': strToU8('hello'), 'b/c.bin': [new Uint8Array(200_000).fill(7), { level: 9 }] });
    const entries = listZip(bytes);
    expect(entries.map(({ name, size }) => [name, size])).toEqual([
      ['a.txt', 5],
      ['b/c.bin', 200_000],
    ]);
    expect(entries.map((entry) => unpackEntry(bytes, entry).length)).toEqual([5, 200_000]);
    const commented = new Uint8Array(bytes.length + 3);
    commented.set(bytes);
    commented.set(strToU8('end'), bytes.length);
    commented[bytes.length - 2] = 3;
    expect(listZip(commented)).toHaveLength(2);
  });
  it('with one bit of any file turned is refused by its checksum, by name', () => {
    const bytes = sound();
    const mesh = find(bytes, 'meshes/mesh.stl') + 'meshes/mesh.stl'.length;
    bytes[mesh + 1] = (bytes[mesh + 1] ?? 0) ^ 1;
    expect(faultOf(() => readBundle(bytes))).toContain('meshes/mesh.stl');
    expect(faultOf(() => readBundle(bytes))).toContain('unreadable');
  });
  it('is refused when sizes or places are not true', () => {
    const change = (offsetInDirectory: number, value: number): string => {
      const bytes = sound();
      const directory = find(bytes, 'PK\u0001\u0002');
      new DataView(bytes.buffer).setUint32(directory + offsetInDirectory, value, true);
      return faultOf(() => readBundle(bytes));
    };
    expect(change(24, 10)).toContain('unpacks to more than it says');
    expect(change(24, 50_000_000)).toContain('not as long as it says');
    expect(change(20, 4_000_000)).toContain('not what its header says');
    expect(change(42, 5)).toContain('not where it says');
    expect(change(16, 1)).toContain('checksum');
  });
  it('that says little and unpacks to much is stopped at what it says', () => {
    const bytes = zipSync({ 'project.json': [new Uint8Array(50_000_000), { level: 9 }] });
    const directory = find(bytes, 'PK\u0001\u0002');
    new DataView(bytes.buffer).setUint32(directory + 24, 1000, true);
    expect(faultOf(() => readBundle(bytes))).toContain('unpacks to more than it says');
  });
  it('with a file twice, encrypted, or sharing bytes is refused', () => {
    const bytes = zipSync({ 'a.txt': [strToU8('hello'), { level: 0 }], 'b.txt': [strToU8('hellp'), { level: 0 }] });
    const twice = bytes.slice();
    for (let at = find(twice, 'b.txt'); at !== -1; at = find(twice, 'b.txt')) twice[at] = 'a'.charCodeAt(0);
    expect(() => listZip(twice)).toThrow(ZipError);
    const second = find(bytes, 'PK\u0001\u0002', find(bytes, 'PK\u0001\u0002') + 4);
    const encrypted = bytes.slice();
    encrypted[second + 8] = 1;
    expect(() => listZip(encrypted)).toThrow('encrypted');
  });
  it('any damage at all is a fault or nothing, never an exception of another kind (property)', () => {
    const whole = sound();
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { minLength: 1, maxLength: 6 }),
        fc.nat(whole.length),
        (turned, cut) => {
          const bytes = whole.slice(0, cut % 5 === 0 ? cut : whole.length);
          for (const [at, value] of turned) if (at < bytes.length) bytes[at] = value;
          expect(typeof faultOf(() => readBundle(bytes))).toBe('string');
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('JSON that was made to hurt', () => {
  const withShop = (change: (plain: Record<string, unknown>) => void): string => {
    const plain = JSON.parse(writeProject(makeSampleProject())) as Record<string, unknown>;
    change(plain);
    return JSON.stringify(plain);
  };
  it.each([
    ['a list in place of a record', withShop((plain) => Object.assign(plain, { rungs: [[]] })), 'invalid rungs[0]'],
    ['null in place of a record', withShop((plain) => Object.assign(plain, { rungs: [null] })), 'invalid rungs'],
    ['a number in place of a list', withShop((plain) => Object.assign(plain, { rungs: 5 })), 'invalid rungs'],
    [
      'a record named __proto__',
      withShop(() => undefined).replace('"props":[{', '"props":[{"__proto__":{"id":"x"},'),
      'unknownField props[0].__proto__',
    ],
    [
      'a list in a list deep inside',
      withShop((plain) => Object.assign((plain['mixCards'] as object[])[0] ?? {}, { components: [[]] })),
      'invalid mixCards[0].components[0]',
    ],
    [
      'nesting without end',
      withShop(() => undefined).replace('"note":""', `"note":${'['.repeat(50_000)}${']'.repeat(50_000)}`),
      'invalid ',
    ],
    [
      'objects without end',
      withShop(() => undefined).replace('"note":""', `"note":${'{"a":'.repeat(50_000)}1${'}'.repeat(50_000)}`),
      'invalid ',
    ],
  ])('%s is a fault', (_, text, fault) => expect(faultOf(() => readBundle(strToU8(text)))).toContain(fault));
  it('one id for a picture and a mesh is a fault: their bytes would lie in one place', () => {
    const project = makeSampleProject();
    project.meshes = project.meshes.map((mesh) => ({ ...mesh, id: 'picture' }));
    project.flaws = [];
    expect(faultOf(() => readProject(writeProject(project)))).toContain('duplicateId meshes[0].id');
  });
});

describe('a shop too large for a file', () => {
  const grown = (bytes: number): ProjectFile => {
    const project = makeSampleProject();
    const [entry] = project.logEntries;
    if (!entry) throw new Error('no entry');
    const text = 'x'.repeat(4000);
    return { ...project, logEntries: Array.from({ length: Math.ceil(bytes / 4300) }, (_, at) => ({ ...entry, id: `e${at}`, text })) };
  };
  it('is written on one line before it is refused, and refused on saving with the way out', () => {
    const project = grown(200_000);
    const compact = JSON.stringify(project).length;
    expect(writeProject(project, compact + 10)).toBe(`${JSON.stringify(project)}\n`);
    expect(faultOf(() => writeProject(project, compact - 10))).toContain('save everything as a zip');
    expect(faultOf(() => writeProject(grown(1_000_000), ZIP_LIMITS.entryBytes))).toBe('');
  });
});
