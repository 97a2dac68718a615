import { SUPPLY_KINDS } from '@zinc-ladder/core/shelf/supplyKinds';
import { IsIn, IsInt, IsNumber, Max, Min, MinLength } from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { Kept } from './kept';

/** Something that is used up beside products: paper of a grit, tape of a width, gloves, cartridges. */
export class Supply extends Kept {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(SUPPLY_KINDS.map(({ id }) => id))
  kindId!: string;

  /** FEPA grit, `P180` is 180; null where its kind has none */
  @Nullable()
  @IsInt()
  @Min(8)
  @Max(20_000)
  grit!: number | null;

  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(5000)
  widthMillimetres!: number | null;

  /** when it was counted, in the unit of its kind */
  @IsNumber()
  @Min(0)
  @Max(10_000_000)
  left!: number;

  /** how long it keeps, months, by what stands on it; null: as is usual for its kind */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(1200)
  closedMonths!: number | null;

  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(1200)
  openedMonths!: number | null;
}
