import type { ValidationError } from 'class-validator';

/** One thing wrong with a file or record: a stable code, where it is, and what, in words. */
export interface Fault {
  readonly code:
    | 'unreadable'
    | 'tooLarge'
    | 'notAProject'
    | 'tooNew'
    | 'invalid'
    | 'unknownField'
    | 'duplicateId'
    | 'brokenReference'
    | 'inconsistent'
    | 'missingAttachment'
    | 'unsafePath';
  /** such as `parts[2].name`; empty for the file as a whole */
  readonly path: string;
  readonly message: string;
}

/** Faults beyond this many are counted, not listed. */
export const MOST_FAULTS = 200;

/** A file that cannot be taken, with every fault found. Nothing has been touched. */
export class FileFaultsError extends Error {
  constructor(readonly faults: readonly Fault[]) {
    super(faults.map((fault) => (fault.path ? `${fault.path}: ${fault.message}` : fault.message)).join('\n'));
    this.name = 'FileFaultsError';
  }
}

/** Validation errors as faults with paths. */
export function toFaults(errors: readonly ValidationError[], base = ''): Fault[] {
  return errors.flatMap((error) => {
    const path = joinPath(base, error.property);
    const own = Object.entries(error.constraints ?? {}).map(([rule, message]): Fault => ({
      code: rule === 'whitelistValidation' ? 'unknownField' : 'invalid',
      path,
      message: inWords(rule, message),
    }));
    return [...own, ...toFaults(error.children ?? [], path)];
  });
}

function joinPath(base: string, property: string): string {
  if (/^\d+$/u.test(property)) return `${base}[${property}]`;
  return base ? `${base}.${property}` : property;
}

function inWords(rule: string, message: string): string {
  if (rule === 'whitelistValidation') return 'this field is not part of the format';
  if (rule === 'unknownValue' || rule === 'nestedValidation') return 'must be an object of the format';
  return message;
}
