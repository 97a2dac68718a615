import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { strFromU8, strToU8, zipSync } from 'fflate';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeSampleAttachments, makeSampleProject } from '../testing/sampleProject';
import { FileFaultsError } from './faults';
import type { ProjectFile } from './projectFile';
import { MOST_PROJECT_BYTES, readProject } from './readProject';
import { listZip, unpackEntry, ZipError } from './zipEntries';
import { isZip, looksLike, readBundle, writeProject, ZIP_LIMITS, zipBundle } from './zipProject';

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

describe('a zip whose headers were changed', () => {
  const FILES = { 'a.txt': strToU8('hello'), 'b.txt': strToU8('worlds') };
  const stored = (): Uint8Array => zipSync(FILES, { level: 0 });
  /** The zip with a number written so far behind the nth time that a signature stands there. */
  const changed = (signature: string, nth: number, offset: number, value: number, width: 16 | 32 = 32): Uint8Array => {
    const bytes = stored();
    let at = -1;
    for (let found = 0; found <= nth; found += 1) at = find(bytes, signature, at + 1);
    const view = new DataView(bytes.buffer);
    if (width === 32) view.setUint32(at + offset, value, true);
    else view.setUint16(at + offset, value, true);
    return bytes;
  };
  const [DIRECTORY, LOCAL, END] = ['PK\u0001\u0002', 'PK\u0003\u0004', 'PK\u0005\u0006'] as const;
  it.each([
    ['a count of files that its parts contradict', changed(END, 0, 8, 1, 16), 'its directory is not where it says'],
    ['a directory at another place', changed(END, 0, 16, 3), 'its directory is not where it says'],
    [
      'fewer files than its directory',
      changed(END, 0, 8, 1, 16).map((byte, at, all) => (at === all.length - 12 ? 1 : byte)),
      'longer than it says',
    ],
    [
      'more files than its directory',
      changed(END, 0, 8, 3, 16).map((byte, at, all) => (at === all.length - 12 ? 3 : byte)),
      'its directory is damaged',
    ],
    ['no directory where it says', changed(DIRECTORY, 0, 0, 7), 'its directory is damaged'],
    ['a name longer than the directory', changed(DIRECTORY, 1, 28, 900, 16), 'its directory is cut short'],
    ['a remark longer than the directory', changed(DIRECTORY, 1, 32, 900, 16), 'its directory is cut short'],
    ['a way of packing that is not read', changed(DIRECTORY, 0, 10, 12, 16), 'packed in a way this program does not read'],
    ['stored bytes of another length', changed(DIRECTORY, 0, 24, 4), 'a.txt is not as long as it says'],
    ['a header beyond the files', changed(DIRECTORY, 0, 42, 5000), 'a.txt is not where it says'],
    ['no header where it says', changed(LOCAL, 1, 0, 7), 'b.txt is not where it says'],
    ['another name in its header', changed(LOCAL, 0, 30, 0x7478742e), 'a.txt is not what its header says'],
    ['a shorter name in its header', changed(LOCAL, 0, 26, 4, 16), 'a.txt is not what its header says'],
    ['more bytes than there are', changed(DIRECTORY, 1, 20, 5000), 'b.txt is not as long as it says'],
  ])('%s: refused in words', (_, bytes, words) => expect(() => listZip(bytes)).toThrow(words));
  it('files that share bytes are refused, in whatever order the directory has them', () => {
    // The first is said to be as long as both: it ends where the second ends.
    const bytes = stored();
    const directory = find(bytes, DIRECTORY);
    const view = new DataView(bytes.buffer);
    const second = find(bytes, LOCAL, 1);
    for (const [offset, value] of [
      [20, second],
      [24, second],
    ] as const)
      view.setUint32(directory + offset, value, true);
    expect(() => listZip(bytes)).toThrow('two of its files share bytes');
    // Just up to the next header nothing is shared.
    const dataAt = listZip(stored())[0]?.dataAt ?? 0;
    for (const offset of [20, 24]) view.setUint32(directory + offset, second - dataAt, true);
    expect(listZip(bytes).map(({ name }) => name)).toEqual(['a.txt', 'b.txt']);
  });
  it('headers with more in them than a name are read past it', () => {
    const bytes = zipSync({ 'a.txt': [strToU8('hello'), { level: 0, extra: { 0x7777: new Uint8Array([1, 2, 3, 4]) } }] });
    const [entry] = listZip(bytes);
    if (!entry) throw new Error('no entry');
    expect(strFromU8(unpackEntry(bytes, entry))).toBe('hello');
  });
  it('what is packed in many pieces comes back whole, and an empty file empty', () => {
    // Bytes that do not shrink, three pieces long.
    let seed = 1;
    const noise = Uint8Array.from({ length: 190_000 }, () => (seed = (seed * 48_271) % 2_147_483_647) & 0xff);
    const bytes = zipSync({ 'noise.bin': [noise, { level: 9 }], 'empty.bin': [new Uint8Array(), { level: 9 }] });
    const [first, empty] = listZip(bytes);
    if (!first || !empty) throw new Error('no entries');
    expect(unpackEntry(bytes, first)).toEqual(noise);
    expect(unpackEntry(bytes, empty)).toHaveLength(0);
    const cut = { ...first, packedSize: first.packedSize - 70_000 };
    expect(() => unpackEntry(bytes, cut)).toThrow(/noise\.bin is (not as long as it says|damaged)/u);
  });
  it('no zip at all is said to be cut short', () => {
    expect(() => listZip(new Uint8Array(0))).toThrow('it is cut short');
    expect(() => listZip(stored().slice(0, -1))).toThrow('it is cut short');
  });
});

