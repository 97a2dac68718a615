import { readStockCsv } from '@zinc-ladder/model/gather/shelf/lists/readStockCsv';
import { readBytes } from '../../readFile';
import type { LabCommand } from '../labCommand';

/** `stock FILE.csv` → rows of a spreadsheet of stock, what its columns were taken for, and what could not be taken. */
export const stock: LabCommand = {
  name: 'stock',
  usage: 'stock FILE.csv',
  options: [],
  run: ({ files }) => readStockCsv(new TextDecoder().decode(readBytes(files[0]))),
};
