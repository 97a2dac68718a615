import { IsNumber, Max, Min } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** One container of a product on the shelf. */
export class Can extends Tracked {
  @IsRecordId()
  productId!: string;

  @IsNumber()
  @Min(0.1)
  @Max(100_000)
  sizeMillilitres!: number;

  @IsNumber()
  @Min(0)
  @Max(100_000)
  leftMillilitres!: number;

  /** null: not opened yet */
  @Nullable()
  @IsMoment()
  openedAtMs!: number | null;

  /** what it weighs without its contents; null: not weighed */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(100_000)
  emptyGrams!: number | null;

  @IsLine()
  note!: string;
}
