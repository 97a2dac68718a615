import { MATERIALS } from '@zinc-ladder/core/ladder/materials';
import type { MaterialId } from '@zinc-ladder/core/ladder/materials';
import { IsIn, IsInt, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId } from './decorators';
import { Tracked } from './tracked';

/** One piece off the printer, or a set of identical pieces. */
export class Part extends Tracked {
  @IsRecordId()
  propId!: string;

  @IsLine()
  @MinLength(1)
  name!: string;

  /** identical pieces */
  @IsInt()
  @Min(1)
  @Max(500)
  count!: number;

  @IsIn(MATERIALS.map((material) => material.id))
  materialId!: MaterialId;

  /** 0 for a cast */
  @IsNumber()
  @Min(0)
  @Max(1)
  layerMillimetres!: number;

  /** surface of one piece */
  @IsNumber()
  @Min(0)
  @Max(200_000)
  areaSquareCentimetres!: number;

  /** places the whole set takes while it dries; 0 when it hangs elsewhere */
  @IsInt()
  @Min(0)
  @Max(200)
  rackPlaces!: number;

  @MaxLength(4000)
  note!: string;

  @IsInt()
  @Min(0)
  position!: number;
}
