import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsNumber, IsObject, Max, Min, MinLength, ValidateNested } from 'class-validator';
import { MOST_REGIONS } from '@zinc-ladder/core/mask/maskProblem';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { PicturePlace } from '../prop/picturePlace';
import { Tracked } from '../base/tracked';

/** A region of one colour. */
export class MaskPlanRegion {
  @IsRecordId()
  id!: string;

  @IsLine()
  @MinLength(1)
  name!: string;

  /** the part it lies on */
  @IsRecordId()
  partId!: string;

  @IsNumber()
  @Min(0)
  @Max(200_000)
  areaSquareCentimetres!: number;

  @Nullable()
  @IsRecordId()
  productId!: string | null;

  @IsInt()
  @Min(1)
  @Max(20)
  coats!: number;

  /** lies under all others as well */
  @IsBoolean()
  isBase!: boolean;

  /** chips are to show that region's film */
  @Nullable()
  @IsRecordId()
  chipsShowId!: string | null;

  /** where it is on the plan's picture, shares of its sides; null: not pointed at */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  spot!: PicturePlace | null;
}

/** Where two regions meet. */
export class MaskPlanBorder {
  @IsRecordId()
  firstId!: string;

  @IsRecordId()
  secondId!: string;

  @IsNumber()
  @Min(0)
  @Max(100_000)
  lengthMillimetres!: number;

  @IsIn(['straight', 'curved'])
  form!: 'straight' | 'curved';

  @IsIn(['panelLine', 'free'])
  place!: 'panelLine' | 'free';
}

/** Colour regions of a part, or of a group joined before paint, with the order they are sprayed in. */
export class MaskPlan extends Tracked {
  /** the part whose ladder the rungs go to */
  @IsRecordId()
  partId!: string;

  /** the picture its regions are pointed at on; null: none */
  @Nullable()
  @IsRecordId()
  pictureId!: string | null;

  @IsArray()
  @ArrayMaxSize(MOST_REGIONS)
  @ValidateNested({ each: true })
  @Type(() => MaskPlanRegion)
  regions!: MaskPlanRegion[];

  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => MaskPlanBorder)
  borders!: MaskPlanBorder[];

  @IsIn(['under', 'clear', 'none'])
  seal!: 'under' | 'clear' | 'none';

  @IsIn(['wet', 'dry'])
  pull!: 'wet' | 'dry';

  /** ids of all regions as the finisher wants them; empty: the best order */
  @IsArray()
  @ArrayMaxSize(MOST_REGIONS)
  @IsRecordId(true)
  order!: string[];
}