describe('files by their first bytes', () => {
  const bytes = (...values: number[]): Uint8Array => Uint8Array.from([...values, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0].slice(0, 16));
  const JPEG = [0xff, 0xd8, 0xff] as const;
  const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] as const;
  const WEBP = [0x52, 0x49, 0x46, 0x46, 1, 2, 3, 4, 0x57, 0x45, 0x42, 0x50] as const;
  it('pictures are what their type says, and nothing else', () => {
    const given = { 'image/jpeg': bytes(...JPEG), 'image/png': bytes(...PNG), 'image/webp': bytes(...WEBP) } as const;
    const types = ['image/jpeg', 'image/png', 'image/webp'] as const;
    for (const type of types) for (const other of types) expect(looksLike(given[other], type), `${other} as ${type}`).toBe(type === other);
  });
  it('every byte of a signature counts; the length within a WebP does not', () => {
    for (const [type, signature] of [
      ['image/jpeg', JPEG],
      ['image/png', PNG],
      ['image/webp', WEBP],
    ] as const)
      signature.forEach((_, at) => {
        const one = bytes(...signature);
        one[at] = (one[at] ?? 0) ^ 1;
        expect(looksLike(one, type), `${type}, byte ${at}`).toBe(type === 'image/webp' && at >= 4 && at < 8);
      });
  });
  it('a zip begins with PK, both letters', () => {
    expect([isZip(bytes(0x50, 0x4b)), isZip(bytes(0x50, 0x4c)), isZip(bytes(0x51, 0x4b)), isZip(new Uint8Array())]).toEqual([
      true,
      false,
      false,
      false,
    ]);
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

describe('how much is taken', () => {
  it('is what the description of the format says', () => {
    const said = readFileSync(fileURLToPath(new URL('../../../docs/file-format.md', import.meta.url)), 'utf8');
    const [, json, entries, each, whole] =
      /Limits: (\d+) MB of JSON, ([\d,]+) entries, (\d+) MB an entry, (\d+) MB unpacked/u.exec(said) ?? [];
    const MB = 1024 * 1024;
    expect(MOST_PROJECT_BYTES).toBe(Number(json) * MB);
    expect(ZIP_LIMITS).toEqual({
      entries: Number(entries?.replace(',', '')),
      bytes: Number(whole) * MB,
      entryBytes: Number(each) * MB,
    });
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
