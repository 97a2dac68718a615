import type { MeshUnitId } from '@zinc-ladder/core/surface/mesh/meshUnits';
import { MESH_UNITS } from '@zinc-ladder/core/surface/mesh/meshUnits';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** Mesh files that are kept. */
export const MESH_FORMATS = ['stl', 'obj', '3mf'] as const;

/** Largest mesh file that is kept: 2 million facets of binary STL and some. */
export const MOST_MESH_BYTES = 128 * 1024 * 1024;

/** Sides of a part that nobody sees, in the file's axes. */
export const HIDDEN_SIDES = ['none', '-z', '+z', '-y', '+y', '-x', '+x'] as const;

/** What is known of a part's mesh; its bytes lie beside the records. */
export class MeshReference extends Tracked {
  @IsRecordId()
  partId!: string;

  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(MESH_FORMATS)
  format!: (typeof MESH_FORMATS)[number];

  @IsInt()
  @Min(1)
  @Max(MOST_MESH_BYTES)
  byteLength!: number;

  /** what one unit of the file is */
  @IsIn(MESH_UNITS.map((unit) => unit.id))
  unit!: MeshUnitId;

  /** printed so much larger than drawn */
  @IsNumber()
  @Min(0.001)
  @Max(1000)
  scale!: number;

  /** direction in which layers were stacked, in the file's axes */
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(3)
  @IsNumber({}, { each: true })
  @Min(-1, { each: true })
  @Max(1, { each: true })
  up!: number[];

  @IsIn(HIDDEN_SIDES)
  hiddenSide!: (typeof HIDDEN_SIDES)[number];

  @MaxLength(4000)
  note!: string;
}
