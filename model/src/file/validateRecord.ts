import type { ClassConstructor } from 'class-transformer';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import type { Fault } from './faults';
import { toFaults } from './faults';
import { RECORD_CLASSES } from './recordClasses';
import type { TableName } from './tableNames';

/** What is wrong with one record; empty when it may be kept. */
export function findRecordFaults(table: TableName, record: object): Fault[] {
  const instance = plainToInstance(RECORD_CLASSES[table] as ClassConstructor<object>, record);
  return toFaults(validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }));
}
