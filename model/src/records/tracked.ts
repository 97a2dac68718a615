import { IsInt, Min } from 'class-validator';
import { IsRecordId } from './decorators';

/** What every kept record has. `revision` grows with each change, so that two tabs notice each other. */
export class Tracked {
  @IsRecordId()
  id!: string;

  @IsInt()
  @Min(0)
  revision!: number;
}
