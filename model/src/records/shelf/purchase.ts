import { IsInt, Max, Min } from 'class-validator';
import { IsLine, IsRecordId, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Bought } from './bought';

/** Packs that were ordered: on their way until they are checked off. */
export class Purchase extends Bought {
  @Nullable()
  @IsRecordId()
  supplierId!: string | null;

  @IsInt()
  @Min(1)
  @Max(100_000)
  count!: number;

  @IsMoment()
  orderedAtMs!: number;

  /** when it should be there; the plan waits for it where the shelf does not do until then */
  @IsMoment()
  dueAtMs!: number;

  /** null: still on its way */
  @Nullable()
  @IsMoment()
  arrivedAtMs!: number | null;

  @IsLine()
  note!: string;
}
