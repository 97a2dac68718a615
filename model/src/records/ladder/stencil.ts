import { IsNumber, Matches, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** A stencil for a part: its outline as straight lines and how large it is. */
export class Stencil extends Tracked {
  @IsRecordId()
  partId!: string;

  @IsLine()
  @MinLength(1)
  name!: string;

  /** `M x y L x y … Z`, units of the file it came from */
  @MaxLength(2_000_000)
  @Matches(/^[MLZ0-9 .,-]+$/u, { message: '$property must be moves, lines and closings only' })
  outline!: string;

  @IsNumber()
  @Min(0.000_001)
  @Max(10_000)
  millimetresPerUnit!: number;
}
