// The classes' decorators read types by it; whichever part of a bundle is loaded first must bring it.
import 'reflect-metadata';
import { Type } from 'class-transformer';
import { Equals, IsArray, IsObject, ValidateNested } from 'class-validator';
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
import { IsMoment } from '../records/base/moment';
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

/** Name of the format, in every file. */
export const FORMAT_NAME = 'zinc-ladder-project';
/** The version this program writes. Older ones are migrated when read, newer ones refused. */
export const FORMAT_VERSION = 14;

/** Everything a shop keeps, in one file. Bytes of pictures and meshes lie beside it in a zip. */
export class ProjectFile {
  @Equals(FORMAT_NAME)
  format!: string;

  @Equals(FORMAT_VERSION)
  version!: number;

  @IsMoment()
  savedAtMs!: number;

  @IsObject()
  @ValidateNested()
  @Type(() => Shop)
  shop!: Shop;

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Prop)
  props!: Prop[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Part)
  parts!: Part[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Join)
  joins!: Join[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Ladder)
  ladders!: Ladder[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Rung)
  rungs!: Rung[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Product)
  products!: Product[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Can)
  cans!: Can[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Supply)
  supplies!: Supply[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Supplier)
  suppliers!: Supplier[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Pack)
  packs!: Pack[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Purchase)
  purchases!: Purchase[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => MixCard)
  mixCards!: MixCard[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => LogEntry)
  logEntries!: LogEntry[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => PictureReference)
  pictures!: PictureReference[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => MeshReference)
  meshes!: MeshReference[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => SurfacePass)
  passes!: SurfacePass[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Flaw)
  flaws!: Flaw[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Fit)
  fits!: Fit[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => BenchTimer)
  timers!: BenchTimer[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => ColourTarget)
  targets!: ColourTarget[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => MaskPlan)
  maskPlans!: MaskPlan[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Stencil)
  stencils!: Stencil[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => WeatherPlan)
  weatherPlans!: WeatherPlan[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => TechniqueCard)
  techniqueCards!: TechniqueCard[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => OwnRoute)
  ownRoutes!: OwnRoute[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Person)
  persons!: Person[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Dimension)
  dimensions!: Dimension[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => Measuring)
  measurings!: Measuring[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => PictureMatch)
  matches!: PictureMatch[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => LightPlan)
  lightPlans!: LightPlan[];

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => ClimateReading)
  climateReadings!: ClimateReading[];
}
