import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';
import { PicturePlace } from '../prop/picturePlace';

/** What a picture may be no good for. */
export const DISTRUSTED = ['light', 'scale'] as const;

/** One of them. */
export type Distrusted = (typeof DISTRUSTED)[number];

/** A length that is known on a picture. */
export class KnownStretch {
  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  a!: PicturePlace;

  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  b!: PicturePlace;

  @IsNumber()
  @Min(0.001)
  @Max(1_000_000)
  millimetres!: number;

  /** how the size of such things varies, standard deviation in mm; 0: it is known */
  @IsNumber()
  @Min(0)
  @Max(1_000_000)
  sdMillimetres!: number;

  /** what it is a length of, in the finisher's words or as the table of usual sizes has it */
  @IsLine()
  @MinLength(1)
  name!: string;
}

/** A rectangle seen at a slant: it tells the plane. */
export class SeenRectangle {
  /** going round */
  @IsArray()
  @ArrayMinSize(4)
  @ArrayMaxSize(4)
  @ValidateNested({ each: true })
  @Type(() => PicturePlace)
  corners!: PicturePlace[];

  /** the side between the first two corners over the next */
  @IsNumber()
  @Min(0.001)
  @Max(1000)
  proportion!: number;

  /** the side between the first two corners; null: only its shape is known */
  @Nullable()
  @IsNumber()
  @Min(0.001)
  @Max(1_000_000)
  sideMillimetres!: number | null;
}

/** A circle seen at a slant: it tells the plane too. */
export class SeenCircle {
  @IsArray()
  @ArrayMinSize(5)
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => PicturePlace)
  rim!: PicturePlace[];

  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  centre!: PicturePlace | null;

  @Nullable()
  @IsNumber()
  @Min(0.001)
  @Max(1_000_000)
  diameterMillimetres!: number | null;
}

/** Where a dimension is read on a picture. */
export class DimensionReading {
  @IsRecordId()
  dimensionId!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  a!: PicturePlace;

  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  b!: PicturePlace;

  /** set aside by the finisher: shown, not counted */
  @IsBoolean()
  isLeftOut!: boolean;
}

/** Something pointed out on a picture: "rivet here, only seen in this one". */
export class PicturePin {
  @IsObject()
  @ValidateNested()
  @Type(() => PicturePlace)
  place!: PicturePlace;

  @IsLine()
  @MinLength(1)
  text!: string;
}

/** What is marked on a picture to measure by it. It has the picture's own id: a picture has one at most. All of it lies in one plane. */
export class Measuring extends Tracked {
  @IsRecordId()
  pictureId!: string;

  /** where the picture is from, in the finisher's words */
  @MaxLength(500)
  origin!: string;

  /** what cannot be trusted in it: `light` for colours, `scale` for lengths, which then are shown but not counted */
  @IsArray()
  @ArrayUnique()
  @IsIn(DISTRUSTED, { each: true })
  distrusted!: Distrusted[];

  /** how far from square on it may be taken, standard deviation in degrees; counts where neither rectangle nor circle tells the plane */
  @IsNumber()
  @Min(0)
  @Max(45)
  tiltDegrees!: number;

  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => SeenRectangle)
  rectangle!: SeenRectangle | null;

  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => SeenCircle)
  circle!: SeenCircle | null;

  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => KnownStretch)
  knowns!: KnownStretch[];

  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => DimensionReading)
  readings!: DimensionReading[];

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => PicturePin)
  pins!: PicturePin[];
}
