import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import type { Fault } from './faults';
import { FileFaultsError, MOST_FAULTS, toFaults } from './faults';
import { isShaped } from './made/isShaped.js';
import { migrateProject } from './migrations';
import { findPlainFaults } from './plainJson';
import { FORMAT_NAME, FORMAT_VERSION } from './fileFormat';
import { ProjectFile } from './projectFile';
import { findRuleFaults } from '../rules/findRuleFaults';

/** Larger text is not read: a shop of ten thousand entries is a tenth of it. */
export const MOST_PROJECT_BYTES = 64 * 1024 * 1024;

/**
 * Reads a project from the text of its JSON file, whole or not at all.
 *
 * @param most bytes that are taken
 * @throws FileFaultsError naming every fault with its path
 */
export function readProject(text: string, most = MOST_PROJECT_BYTES): ProjectFile {
  // One UTF-16 unit is at least one byte of UTF-8.
  if (text.length > most)
    throw new FileFaultsError([{ code: 'tooLarge', path: '', message: `the file is larger than ${Math.round(most / 1024 / 1024)} MB` }]);
  let parsed: unknown;
  try {
    parsed = JSON.parse(text.replace(/^\uFEFF/u, ''));
  } catch (error) {
    throw new FileFaultsError([
      { code: 'unreadable', path: '', message: `this is not complete JSON (${error instanceof Error ? error.message : String(error)})` },
    ]);
  }
  return checkProject(parsed);
}

/**
 * Checks something parsed as a project, migrating older versions.
 *
 * @throws FileFaultsError naming every fault with its path
 */
export function checkProject(parsed: unknown): ProjectFile {
  if (typeof parsed !== 'object' || parsed === null || Array.isArray(parsed))
    throw new FileFaultsError([{ code: 'notAProject', path: '', message: 'the file does not hold a project' }]);
  const raw = parsed as Record<string, unknown>;
  if (raw['format'] !== FORMAT_NAME)
    throw new FileFaultsError([{ code: 'notAProject', path: 'format', message: `must be "${FORMAT_NAME}"` }]);
  const { version } = raw;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw new FileFaultsError([{ code: 'invalid', path: 'version', message: 'must be a whole number from 1' }]);
  if (version > FORMAT_VERSION)
    throw new FileFaultsError([
      { code: 'tooNew', path: 'version', message: `the file is of version ${version}; this program reads up to ${FORMAT_VERSION}` },
    ]);
  const current = version === FORMAT_VERSION && isShaped(raw) ? raw : checkSlowly(raw, version);
  const project = current as unknown as ProjectFile;
  const broken = findRuleFaults(project);
  if (broken.length > 0) throw new FileFaultsError(limit(broken));
  return project;
}

/**
 * The way of what the compiled schema does not take as it is: older versions, and files with faults, which the record classes put into words. The
 * schema is never looser than the classes, and takes nothing that is nested deeper or named otherwise than a record.
 */
function checkSlowly(raw: Record<string, unknown>, version: number): Record<string, unknown> {
  const odd = findPlainFaults(raw);
  if (odd.length > 0) throw new FileFaultsError(limit(odd));
  const current = migrateProject(raw, version, FORMAT_VERSION);
  if (isShaped(current)) return current;
  const instance = plainToInstance(ProjectFile, current);
  const faults = toFaults(validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }));
  if (faults.length > 0) throw new FileFaultsError(limit(faults));
  return current;
}

function limit(faults: readonly Fault[]): Fault[] {
  if (faults.length <= MOST_FAULTS) return [...faults];
  return [...faults.slice(0, MOST_FAULTS), { code: 'invalid', path: '', message: `and ${faults.length - MOST_FAULTS} more faults` }];
}
