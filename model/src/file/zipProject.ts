import { strFromU8, strToU8 } from 'fflate';
import type { MeshReference } from '../records/prop/meshReference';
import type { PictureReference } from '../records/prop/pictureReference';
import type { Fault } from './faults';
import { FileFaultsError } from './faults';
import type { ZipInput } from './packZip';
import { packZip } from './packZip';
import type { ProjectFile } from './projectFile';
import { MOST_PROJECT_BYTES, readProject } from './readProject';
import { listZip, unpackEntry, ZipError } from './zipEntries';

/** A project with the bytes of its pictures and meshes, by record id. */
export interface ProjectBundle {
  readonly project: ProjectFile;
  readonly attachments: ReadonlyMap<string, Uint8Array>;
}

/** Bounds of what is unpacked, against files made to fill the memory. */
export const ZIP_LIMITS = { entries: 4000, bytes: 512 * 1024 * 1024, entryBytes: 128 * 1024 * 1024 } as const;

/** Records in a file that is still indented: as many make some megabytes. */
const MOST_INDENTED = 10_000;

const PROJECT_NAME = 'project.json';
const EXTENSIONS: Readonly<Record<PictureReference['mediaType'], string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
};
/** Where a picture lies in the zip. */
export function picturePath(picture: Pick<PictureReference, 'id' | 'mediaType'>): string {
  return `pictures/${picture.id}.${EXTENSIONS[picture.mediaType]}`;
}

/**
 * The project as JSON with a final newline: indented, or on one line where nobody would read it by eye, or it would be larger than is read again.
 *
 * @param most bytes that the reader takes
 * @throws FileFaultsError `tooLarge`, with the way out, when no reader would take it
 */
export function writeProject(project: ProjectFile, most = MOST_PROJECT_BYTES): string {
  for (const indent of countRecords(project) > MOST_INDENTED ? [0] : [1, 0]) {
    const text = `${JSON.stringify(project, null, indent)}\n`;
    // One letter is at most three bytes of UTF-8: only near the limit is it worth counting them.
    if (text.length * 3 <= most || strToU8(text).length <= most) return text;
  }
  const megabytes = Math.round(most / 1024 / 1024);
  throw new FileFaultsError([
    {
      code: 'tooLarge',
      path: '',
      message:
        most < ZIP_LIMITS.entryBytes
          ? `the records are larger than the ${megabytes} MB a JSON file may have: save everything as a zip instead`
          : `the records are larger than the ${megabytes} MB a file may have: take props that are handed over away, save, and undo`,
    },
  ]);
}

/** Records in all lists of a project; the shop itself is not counted. */
export function countRecords(project: ProjectFile): number {
  return Object.values(project).reduce((sum: number, list: unknown) => sum + (Array.isArray(list) ? list.length : 0), 0);
}

/** Where a mesh lies in the zip. */
export function meshPath(mesh: Pick<MeshReference, 'id' | 'format'>): string {
  return `meshes/${mesh.id}.${mesh.format}`;
}

/** Packs a project with its pictures and meshes. Pictures are stored as they are: they are compressed already. */
export function zipBundle({ project, attachments }: ProjectBundle): Promise<Uint8Array<ArrayBuffer>> {
  const withBytes = (id: string, name: string, isStored: boolean): ZipInput[] => {
    const bytes = attachments.get(id);
    return bytes ? [{ name, bytes: bytes as Uint8Array<ArrayBuffer>, isStored }] : [];
  };
  return packZip([
    { name: PROJECT_NAME, bytes: strToU8(writeProject(project, ZIP_LIMITS.entryBytes)) as Uint8Array<ArrayBuffer>, isStored: false },
    ...project.pictures.flatMap((picture) => withBytes(picture.id, picturePath(picture), true)),
    ...project.meshes.flatMap((mesh) => withBytes(mesh.id, meshPath(mesh), false)),
  ]);
}

/** Whether bytes are a zip rather than JSON text. */
export function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

/**
 * Reads a project file, JSON or zip, whole or not at all.
 *
 * @throws FileFaultsError naming every fault with its path
 */
