import type { ZoneId } from '@zinc-ladder/core/surface/measure/zones';
import { ZONES } from '@zinc-ladder/core/surface/measure/zones';
import { IsBoolean, IsIn, IsNumber, Max, MaxLength, Min } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** One turn over a part's surface and what was found after it. A fact: what it predicts is computed, never kept. */
export class SurfacePass extends Tracked {
  @IsRecordId()
  partId!: string;

  @IsMoment()
  atMs!: number;

  /** hands minutes of this pass */
  @IsNumber()
  @Min(0)
  @Max(10_000)
  minutes!: number;

  /** what such a pass was thought to take when it was logged; null: not said */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(10_000)
  plannedMinutes!: number | null;

  /** the zone it went over; null: all of the part */
  @Nullable()
  @IsIn(ZONES.map((zone) => zone.id))
  zone!: ZoneId | null;

  /** deepest valley found after it, µm; null: not judged */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(10_000)
  valleyMicrometres!: number | null;

  /** a guide coat was on, so that lows showed */
  @IsBoolean()
  isGuideCoat!: boolean;

  @MaxLength(4000)
  note!: string;
}
