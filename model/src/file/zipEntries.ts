import CRC32 from 'crc-32';
import { Inflate } from 'fflate';

/** A file within a zip, as its directory tells. */
export interface ZipEntry {
  readonly name: string;
  readonly isStored: boolean;
  readonly crc32: number;
  /** unpacked, bytes */
  readonly size: number;
  readonly packedSize: number;
  /** where its packed bytes begin */
  readonly dataAt: number;
}

/** A zip that is not what it says. */
export class ZipError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ZipError';
  }
}

const END_SIGNATURE = 0x06054b50;
const DIRECTORY_SIGNATURE = 0x02014b50;
const LOCAL_SIGNATURE = 0x04034b50;
const END_LENGTH = 22;
const DIRECTORY_LENGTH = 46;
const LOCAL_LENGTH = 30;
const LONGEST_COMMENT = 0xffff;
const ENCRYPTED = 1;
/** Packed bytes are handed on in pieces, so that a file that unpacks to more than it says is stopped early. */
const PIECE_BYTES = 64 * 1024;

/**
 * Reads the directory of a zip (APPNOTE 6.3, without zip64, encryption and parts) and holds it against the headers it points at: names, sizes and
 * places must be true, and no two files may share bytes.
 *
 * @throws ZipError
 */
export function listZip(bytes: Uint8Array): ZipEntry[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = findEnd(view);
  const count = view.getUint16(end + 10, true);
  const length = view.getUint32(end + 12, true);
  const start = view.getUint32(end + 16, true);
  if (view.getUint16(end + 8, true) !== count || start + length !== end) throw new ZipError('its directory is not where it says');
  const entries: ZipEntry[] = [];
  const names = new Set<string>();
  let at = start;
  for (let index = 0; index < count; index += 1) {
    if (at + DIRECTORY_LENGTH > end || view.getUint32(at, true) !== DIRECTORY_SIGNATURE) throw new ZipError('its directory is damaged');
    const nameLength = view.getUint16(at + 28, true);
    const next = at + DIRECTORY_LENGTH + nameLength + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
    if (next > end) throw new ZipError('its directory is cut short');
    const entry = readEntry(view, bytes, at, start);
    if (names.has(entry.name)) throw new ZipError(`it holds ${entry.name.slice(0, 100)} twice`);
    names.add(entry.name);
    entries.push(entry);
    at = next;
  }
  if (at !== end) throw new ZipError('its directory is longer than it says');
  const inOrder = entries.toSorted((a, b) => a.dataAt - b.dataAt);
  inOrder.forEach((entry, index) => {
    const following = inOrder[index + 1];
    if (following && entry.dataAt + entry.packedSize > following.dataAt - LOCAL_LENGTH) throw new ZipError('two of its files share bytes');
  });
  return entries;
}

function findEnd(view: DataView): number {
  const least = Math.max(0, view.byteLength - END_LENGTH - LONGEST_COMMENT);
  for (let at = view.byteLength - END_LENGTH; at >= least; at -= 1)
    if (view.getUint32(at, true) === END_SIGNATURE && at + END_LENGTH + view.getUint16(at + 20, true) === view.byteLength) return at;
  throw new ZipError('it is cut short');
}

function readEntry(view: DataView, bytes: Uint8Array, at: number, directoryAt: number): ZipEntry {
  const flags = view.getUint16(at + 8, true);
  const method = view.getUint16(at + 10, true);
  const packedSize = view.getUint32(at + 20, true);
  const size = view.getUint32(at + 24, true);
  const localAt = view.getUint32(at + 42, true);
  const nameBytes = bytes.subarray(at + DIRECTORY_LENGTH, at + DIRECTORY_LENGTH + view.getUint16(at + 28, true));
  const name = new TextDecoder().decode(nameBytes);
  const said = name.slice(0, 100);
  if (flags & ENCRYPTED) throw new ZipError(`${said} is encrypted`);
  if (method !== 0 && method !== 8) throw new ZipError(`${said} is packed in a way this program does not read`);
  if (method === 0 && size !== packedSize) throw new ZipError(`${said} is not as long as it says`);
  if (localAt + LOCAL_LENGTH > directoryAt || view.getUint32(localAt, true) !== LOCAL_SIGNATURE)
    throw new ZipError(`${said} is not where it says`);
  const localNameLength = view.getUint16(localAt + 26, true);
  const dataAt = localAt + LOCAL_LENGTH + localNameLength + view.getUint16(localAt + 28, true);
  const localName = bytes.subarray(localAt + LOCAL_LENGTH, localAt + LOCAL_LENGTH + localNameLength);
  if (dataAt + packedSize > directoryAt || !sameBytes(localName, nameBytes)) throw new ZipError(`${said} is not what its header says`);
  return { name, isStored: method === 0, crc32: view.getUint32(at + 16, true), size, packedSize, dataAt };
}

function sameBytes(left: Uint8Array, right: Uint8Array): boolean {
  return left.length === right.length && left.every((byte, index) => byte === right[index]);
}

/**
 * The bytes of one file of a zip, as long as the directory says and with its checksum.
 *
 * @throws ZipError
 */
export function unpackEntry(bytes: Uint8Array, entry: ZipEntry): Uint8Array {
  const packed = bytes.subarray(entry.dataAt, entry.dataAt + entry.packedSize);
  const unpacked = entry.isStored ? packed.slice() : inflate(packed, entry);
  if (CRC32.buf(unpacked) >>> 0 !== entry.crc32) throw new ZipError(`${entry.name.slice(0, 100)} is damaged: its checksum differs`);
  return unpacked;
}

function inflate(packed: Uint8Array, { name, size }: ZipEntry): Uint8Array {
  const out = new Uint8Array(size);
  let length = 0;
  const stream = new Inflate((piece) => {
    if (length + piece.length > size) throw new ZipError(`${name.slice(0, 100)} unpacks to more than it says`);
    out.set(piece, length);
    length += piece.length;
  });
  try {
    for (let at = 0; at === 0 || at < packed.length; at += PIECE_BYTES)
      stream.push(packed.subarray(at, at + PIECE_BYTES), at + PIECE_BYTES >= packed.length);
  } catch (error) {
    if (error instanceof ZipError) throw error;
    throw new ZipError(`${name.slice(0, 100)} is damaged`);
  }
  if (length !== size) throw new ZipError(`${name.slice(0, 100)} is not as long as it says`);
  return out;
}
