import { toNestErrors } from '@hookform/resolvers';
import { findFieldFaults } from '@zinc-ladder/model/records/base/fieldFaults';
import type { ClassConstructor } from 'class-transformer';
import type { DefaultValues, FieldValues, UseFormReturn } from 'react-hook-form';
import { useForm } from 'react-hook-form';
import { toRecordFault } from './recordFault';

/** A form over one record, checked by the record's own class as it is typed; its faults are told in a form's words. */
export function useRecordForm<Values extends FieldValues>(recordClass: ClassConstructor<Values>, defaults: Values): UseFormReturn<Values> {
  return useForm<Values>({
    resolver: (values, _, options) => {
      const faults = findFieldFaults(recordClass, values);
      if (faults.length === 0) return { values, errors: {} };
      return {
        values: {},
        errors: toNestErrors<Values>(Object.fromEntries(faults.map((fault) => [fault.path, toRecordFault(fault)])), options),
      };
    },
    defaultValues: defaults as DefaultValues<Values>,
    mode: 'onTouched',
  });
}
