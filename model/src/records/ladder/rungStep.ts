// The decorators read types by it.
import 'reflect-metadata';
import type { BandId } from '@zinc-ladder/core/ladder/bands';
import { BANDS } from '@zinc-ladder/core/ladder/bands';
import type { RungSide } from '@zinc-ladder/core/ladder/faces';
import { METHODS } from '@zinc-ladder/core/ladder/methods';
import type { ColourRole } from '@zinc-ladder/core/ladder/route/routeRow';
import { IsIn, IsNumber, Max, MaxLength, Min, MinLength } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';

const RUNG_SIDES: readonly RungSide[] = ['all', 'under', 'top'];

/** What is done in a step, and with what: neither when, nor how long on a part of some size. */
export class RungStep {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(METHODS.map((method) => method.id))
  methodId!: string;

  @IsIn(BANDS.map((band) => band.id))
  band!: BandId;

  @Nullable()
  @IsRecordId()
  productId!: string | null;

  @Nullable()
  @IsLine(20)
  role!: ColourRole | null;

  @Nullable()
  @IsLine(20)
  grit!: string | null;

  /** dry film of the coat; null where none stays */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(20_000)
  coatMicrometres!: number | null;

  /** the faces it is done on: all round, or from one side at a time with a turn in between */
  @IsIn(RUNG_SIDES)
  side!: RungSide;

  /** how to do it, for the bench */
  @MaxLength(4000)
  detail!: string;

  @MaxLength(2000)
  why!: string;
}
