import type { AgeId } from '@zinc-ladder/core/ladder/ages';
import { AGES } from '@zinc-ladder/core/ladder/ages';
import type { FinishId } from '@zinc-ladder/core/ladder/finishes';
import { FINISHES } from '@zinc-ladder/core/ladder/finishes';
import type { JoiningId, SealingId, SmoothingId } from '@zinc-ladder/core/ladder/schools';
import { JOINING_SCHOOLS, SEALING_SCHOOLS, SMOOTHING_SCHOOLS } from '@zinc-ladder/core/ladder/schools';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayUnique, IsArray, IsIn, IsObject, ValidateNested } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** The choices a ladder grew from. */
export class LadderRoute {
  @IsIn(FINISHES.map((finish) => finish.id))
  finish!: FinishId;

  /** how much life it is to show */
  @IsIn(AGES.map((age) => age.id))
  age!: AgeId;

  @IsIn(SMOOTHING_SCHOOLS.map((school) => school.id))
  smoothing!: SmoothingId;

  @IsIn(JOINING_SCHOOLS.map((school) => school.id))
  joining!: JoiningId;

  @IsIn(SEALING_SCHOOLS.map((school) => school.id))
  sealing!: SealingId;
}

/** The ordered rungs of a part. */
export class Ladder extends Tracked {
  @IsRecordId()
  partId!: string;

  /** null: built by hand */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => LadderRoute)
  route!: LadderRoute | null;

  /** bottom first */
  @IsArray()
  @ArrayMaxSize(400)
  @ArrayUnique()
  @IsRecordId(true)
  rungIds!: string[];
}
