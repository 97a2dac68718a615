import type { BandId } from '@zinc-ladder/core/ladder/bands';
import { BANDS } from '@zinc-ladder/core/ladder/bands';
import { METHODS } from '@zinc-ladder/core/ladder/methods';
import type { ColourRole } from '@zinc-ladder/core/ladder/routeRow';
import type { RungSide } from '@zinc-ladder/core/ladder/faces';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsObject,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsLine, IsRecordId, Nullable } from './decorators';
import { LadderRoute } from './ladder';
import { Tracked } from './tracked';

/** More rungs than this are no route. */
export const MOST_ROUTE_STEPS = 200;

/** A rung as a route keeps it: what is done, not when, nor how long on a part of another size. */
export class OwnRouteStep {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(METHODS.map((method) => method.id))
  methodId!: string;

  @IsIn(BANDS.map((band) => band.id))
  band!: BandId;

  @Nullable()
  @IsRecordId()
  productId!: string | null;

  @Nullable()
  @IsLine(20)
  role!: ColourRole | null;

  @Nullable()
  @IsLine(20)
  grit!: string | null;

  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(20_000)
  coatMicrometres!: number | null;

  @IsIn(['all', 'under', 'top'])
  side!: RungSide;

  @MaxLength(4000)
  detail!: string;

  @MaxLength(2000)
  why!: string;
}

/** A ladder that was kept to be climbed again on other parts. */
export class OwnRoute extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  @MaxLength(4000)
  note!: string;

  /** the choices it came from, which say what surface it is for; null: built by hand */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => LadderRoute)
  route!: LadderRoute | null;

  /** bottom first */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ROUTE_STEPS)
  @ValidateNested({ each: true })
  @Type(() => OwnRouteStep)
  steps!: OwnRouteStep[];
}
