import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsObject, MaxLength, MinLength, ValidateNested } from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { LadderRoute } from './ladder';
import { RungStep } from './rungStep';
import { Tracked } from '../base/tracked';

/** More rungs than a ladder holds are no route. */
const MOST_STEPS = 400;

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
  @ArrayMaxSize(MOST_STEPS)
  @ValidateNested({ each: true })
  @Type(() => RungStep)
  steps!: RungStep[];
}
