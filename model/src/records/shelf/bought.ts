import { IsNumber, Max, Min } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';
import { MOST_MONEY } from './supplier';

/** What can be bought: a product or a supply in a pack. One of both is named. */
export class Bought extends Tracked {
  @Nullable()
  @IsRecordId()
  productId!: string | null;

  @Nullable()
  @IsRecordId()
  supplyId!: string | null;

  /** what a pack holds: ml of a product, a supply in the unit of its kind */
  @IsNumber()
  @Min(0.001)
  @Max(10_000_000)
  amount!: number;

  /** of one pack, in the shop's currency; null: not known */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(MOST_MONEY)
  price!: number | null;
}
