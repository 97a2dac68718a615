import { readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import { readBundle, ZIP_LIMITS } from '@zinc-ladder/model/file/zipProject';
import { LabError } from './labError';

/** The bytes of a file, taken from the folder the command was called in. */
export function readBytes(path: string | undefined): Uint8Array {
  if (path === undefined) throw new LabError('a file is needed');
  const full = resolve(process.env['INIT_CWD'] ?? process.cwd(), path);
  try {
    if (statSync(full).size > ZIP_LIMITS.bytes) throw new LabError(`${path} is too large`);
    return readFileSync(full);
  } catch (error) {
    if (error instanceof LabError) throw error;
    throw new LabError(`${path} cannot be read (${error instanceof Error ? error.message : String(error)})`);
  }
}

/** A file of plain JSON. */
export function readJson(path: string | undefined): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(readBytes(path)));
  } catch (error) {
    if (error instanceof LabError) throw error;
    throw new LabError(`${path ?? ''} is not JSON (${error instanceof Error ? error.message : String(error)})`);
  }
}

/** A sound project. */
export function readSoundProject(path: string | undefined): ProjectBundle {
  try {
    return readBundle(readBytes(path));
  } catch (error) {
    if (!(error instanceof FileFaultsError)) throw error;
    const [first] = error.faults;
    const more = error.faults.length > 1 ? ` (and ${error.faults.length - 1} more; see the command validate)` : '';
    throw new LabError(`${first?.path ? `${first.path}: ` : ''}${first?.message ?? 'not a project'}${more}`.replaceAll('\n', ' '));
  }
}
