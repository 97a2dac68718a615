// The classes' decorators read types by it; whichever part of a bundle is loaded first must bring it.
import 'reflect-metadata';
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
