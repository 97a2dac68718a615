import { MaxLength, MinLength } from 'class-validator';
import { IsLine } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** A timer of its own on the bench: a mixed cup, a trim window; not a rung's. */
export class BenchTimer extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsMoment()
  startedAtMs!: number;

  @IsMoment()
  endsAtMs!: number;

  /** what to do when it is over */
  @MaxLength(400)
  note!: string;
}
