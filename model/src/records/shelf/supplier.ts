import { ArrayMaxSize, ArrayUnique, IsArray, IsInt, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** Most that a price, carriage or smallest order can be, in the shop's currency. */
export const MOST_MONEY = 1_000_000;

/** Who sells what the shelf is filled from. */
export class Supplier extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  /** days on which it sends, from order to arrival; 0: fetched the same day */
  @IsInt()
  @Min(0)
  @Max(365)
  days!: number;

  /** ISO weekdays on which it sends, 1 Monday … 7 Sunday */
  @IsArray()
  @ArrayMaxSize(7)
  @ArrayUnique()
  @IsInt({ each: true })
  @Min(1, { each: true })
  @Max(7, { each: true })
  sendingWeekdays!: number[];

  /** paid once for an order */
  @IsNumber()
  @Min(0)
  @Max(MOST_MONEY)
  carriage!: number;

  /** smallest order; 0: none */
  @IsNumber()
  @Min(0)
  @Max(MOST_MONEY)
  leastOrder!: number;

  @MaxLength(4000)
  note!: string;
}
