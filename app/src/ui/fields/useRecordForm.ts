import { toNestErrors } from '@hookform/resolvers';
import type { FieldFault } from '@zinc-ladder/model/records/base/fieldFaults';
import { findFieldFaults } from '@zinc-ladder/model/records/base/fieldFaults';
import type { ClassConstructor } from 'class-transformer';
import type { DefaultValues, FieldError, FieldValues, UseFormReturn } from 'react-hook-form';
import { useForm } from 'react-hook-form';

/** A form over one record, checked by the record's own class as it is typed; its faults are told in a form's words. */
export function useRecordForm<Values extends FieldValues>(recordClass: ClassConstructor<Values>, defaults: Values): UseFormReturn<Values> {
  return useForm<Values>({
    resolver: (values, _, options) => {
      const faults = findFieldFaults(recordClass, values);
      if (faults.length === 0) return { values, errors: {} };
      const errors = faults.map((fault): [string, FieldError] => [fault.path, { type: fault.rule, message: wordFault(fault) }]);
      return { values: {}, errors: toNestErrors<Values>(Object.fromEntries(errors), options) };
    },
    defaultValues: defaults as DefaultValues<Values>,
    mode: 'onTouched',
  });
}

function wordFault({ rule, bound }: FieldFault): string {
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
