import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsLab } from '../colour/colourReading';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { PictureArea } from './pictureArea';
import { Tracked } from '../base/tracked';

/** Kinds of pictures that are kept; never SVG, which can carry scripts. */
export const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** A patch of a picture whose colour is known: its light is taken out by it. */
export class PictureNeutral {
  @IsObject()
  @ValidateNested()
  @Type(() => PictureArea)
  area!: PictureArea;

  /** the patch's true colour */
  @IsLab()
  known!: number[];

  /** what red, green and blue are multiplied by, in linear light */
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  @Min(0, { each: true })
  @Max(100_000, { each: true })
  gains!: number[];
}

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

  /** the part it shows, at whatever stage of the work; null: the whole prop, what it is made after, or a card's */
  @Nullable()
  @IsRecordId()
  partId!: string | null;

  /** it shows one's own work; else what the work is made after */
  @IsBoolean()
  isOwn!: boolean;

  /** focal length of its lens over its longer side, as the camera wrote it; null: not known */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(100)
  focalShare!: number | null;

  /** null: its light is left in */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PictureNeutral)
  neutral!: PictureNeutral | null;

  @Nullable()
  @IsMoment()
  takenAtMs!: number | null;

  @MaxLength(4000)
  note!: string;
}
