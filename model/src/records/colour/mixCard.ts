import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
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
import { ColourReading } from './colourReading';
import { IsHexColour, IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** What a card is painted with. */
export const CARD_TOOLS = ['brush', 'airbrush', 'aerosol', 'sponge'] as const;

/** One component of a mix. */
export class MixComponent {
  /** null where it is not a product of the shop, such as water */
  @Nullable()
  @IsRecordId()
  productId!: string | null;

  @IsLine()
  @MinLength(1)
  name!: string;

  @IsNumber()
  @Min(0.001)
  @Max(100_000)
  amount!: number;
}

/** A test card: a mix that was tried and kept. */
export class MixCard extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  /** what it is for */
  @IsLine(400)
  purpose!: string;

  @IsIn(['drops', 'parts', 'grams'])
  unit!: 'drops' | 'parts' | 'grams';

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(12)
  @ValidateNested({ each: true })
  @Type(() => MixComponent)
  components!: MixComponent[];

  /** in words, such as `1 : 2 with water` */
  @IsLine()
  dilution!: string;

  /** colour as it dried, judged or measured; null: not yet */
  @Nullable()
  @IsHexColour()
  swatchHex!: string | null;

  @Nullable()
  @IsRecordId()
  pictureId!: string | null;

  /** the colour it is to match */
  @Nullable()
  @IsRecordId()
  targetId!: string | null;

  /** what it was painted over; null: not said */
  @Nullable()
  @IsRecordId()
  undercoatId!: string | null;

  @IsInt()
  @Min(1)
  @Max(20)
  coats!: number;

  @IsIn(CARD_TOOLS)
  tool!: (typeof CARD_TOOLS)[number];

  /** colour of the dry swatch, read; null: only judged, or not yet */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => ColourReading)
  reading!: ColourReading | null;

  /** the card this one corrects */
  @Nullable()
  @IsRecordId()
  correctsId!: string | null;

  @IsMoment()
  madeAtMs!: number;

  @MaxLength(4000)
  note!: string;
}
