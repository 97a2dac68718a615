import type { FieldFault } from '@zinc-ladder/model/records/base/fieldFaults';
import type { FieldError } from 'react-hook-form';

/** What is wrong with a field of a form, with the bound it broke: a field that shows another unit tells the bound in that. */
export interface RecordFault extends FieldError {
  readonly bound: number | null;
}

/** A broken constraint as a form keeps it. */
export function toRecordFault({ rule, bound }: FieldFault): RecordFault {
  return { type: rule, bound, message: wordFault(rule, bound) };
}

/** A broken constraint in a form's words. */
export function wordFault(rule: string, bound: number | null): string {
  switch (rule) {
    case 'minLength':
      return 'This is needed.';
    case 'maxLength':
      return `At most ${bound} characters.`;
    case 'min':
      return `At least ${bound}.`;
    case 'max':
      return `At most ${bound}.`;
    case 'isInt':
      return 'A whole number is needed.';
    case 'isNumber':
      return 'A number is needed.';
    default:
      return 'This is not taken.';
  }
}
