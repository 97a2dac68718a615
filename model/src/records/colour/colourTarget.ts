import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsLab } from './colourReading';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { PictureArea } from '../prop/pictureArea';
import { Tracked } from '../base/tracked';

/** One sample of a target's colour. */
export class TargetSample {
  @IsRecordId()
  id!: string;

  /** null: read by a reader */
  @Nullable()
  @IsRecordId()
  pictureId!: string | null;

  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PictureArea)
  area!: PictureArea | null;

  /** with the picture's light taken out */
  @IsLab()
  lab!: number[];

  @IsArray()
  @ArrayMaxSize(8)
  @IsString({ each: true })
  doubts!: string[];

  @IsBoolean()
  isLeftOut!: boolean;
}

/** Where a target's colour comes from. */
export const TARGET_ORIGINS = ['samples', 'typed'] as const;

/** A colour that is wanted, by name. */
export class ColourTarget extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  @Nullable()
  @IsRecordId()
  propId!: string | null;

  @IsIn(TARGET_ORIGINS)
  origin!: (typeof TARGET_ORIGINS)[number];

  /** the typed colour; with samples, their middle */
  @IsLab()
  lab!: number[];

  /** how far samples lie from their middle, ΔE00 */
  @IsNumber()
  @Min(0)
  @Max(100)
  spread!: number;

  @IsArray()
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => TargetSample)
  samples!: TargetSample[];

  @MaxLength(2000)
  note!: string;
}
