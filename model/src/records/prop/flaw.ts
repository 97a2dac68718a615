import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsNumber, IsObject, Max, MaxLength, Min, ValidateNested } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** Where a flaw was pinned: on a picture or on a mesh, one of the two. */
export class FlawPin {
  @Nullable()
  @IsRecordId()
  pictureId!: string | null;

  @Nullable()
  @IsRecordId()
  meshId!: string | null;

  /** on a picture two shares of its width and height, on a mesh three millimetres in the file's axes */
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  place!: number[];
}

/** A flaw that was found on a part. */
export class Flaw extends Tracked {
  @IsRecordId()
  partId!: string;

  @IsIn(FLAW_KINDS.map((kind) => kind.id))
  kind!: FlawKindId;

  /** its smaller extent, across, mm */
  @IsNumber()
  @Min(0.01)
  @Max(1000)
  sizeMillimetres!: number;

  /** the pass it was found after; null: before the first */
  @Nullable()
  @IsRecordId()
  foundPassId!: string | null;

  /** the pass that mended it; null: open */
  @Nullable()
  @IsRecordId()
  fixedPassId!: string | null;

  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => FlawPin)
  pin!: FlawPin | null;

  @MaxLength(2000)
  note!: string;
}
