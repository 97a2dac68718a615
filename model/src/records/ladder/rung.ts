import { ArrayMaxSize, IsArray, IsIn, IsInt, IsNumber, IsString, Max, MaxLength, Min } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { MOST_PIECES } from '../prop/part';
import { RungStep } from './rungStep';
import type { Tracked } from '../base/tracked';

/** How far a rung is. */
export type RungState = 'open' | 'inHand' | 'setDown' | 'done' | 'leftOut';

/** Smallest and largest surface a rung can say it is done on, cm². */
export const LEAST_REGION = 0.01;
export const LARGEST_REGION = 200_000;
/** Hands minutes one rung can say; work that takes longer is told as so long. */
export const MOST_MINUTES = 10_000;

/** One step on a part. */
export class Rung extends RungStep implements Tracked {
  // A class has one parent: what a rung shares with the steps of kept routes is more than what all records share.
  @IsRecordId()
  id!: string;

  @IsInt()
  @Min(0)
  revision!: number;

  @IsRecordId()
  ladderId!: string;

  /** hands minutes planned */
  @IsInt()
  @Min(0)
  @Max(MOST_MINUTES)
  minutes!: number;

  /** the sum behind the minutes; empty when they were typed */
  @MaxLength(400)
  minutesFormula!: string;

  /** surface of one piece it is done on, cm², where that is a region of it; null: all of its faces */
  @Nullable()
  @IsNumber()
  @Min(LEAST_REGION)
  @Max(LARGEST_REGION)
  areaSquareCentimetres!: number | null;

  /** pieces of the set it is done on, as where one of twelve is mended, or was done on, where the set was larger then; null: all, however many there are */
  @Nullable()
  @IsInt()
  @Min(1)
  @Max(MOST_PIECES)
  pieces!: number | null;

  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  cautionIds!: string[];

  @Nullable()
  @IsMoment()
  notBeforeMs!: number | null;

  /** an earlier rung of its ladder whose film must be hard first; null: what its method asks for is enough */
  @Nullable()
  @IsRecordId()
  hardRungId!: string | null;

  /** when its work must begin, whatever the plan would rather; null: where the plan puts it */
  @Nullable()
  @IsMoment()
  lockedAtMs!: number | null;

  /** who is to do it; null: anybody who can */
  @Nullable()
  @IsRecordId()
  personId!: string | null;

  /** who has it in hand or had it last; null: not said */
  @Nullable()
  @IsRecordId()
  doerId!: string | null;

  @Nullable()
  @IsRecordId()
  mixCardId!: string | null;

  @IsIn(['open', 'inHand', 'setDown', 'done', 'leftOut'])
  state!: RungState;

  /** when the running stretch of work began; null unless in hand */
  @Nullable()
  @IsMoment()
  startedAtMs!: number | null;

  /** work of stretches that are over, ms */
  @IsInt()
  @Min(0)
  @Max(100 * 3_600_000)
  workedMs!: number;

  @Nullable()
  @IsMoment()
  doneAtMs!: number | null;
}
