import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { PaperId } from './PrintSheets';

/** The paper that lies in printers where a shop counts so. */
export function usualPaper(units: Shop['units']): PaperId {
  return units === 'us' ? 'letter' : 'a4';
}
