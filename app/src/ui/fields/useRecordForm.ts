import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import type { ClassConstructor } from 'class-transformer';
import type { DefaultValues, FieldValues, UseFormReturn } from 'react-hook-form';
import { useForm } from 'react-hook-form';

/** A form over one record, checked by the record's own class as it is typed. */
export function useRecordForm<Values extends FieldValues>(recordClass: ClassConstructor<Values>, defaults: Values): UseFormReturn<Values> {
  return useForm<Values>({
    resolver: classValidatorResolver(recordClass as never) as never,
    defaultValues: defaults as DefaultValues<Values>,
    mode: 'onTouched',
  });
}

/** Turns a validator's message into words for a form. */
export function formWords(message: string | undefined): string | undefined {
  if (message === undefined) return undefined;
  if (/longer than or equal to 1 /u.test(message)) return 'This is needed.';
  const bound = /must not be (less|greater) than ([-\d.]+)/u.exec(message);
  if (bound) return bound[1] === 'less' ? `At least ${bound[2]}.` : `At most ${bound[2]}.`;
  if (/must be an integer/u.test(message)) return 'A whole number is needed.';
  if (/must be a number/u.test(message)) return 'A number is needed.';
  return message;
}
