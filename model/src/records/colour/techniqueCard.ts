import { TECHNIQUES } from '@zinc-ladder/core/weather/technique/techniques';
import { IsBoolean, IsIn, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLab } from './colourReading';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** What was tried of a technique, on what, and what it did. */
export class TechniqueCard extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(TECHNIQUES.map((technique) => technique.id))
  techniqueId!: string;

  /** part or test card it was tried on, in words: it outlives them */
  @IsLine()
  triedOn!: string;

  @IsLab()
  baseLab!: number[];

  @IsLab()
  depositLab!: number[];

  @Nullable()
  @IsRecordId()
  productId!: string | null;

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

  @IsLine()
  tool!: string;

  @IsLine()
  mix!: string;

  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(10_000)
  minutes!: number | null;

  /** share of the area before and after it, as measured; null: not measured */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(1)
  coverageBefore!: number | null;

  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(1)
  coverageAfter!: number | null;

  /** half of the interval of the second */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(1)
  half!: number | null;

  /** null: not yet said */
  @Nullable()
  @IsBoolean()
  isGood!: boolean | null;

  @MaxLength(4000)
  note!: string;

  @IsMoment()
  madeAtMs!: number;
}
