import type { WorkKindId } from '@zinc-ladder/core/ladder/workKinds';
import { WORK_KINDS } from '@zinc-ladder/core/ladder/workKinds';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayUnique, IsArray, IsIn, IsInt, Max, Min, MinLength, ValidateNested } from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { BusyTime, HoursException, WeekSpan } from './shop';
import { Tracked } from '../base/tracked';

const KIND_IDS: readonly WorkKindId[] = WORK_KINDS.map(({ id }) => id);

/** Somebody who works in the shop. A shop without any has one finisher, who does everything in the shop's hours. */
export class Person extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  /** place among those of the shop; the first is who had the shop before others came */
  @IsInt()
  @Min(0)
  @Max(1000)
  position!: number;

  /** null: the shop's, with its dates and appointments */
  @Nullable()
  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => WeekSpan)
  hours!: WeekSpan[] | null;

  /** dates with other hours, or none: away */
  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => HoursException)
  exceptions!: HoursException[];

  /** appointments beside the shop's: no hands in them */
  @IsArray()
  @ArrayMaxSize(5000)
  @ValidateNested({ each: true })
  @Type(() => BusyTime)
  busy!: BusyTime[];

  /** kinds of work left to others */
  @IsArray()
  @ArrayMaxSize(50)
  @ArrayUnique()
  @IsIn(KIND_IDS, { each: true })
  refuses!: WorkKindId[];
}
