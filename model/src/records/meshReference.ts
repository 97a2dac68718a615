import { IsIn, IsInt, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId } from './decorators';
import { Tracked } from './tracked';

/** Mesh files that are kept. */
export const MESH_FORMATS = ['stl', 'obj', '3mf'] as const;

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
  @Max(64 * 1024 * 1024)
  byteLength!: number;

  @MaxLength(4000)
  note!: string;
}
