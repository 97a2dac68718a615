import { IsLine, IsRecordId, Nullable } from './decorators';
import { Tracked } from './tracked';

/** Where two ladders meet: the guest's rungs up to one of them (all, when null) come before the host's rung, the rest after it. */
export class Join extends Tracked {
  @IsRecordId()
  hostPartId!: string;

  @IsRecordId()
  hostRungId!: string;

  @IsRecordId()
  guestPartId!: string;

  @Nullable()
  @IsRecordId()
  guestRungId!: string | null;

  @IsLine()
  note!: string;
}
