import { IsInt, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** A length of a prop that is wanted, such as "height of the cage"; where it is read stands with the pictures. */
export class Dimension extends Tracked {
  @IsRecordId()
  propId!: string;

  @IsLine()
  @MinLength(1)
  name!: string;

  /** place among those of the prop */
  @IsInt()
  @Min(0)
  @Max(10_000)
  position!: number;

  /** the same length on the mesh as it is, which tells the factor it must be scaled by; null: not read */
  @Nullable()
  @IsNumber()
  @Min(0.001)
  @Max(1_000_000)
  meshMillimetres!: number | null;

  @MaxLength(4000)
  note!: string;
}
