import { IsInt, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** The whole replica. */
export class Prop extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  /** what it is meant to have lived through */
  @MaxLength(4000)
  story!: string;

  @Nullable()
  @IsMoment()
  dueMs!: number | null;

  /** how much being late weighs against other props */
  @IsNumber()
  @Min(0.01)
  @Max(100)
  weight!: number;

  @Nullable()
  @IsNumber()
  @Min(0.05)
  @Max(1000)
  viewingMetres!: number | null;

  /** order in lists */
  @IsInt()
  @Min(0)
  position!: number;
}
