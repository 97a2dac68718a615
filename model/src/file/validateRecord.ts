import type { ClassConstructor } from 'class-transformer';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { BenchTimer } from '../records/benchTimer';
import { Can } from '../records/can';
import { ClimateReading } from '../records/climateReading';
import { ColourTarget } from '../records/colourTarget';
import { Fit } from '../records/fit';
import { Flaw } from '../records/flaw';
import { Join } from '../records/join';
import { Ladder } from '../records/ladder';
import { LogEntry } from '../records/logEntry';
import { MaskPlan } from '../records/maskPlan';
import { MeshReference } from '../records/meshReference';
import { MixCard } from '../records/mixCard';
import { OwnRoute } from '../records/ownRoute';
import { Part } from '../records/part';
import { Person } from '../records/person';
import { PictureReference } from '../records/pictureReference';
import { Product } from '../records/product';
import { Prop } from '../records/prop';
import { Rung } from '../records/rung';
import { Shop } from '../records/shop';
import { Stencil } from '../records/stencil';
import { SurfacePass } from '../records/surfacePass';
import { TechniqueCard } from '../records/techniqueCard';
import { WeatherPlan } from '../records/weatherPlan';
import type { Fault } from './faults';
import { toFaults } from './faults';
import type { TableName } from './tableNames';

/** The record class of each table. */
const RECORD_CLASSES = {
  shop: Shop,
  props: Prop,
  parts: Part,
  joins: Join,
  ladders: Ladder,
  rungs: Rung,
  products: Product,
  cans: Can,
  mixCards: MixCard,
  logEntries: LogEntry,
  pictures: PictureReference,
  meshes: MeshReference,
  passes: SurfacePass,
  flaws: Flaw,
  fits: Fit,
  timers: BenchTimer,
  targets: ColourTarget,
  maskPlans: MaskPlan,
  stencils: Stencil,
  weatherPlans: WeatherPlan,
  techniqueCards: TechniqueCard,
  ownRoutes: OwnRoute,
  persons: Person,
  climateReadings: ClimateReading,
} as const satisfies Record<TableName, unknown>;

/** The type of a record by its table. */
export type RecordOf = { readonly [Table in keyof typeof RECORD_CLASSES]: InstanceType<(typeof RECORD_CLASSES)[Table]> };
/** What is wrong with one record; empty when it may be kept. */
export function findRecordFaults(table: TableName, record: object): Fault[] {
  const instance = plainToInstance(RECORD_CLASSES[table] as ClassConstructor<object>, record);
  return toFaults(validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }));
}
