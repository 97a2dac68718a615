import { IsBoolean, IsNumber, Max, MaxLength, Min } from 'class-validator';
import { IsRecordId, Nullable } from './decorators';
import { IsMoment } from './moment';
import { Tracked } from './tracked';

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
