import { BenchTimer } from '../records/ladder/benchTimer';
import { Can } from '../records/shelf/can';
import { ClimateReading } from '../records/shop/climateReading';
import { ColourTarget } from '../records/colour/colourTarget';
import { Dimension } from '../records/reference/dimension';
import { Fit } from '../records/prop/fit';
import { Flaw } from '../records/prop/flaw';
import { Join } from '../records/prop/join';
import { Ladder } from '../records/ladder/ladder';
import { LogEntry } from '../records/ladder/logEntry';
import { LightPlan } from '../records/light/lightPlan';
import { MaskPlan } from '../records/ladder/maskPlan';
import { Measuring } from '../records/reference/measuring';
import { MeshReference } from '../records/prop/meshReference';
import { MixCard } from '../records/colour/mixCard';
import { OwnRoute } from '../records/ladder/ownRoute';
import { Pack } from '../records/shelf/pack';
import { Part } from '../records/prop/part';
import { Person } from '../records/shop/person';
import { PictureMatch } from '../records/reference/pictureMatch';
import { PictureReference } from '../records/prop/pictureReference';
import { Product } from '../records/shop/product';
import { Prop } from '../records/prop/prop';
import { Purchase } from '../records/shelf/purchase';
import { Rung } from '../records/ladder/rung';
import { Shop } from '../records/shop/shop';
import { Stencil } from '../records/ladder/stencil';
import { Supplier } from '../records/shelf/supplier';
import { Supply } from '../records/shelf/supply';
import { SurfacePass } from '../records/prop/surfacePass';
import { TechniqueCard } from '../records/colour/techniqueCard';
import { WeatherPlan } from '../records/prop/weatherPlan';
import type { TableName } from './tableNames';

/** The record class of each table. */
export const RECORD_CLASSES = {
  shop: Shop,
  props: Prop,
  parts: Part,
  joins: Join,
  ladders: Ladder,
  rungs: Rung,
  products: Product,
  cans: Can,
  supplies: Supply,
  suppliers: Supplier,
  packs: Pack,
  purchases: Purchase,
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
  dimensions: Dimension,
  measurings: Measuring,
  matches: PictureMatch,
  lightPlans: LightPlan,
  climateReadings: ClimateReading,
} as const satisfies Record<TableName, unknown>;

/** The type of a record by its table. */
export type RecordOf = { readonly [Table in keyof typeof RECORD_CLASSES]: InstanceType<(typeof RECORD_CLASSES)[Table]> };
