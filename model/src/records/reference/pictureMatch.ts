import type { MatchConditions } from '@zinc-ladder/core/match/matchColours';
import { MATCH_CONDITIONS } from '@zinc-ladder/core/match/matchColours';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsObject, MinLength, ValidateNested } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';
import { PictureArea } from '../prop/pictureArea';
import { PicturePlace } from '../prop/picturePlace';

/** One and the same spot on the reference and on one's own photograph. */
export class MatchedSpot {
  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  reference!: PicturePlace;

  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  own!: PicturePlace;
}

/** A region whose colour is compared, by its area on the reference. */
export class MatchedRegion {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => PictureArea)
  area!: PictureArea;

  /** the part that is seen there; null: not said */
  @Nullable()
  @IsRecordId()
  partId!: string | null;

  /** the mix it was painted with, which a correction begins from; null: not said */
  @Nullable()
  @IsRecordId()
  mixCardId!: string | null;
}

/** One's own photograph held against a reference: how they lie on each other and where they are compared. What it comes to is computed. */
export class PictureMatch extends Tracked {
  @IsRecordId()
  propId!: string;

  @IsRecordId()
  referenceId!: string;

  @IsRecordId()
  ownId!: string;

  /** when they were held against each other */
  @IsMoment()
  atMs!: number;

  /** how alike both were taken: it says how sure a difference can be */
  @IsIn(MATCH_CONDITIONS)
  conditions!: MatchConditions;

  /** what is compared is known to be flat: four spots are enough then */
  @IsBoolean()
  isFlat!: boolean;

  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => MatchedSpot)
  spots!: MatchedSpot[];

  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => MatchedRegion)
  regions!: MatchedRegion[];
}
