import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsNumber, Max, MaxLength, Min, MinLength, ValidateNested } from 'class-validator';
import { IsHexColour, IsLine, IsRecordId, Nullable } from './decorators';
import { IsMoment } from './moment';
import { Tracked } from './tracked';

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

  /** the card this one corrects */
  @Nullable()
  @IsRecordId()
  correctsId!: string | null;

  @IsMoment()
  madeAtMs!: number;

  @MaxLength(4000)
  note!: string;
}
