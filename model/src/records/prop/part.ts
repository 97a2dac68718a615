import { MATERIALS } from '@zinc-ladder/core/ladder/materials';
import type { MaterialId } from '@zinc-ladder/core/ladder/materials';
import type { ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import { SHAPES } from '@zinc-ladder/core/surface/measure/shapes';
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
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** The most pieces a set has. */
export const MOST_PIECES = 500;

/** The finest engraved line or panel gap of a part, mm. */
export class PartEngraving {
  @IsNumber()
  @Min(0.01)
  @Max(100)
  widthMillimetres!: number;

  @IsNumber()
  @Min(0.01)
  @Max(100)
  depthMillimetres!: number;
}

/** What of a part is still on the printer. */
export class PartPrint {
  /** that are not off it yet, those on the bed among them */
  @IsInt()
  @Min(1)
  @Max(500)
  piecesLeft!: number;

  /** that lie on one bed and are off together */
  @IsInt()
  @Min(1)
  @Max(500)
  bedPieces!: number;

  /** when what is on the bed was begun; null: nothing was */
  @Nullable()
  @IsMoment()
  startedAtMs!: number | null;

  /** share of such pieces that fail and are printed again */
  @IsNumber()
  @Min(0)
  @Max(0.9)
  failureShare!: number;
}

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
  @Max(MOST_PIECES)
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

  /** deepest ridges of what is seen, µm, as measured or taken over from the mesh; null: layer and material say */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(5000)
  ridgeMicrometres!: number | null;

  /** what the part is near to, where there is no mesh */
  @Nullable()
  @IsIn(SHAPES.map((shape) => shape.id))
  shapeId!: ShapeId | null;

  /** length, breadth and height as printed, mm */
  @Nullable()
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  @Min(0.1, { each: true })
  @Max(5000, { each: true })
  sizeMillimetres!: number[] | null;

  /** how long a piece prints, h; null: not known */
  @Nullable()
  @IsNumber()
  @Min(0.01)
  @Max(2000)
  printHours!: number | null;

  /** null: all of it is here */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PartPrint)
  print!: PartPrint | null;

  /** null: none typed */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => PartEngraving)
  engraving!: PartEngraving | null;

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
