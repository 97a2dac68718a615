import { IsIn, IsNumber, Max, Min } from 'class-validator';
import { IsRecordId, Nullable } from '../base/decorators';
import { Kept } from './kept';

/** Which part of a two-part product a container holds. */
export type Half = 'a' | 'b';

/** One container of a product on the shelf. */
export class Can extends Kept {
  @IsRecordId()
  productId!: string;

  @IsNumber()
  @Min(0.1)
  @Max(100_000)
  sizeMillilitres!: number;

  /** when it was counted */
  @IsNumber()
  @Min(0)
  @Max(100_000)
  leftMillilitres!: number;

  /** the part of a two-part product that is in it; null: ready for use, or both as one */
  @Nullable()
  @IsIn(['a', 'b'])
  half!: Half | null;

  /** what it weighs without its contents; null: not weighed */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(100_000)
  emptyGrams!: number | null;
}
