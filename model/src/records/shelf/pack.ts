import { IsRecordId } from '../base/decorators';
import { Bought } from './bought';

/** A pack that a supplier sells. */
export class Pack extends Bought {
  @IsRecordId()
  supplierId!: string;
}
