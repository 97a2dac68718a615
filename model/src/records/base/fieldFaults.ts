import type { ClassConstructor } from 'class-transformer';
import { plainToInstance } from 'class-transformer';
import type { ValidationError } from 'class-validator';
import { getMetadataStorage, validateSync } from 'class-validator';

/** What is wrong with one field of a record that is being typed. */
export interface FieldFault {
  /** such as `components.2.amount` */
  readonly path: string;
  /** name of the constraint that is broken, as class-validator has it: `min`, `isInt` */
  readonly rule: string;
  /** the bound the constraint was given; null where it has none */
  readonly bound: number | null;
}

/** A value of the wrong kind breaks its bounds as well; only the kind is worth telling. */
const KINDS = ['isNumber', 'isInt'];

/** One broken constraint of every field, those of nested objects too. */
export function findFieldFaults(recordClass: ClassConstructor<object>, values: object): FieldFault[] {
  return faultsOf(validateSync(plainToInstance(recordClass, values)), '');
}

function faultsOf(errors: readonly ValidationError[], within: string): FieldFault[] {
  return errors.flatMap((error) => {
    const path = `${within}${error.property}`;
    const broken = Object.keys(error.constraints ?? {});
    const rule = broken.find((name) => KINDS.includes(name)) ?? broken[0];
    const own = rule === undefined ? [] : [{ path, rule, bound: boundOf(error, rule) }];
    return [...own, ...faultsOf(error.children ?? [], `${path}.`)];
  });
}

function boundOf({ target, property }: ValidationError, rule: string): number | null {
  const holder: unknown = target?.constructor;
  if (typeof holder !== 'function') return null;
  const constraints = getMetadataStorage().getTargetValidationMetadatas(holder, '', true, false);
  const bound = constraints.find(({ propertyName, name }) => propertyName === property && name === rule)?.constraints?.[0] as unknown;
  return typeof bound === 'number' ? bound : null;
}
