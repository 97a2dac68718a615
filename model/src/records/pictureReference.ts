import { IsIn, IsInt, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from './decorators';
import { IsMoment } from './moment';
import { Tracked } from './tracked';

/** Kinds of pictures that are kept; never SVG, which can carry scripts. */
export const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** What is known of a picture; its bytes lie beside the records. */
export class PictureReference extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(PICTURE_TYPES)
  mediaType!: (typeof PICTURE_TYPES)[number];

  @IsInt()
  @Min(1)
  @Max(64 * 1024 * 1024)
  byteLength!: number;

  @Nullable()
  @IsRecordId()
  propId!: string | null;

  /** the part whose surface it shows, for inspection; null: a picture the prop is made after, or a card's */
  @Nullable()
  @IsRecordId()
  partId!: string | null;

  @Nullable()
  @IsMoment()
  takenAtMs!: number | null;

  @MaxLength(4000)
  note!: string;
}
