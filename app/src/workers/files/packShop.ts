import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import { readProject } from '@zinc-ladder/model/file/readProject';
import { countRecords, readBundle, writeProject, zipBundle } from '@zinc-ladder/model/file/zipProject';
import type { ShopDatabase } from '../../data/tables/database';
import { gatherProject } from '../../data/whole/projectTransfer';

/** What a shop is saved as: everything in a zip, or the records alone as JSON. */
export type SaveKind = 'zip' | 'json';

/** A file of a shop, and how much is in it. */
export interface PackedProject {
  readonly blob: Blob;
  readonly records: number;
}

/**
 * The shop of a database as a file that was read back and is the same.
 *
 * @throws FileFaultsError when it is too large or would not be read again
 */
export async function packShop(db: ShopDatabase, savedAtMs: number, as: SaveKind): Promise<PackedProject> {
  const bundle = await gatherProject(db, savedAtMs);
  const packed = as === 'zip' ? await zipBundle(bundle) : writeProject(bundle.project);
  const again = typeof packed === 'string' ? readProject(packed) : readBundle(packed).project;
  const records = countRecords(bundle.project);
  // The zip's checksum says that the text came back as it was written, and the reader that all of it is a sound project.
  if (countRecords(again) !== records)
    throw new FileFaultsError([{ code: 'inconsistent', path: '', message: 'the packed file does not read back as it was' }]);
  const type = as === 'zip' ? 'application/zip' : 'application/json';
  return { blob: new Blob([packed], { type }), records };
}
