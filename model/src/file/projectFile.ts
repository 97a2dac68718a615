// The classes' decorators read types by it; whichever part of a bundle is loaded first must bring it.
import 'reflect-metadata';
import { Type } from 'class-transformer';
import { Equals, IsArray, IsObject, ValidateNested } from 'class-validator';
import { IsMoment } from '../records/base/moment';
import { FORMAT_NAME, FORMAT_VERSION } from './fileFormat';
import type { RecordOf } from './recordClasses';
import { RECORD_CLASSES } from './recordClasses';
import type { RecordList } from './tableNames';
import { RECORD_LISTS } from './tableNames';
import { Shop } from '../records/shop/shop';

/** One list for each kind of record. */
type ProjectLists = { -readonly [List in RecordList]: RecordOf[List][] };

/** Everything a shop keeps, in one file. Bytes of pictures and meshes lie beside it in a zip. */
// A class without members of its own stands in for the lists, which are known by the table of kinds and not written out again.
export class ProjectFile extends (Object as unknown as new () => ProjectLists) {
  @Equals(FORMAT_NAME)
  format!: string;

  @Equals(FORMAT_VERSION)
  version!: number;

  @IsMoment()
  savedAtMs!: number;

  @IsObject()
  @ValidateNested()
  @Type(() => Shop)
  shop!: Shop;
}

for (const list of RECORD_LISTS) {
  IsArray()(ProjectFile.prototype, list);
  ValidateNested({ each: true })(ProjectFile.prototype, list);
  Type(() => RECORD_CLASSES[list])(ProjectFile.prototype, list);
}
