import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import type { ShownMaterialId } from '@zinc-ladder/core/weather/story/shownMaterials';
import { SHOWN_MATERIALS } from '@zinc-ladder/core/weather/story/shownMaterials';
import { TECHNIQUES } from '@zinc-ladder/core/weather/technique/techniques';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, IsNumber, IsObject, Max, Min, ValidateNested } from 'class-validator';
import { IsLab } from '../colour/colourReading';
import { IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** More passes than this on one part are refused. */
export const MOST_WEATHER_PASSES = 40;

/** A place of a part that its life marks. */
export class WearPin {
  @IsRecordId()
  id!: string;

  /** where hands and other parts rub, or where something runs from */
  @IsIn(['held', 'runs'])
  kind!: 'held' | 'runs';

  /** mm, as the mesh has it */
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  place!: number[];
}

/** Where a part sits in its prop, whose z axis is up: stood up by the plan's way up, then turned, then moved. */
export class PartSeat {
  /** clockwise as seen from above */
  @IsNumber()
  @Min(-360)
  @Max(360)
  turnDegrees!: number;

  /** mm */
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  @Min(-10_000, { each: true })
  @Max(10_000, { each: true })
  offset!: number[];
}

/** A region of another colour: what a mask left open, as it lies on the mesh. A later one lies over an earlier. */
export class WeatherRegion {
  @IsRecordId()
  id!: string;

  /** the paint on it; null: a colour that is not on the shelf */
  @Nullable()
  @IsRecordId()
  productId!: string | null;

  /** its colour where no paint is chosen */
  @IsLab()
  lab!: number[];

  /** mm, as the mesh has it */
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  place!: number[];

  /** it ends where the surface bends by more */
  @IsNumber()
  @Min(1)
  @Max(180)
  edgeDegrees!: number;

  /** and no further from its place than this; null: at the edges alone */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(5000)
  reachMillimetres!: number | null;

  /** the stencil it was sprayed through, its middle on the place; null: all of it was open */
  @Nullable()
  @IsRecordId()
  stencilId!: string | null;

  /** the stencil, clockwise as one looks at the face */
  @IsNumber()
  @Min(-360)
  @Max(360)
  turnDegrees!: number;
}

/** A pass that is rehearsed. */
export class PlannedWeatherPass {
  @IsRecordId()
  id!: string;

  @IsIn(TECHNIQUES.map((technique) => technique.id))
  techniqueId!: string;

  /** the paint; null: a colour that is not on the shelf */
  @Nullable()
  @IsRecordId()
  productId!: string | null;

  /** its colour where no paint is chosen */
  @IsLab()
  lab!: number[];

  @IsNumber()
  @Min(0)
  @Max(1)
  amount!: number;

  @IsNumber()
  @Min(0)
  @Max(1)
  wiped!: number;

  @IsNumber()
  @Min(0.05)
  @Max(200)
  sizeMillimetres!: number;

  @IsInt()
  @Min(0)
  @Max(1_000_000)
  seed!: number;

  /** share of the area at which to stop; null: what the rehearsal shows */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(1)
  stop!: number | null;

  /** the rung it became */
  @Nullable()
  @IsRecordId()
  rungId!: string | null;
}

/** How much of the area a pass was seen to cover. */
export class CoverageRecord {
  @IsRecordId()
  id!: string;

  /** the pass that was done before it */
  @IsRecordId()
  passId!: string;

  /** how much was laid on since the reading before, as the rehearsal counts it */
  @IsNumber()
  @Min(0)
  @Max(10)
  amount!: number;

  /** null: done, and not measured */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(1)
  coverage!: number | null;

  /** half of the interval */
  @IsNumber()
  @Min(0)
  @Max(1)
  half!: number;

  /** coverage the technique tended to on this part, by the rehearsal then: what a hand is learned against; null: not known */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(1)
  most!: number | null;

  @IsIn(['pair', 'unregistered', 'single', 'eye'])
  how!: 'pair' | 'unregistered' | 'single' | 'eye';

  @Nullable()
  @IsRecordId()
  pictureId!: string | null;

  @IsMoment()
  atMs!: number;
}

/** How a part is to be weathered, and what was seen of it. */
export class WeatherPlan extends Tracked {
  @IsRecordId()
  partId!: string;

  /** what it passes for */
  @IsIn(SHOWN_MATERIALS.map((material) => material.id))
  shownId!: ShownMaterialId;

  /** colour under all passes; null: what the ladder leaves */
  @Nullable()
  @IsLab()
  baseLab!: number[] | null;

  /** the way up as it is worn or stands, in the mesh's own axes */
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  @Min(-1, { each: true })
  @Max(1, { each: true })
  up!: number[];

  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => WearPin)
  pins!: WearPin[];

  /** pins of parts that sit in one prop mark each of them; null: it is not known where this one sits, and its pins are its own */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PartSeat)
  seat!: PartSeat | null;

  @IsArray()
  @ArrayMaxSize(MOST_COLOUR_REGIONS)
  @ValidateNested({ each: true })
  @Type(() => WeatherRegion)
  regions!: WeatherRegion[];

  /** large to small */
  @IsArray()
  @ArrayMaxSize(MOST_WEATHER_PASSES)
  @ValidateNested({ each: true })
  @Type(() => PlannedWeatherPass)
  passes!: PlannedWeatherPass[];

  @IsArray()
  @ArrayMaxSize(400)
  @ValidateNested({ each: true })
  @Type(() => CoverageRecord)
  readings!: CoverageRecord[];

  /** the part before the first pass */
  @Nullable()
  @IsRecordId()
  cleanPictureId!: string | null;
}
