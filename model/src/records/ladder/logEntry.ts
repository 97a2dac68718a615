import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsNumber, IsObject, Max, MaxLength, Min, ValidateNested } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** Paint one entry can say, ml; more is told as so much. */
export const MOST_TAKEN = 1_000_000;

/** What an entry tells. */
export type LogKind = 'done' | 'setDown' | 'note' | 'mistake' | 'reopened' | 'deviation';

/** The air when it was done. */
export class LoggedAir {
  @IsNumber()
  @Min(-50)
  @Max(70)
  temperatureCelsius!: number;

  @IsNumber()
  @Min(0)
  @Max(100)
  relativeHumidityPercent!: number;

  @IsIn(['measured', 'forecast', 'typical'])
  origin!: 'measured' | 'forecast' | 'typical';
}

/** A fact. Entries are never rewritten: a correction is a new entry that points at the one it replaces. */
export class LogEntry extends Tracked {
  @IsIn(['done', 'setDown', 'note', 'mistake', 'reopened', 'deviation'])
  kind!: LogKind;

  /** when it ended, or when it was noted */
  @IsMoment()
  atMs!: number;

  /** order of writing, each greater than all before: what stands of entries of one moment, and of several corrections, goes by it */
  @IsInt()
  @Min(0)
  counter!: number;

  @Nullable()
  @IsRecordId()
  propId!: string | null;

  @Nullable()
  @IsRecordId()
  partId!: string | null;

  @Nullable()
  @IsRecordId()
  rungId!: string | null;

  /** who did it; null: not said */
  @Nullable()
  @IsRecordId()
  personId!: string | null;

  @Nullable()
  @IsRecordId()
  productId!: string | null;

  /** what it took of its product by film and area, ml; null: none, or not reckoned */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(MOST_TAKEN)
  tookMillilitres!: number | null;

  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(10_000)
  plannedMinutes!: number | null;

  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(10_000)
  actualMinutes!: number | null;

  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => LoggedAir)
  air!: LoggedAir | null;

  @MaxLength(4000)
  text!: string;

  /** comes back when such a rung is grown or the same product is put on one; laid to rest by a correction that says no */
  @IsBoolean()
  isForNextTime!: boolean;

  @IsArray()
  @ArrayMaxSize(50)
  @IsRecordId(true)
  pictureIds!: string[];

  /** the entry this one replaces */
  @Nullable()
  @IsRecordId()
  correctsId!: string | null;
}
