import type { JointLoad } from '@zinc-ladder/core/bond/adhesives';
import type { DryFit } from '@zinc-ladder/core/bond/fitRemedies';
import { Type } from 'class-transformer';
import { IsBoolean, IsIn, IsNumber, IsObject, Max, Min, ValidateNested } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';

const LOADS: readonly JointLoad[] = ['display', 'handled', 'worn'];
const DRY_FITS: readonly DryFit[] = ['notTried', 'fits', 'tight', 'loose', 'gap'];

/** The seam of a join as it was found at the dry fit. */
export class Seam {
  @IsIn(DRY_FITS)
  dryFit!: DryFit;

  @IsNumber()
  @Min(0)
  @Max(100_000)
  lengthMillimetres!: number;

  @IsNumber()
  @Min(0)
  @Max(100)
  gapMillimetres!: number;

  /** how deep filler goes in */
  @IsNumber()
  @Min(0)
  @Max(100)
  depthMillimetres!: number;

  /** one side stands higher by this */
  @IsNumber()
  @Min(0)
  @Max(100)
  stepMillimetres!: number;

  @IsIn(LOADS)
  load!: JointLoad;

  /** seen on the finished prop */
  @IsBoolean()
  isSeen!: boolean;

  /** paint and paper reach everything once it is joined */
  @IsBoolean()
  isReachable!: boolean;

  /** must come off again */
  @IsBoolean()
  mustComeOff!: boolean;
}

/** Where two ladders meet: the guest's rungs up to one of them (all, when null) come before the host's rung, the rest after it. */
export class Join extends Tracked {
  @IsRecordId()
  hostPartId!: string;

  @IsRecordId()
  hostRungId!: string;

  @IsRecordId()
  guestPartId!: string;

  @Nullable()
  @IsRecordId()
  guestRungId!: string | null;

  @IsLine()
  note!: string;

  /** null: not looked at */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => Seam)
  seam!: Seam | null;
}
