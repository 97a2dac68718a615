import type { BandId } from '@zinc-ladder/core/ladder/bands';
import { BANDS } from '@zinc-ladder/core/ladder/bands';
import { METHODS } from '@zinc-ladder/core/ladder/methods';
import type { ColourRole } from '@zinc-ladder/core/ladder/routeRow';
import { ArrayMaxSize, IsArray, IsIn, IsInt, IsNumber, IsString, Max, MaxLength, Min, MinLength } from 'class-validator';
import type { RungSide } from '@zinc-ladder/core/ladder/faces';
import { IsLine, IsRecordId, Nullable } from './decorators';
import { IsMoment } from './moment';
import { Tracked } from './tracked';

const RUNG_SIDES: readonly RungSide[] = ['all', 'under', 'top'];

/** How far a rung is. */
export type RungState = 'open' | 'inHand' | 'setDown' | 'done' | 'leftOut';

/** One step on a part. */
export class Rung extends Tracked {
  @IsRecordId()
  ladderId!: string;

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

  /** dry film of the coat; null where none stays */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(20_000)
  coatMicrometres!: number | null;

  /** the faces it is done on: all round, or from one side at a time with a turn in between */
  @IsIn(RUNG_SIDES)
  side!: RungSide;

  /** hands minutes planned */
  @IsInt()
  @Min(0)
  @Max(10_000)
  minutes!: number;

  /** the sum behind the minutes; empty when they were typed */
  @MaxLength(400)
  minutesFormula!: string;

  /** how to do it, for the bench */
  @MaxLength(4000)
  detail!: string;

  @MaxLength(2000)
  why!: string;

  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  cautionIds!: string[];

  @Nullable()
  @IsMoment()
  notBeforeMs!: number | null;

  /** when its work must begin, whatever the plan would rather; null: where the plan puts it */
  @Nullable()
  @IsMoment()
  lockedAtMs!: number | null;

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