export function readBundle(bytes: Uint8Array): ProjectBundle {
  try {
    return readSafely(bytes);
  } catch (error) {
    if (error instanceof FileFaultsError) throw error;
    // What a checker stumbles over is a fault of the file, not of the program that reads it.
    throw new FileFaultsError([
      { code: 'unreadable', path: '', message: `this file cannot be checked (${error instanceof Error ? error.message : String(error)})` },
    ]);
  }
}

function readSafely(bytes: Uint8Array): ProjectBundle {
  if (!isZip(bytes)) return { project: readProject(decode(bytes)), attachments: new Map() };
  const entries = unpack(bytes);
  const json = entries.get(PROJECT_NAME);
  if (!json) throw new FileFaultsError([{ code: 'notAProject', path: PROJECT_NAME, message: 'the zip holds no project.json' }]);
  const project = readProject(decode(json), ZIP_LIMITS.entryBytes);
  const attachments = new Map<string, Uint8Array>();
  const faults: Fault[] = [];
  const take = (id: string, path: string, where: string, isRight: (found: Uint8Array) => boolean): void => {
    const found = entries.get(path);
    if (!found) faults.push({ code: 'missingAttachment', path: where, message: `${path} is not in the zip` });
    else if (!isRight(found)) faults.push({ code: 'invalid', path, message: 'is not the kind of file its name says' });
    else attachments.set(id, found);
  };
  project.pictures.forEach((picture, i) =>
    take(picture.id, picturePath(picture), `pictures[${i}]`, (found) => looksLike(found, picture.mediaType)),
  );
  project.meshes.forEach((mesh, i) => take(mesh.id, meshPath(mesh), `meshes[${i}]`, (found) => found.length > 0));
  if (faults.length > 0) throw new FileFaultsError(faults);
  return { project, attachments };
}

function unpack(bytes: Uint8Array): Map<string, Uint8Array> {
  const refuse = (fault: Fault): never => {
    throw new FileFaultsError([fault]);
  };
  try {
    const entries = listZip(bytes);
    if (entries.length > ZIP_LIMITS.entries)
      refuse({ code: 'tooLarge', path: '', message: `the zip holds more than ${ZIP_LIMITS.entries} files` });
    let total = 0;
    for (const { name, size } of entries) {
      total += size;
      if (size > ZIP_LIMITS.entryBytes || total > ZIP_LIMITS.bytes)
        refuse({ code: 'tooLarge', path: name.slice(0, 100), message: 'unpacks to more than this program takes' });
      if (isUnsafePath(name)) refuse({ code: 'unsafePath', path: name.slice(0, 100), message: 'points outside the project' });
    }
    return new Map(entries.filter(({ name }) => isOfProject(name)).map((entry) => [entry.name, unpackEntry(bytes, entry)]));
  } catch (error) {
    if (!(error instanceof ZipError)) throw error;
    throw new FileFaultsError([{ code: 'unreadable', path: '', message: `the zip is damaged or cut short: ${error.message}` }]);
  }
}

function isOfProject(name: string): boolean {
  return name === PROJECT_NAME || /^(pictures\/[\w-]{1,64}\.(jpg|png|webp)|meshes\/[\w-]{1,64}\.(stl|obj|3mf))$/u.test(name);
}

function isUnsafePath(name: string): boolean {
  return name.startsWith('/') || name.includes('\\') || name.includes('\0') || /^[A-Za-z]:/u.test(name) || name.split('/').includes('..');
}

function decode(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    // Latin-1 reading keeps the fault about its JSON rather than its bytes.
    return strFromU8(bytes.subarray(0, 1000), true);
  }
}

/** Whether bytes start as a picture of that type does. */
export function looksLike(bytes: Uint8Array, mediaType: PictureReference['mediaType']): boolean {
  const starts = (...signature: number[]): boolean => signature.every((value, index) => bytes[index] === value);
  if (mediaType === 'image/jpeg') return starts(0xff, 0xd8, 0xff);
  if (mediaType === 'image/png') return starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a);
  return starts(0x52, 0x49, 0x46, 0x46) && bytes[8] === 0x57 && bytes[9] === 0x45 && bytes[10] === 0x42 && bytes[11] === 0x50;
}
