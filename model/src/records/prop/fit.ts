import { IsBoolean, IsIn, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** How a pair goes together. */
export const FIT_KINDS = ['shaft', 'lid', 'slot'] as const;

/** Two faces that must still go together once they are painted. */
export class Fit extends Tracked {
  /** the part with the hole, box or slot */
  @IsRecordId()
  partId!: string;

  /** the part that goes in; null: something bought */
  @Nullable()
  @IsRecordId()
  otherPartId!: string | null;

  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(FIT_KINDS)
  kind!: (typeof FIT_KINDS)[number];

  /** inner width as designed, mm */
  @IsNumber()
  @Min(0.01)
  @Max(10_000)
  holeMillimetres!: number;

  @IsNumber()
  @Min(0.01)
  @Max(10_000)
  shaftMillimetres!: number;

  /** how much tighter the printer makes the pair */
  @IsNumber()
  @Min(-5)
  @Max(5)
  printErrorMillimetres!: number;

  /** the mating faces are masked: no film on them */
  @IsBoolean()
  isMasked!: boolean;

  @MaxLength(2000)
  note!: string;
}
