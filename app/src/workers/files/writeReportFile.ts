import type { ReportChoice } from '@zinc-ladder/model/report/writeReport';
import type { Remote } from 'comlink';
import { ShopError } from '../../data/edits/shopError';
import { askOnce } from '../askOnce';
import type { FileWorkerApi } from './file.worker';

/**
 * The build report of a prop as a page, written in a worker that reads the shop from its database itself.
 *
 * @throws ShopError `missing` where the prop is gone; the signal's reason when it was stopped
 */
export async function writeReportFile(
  databaseName: string,
  propId: string,
  nowMs: number,
  choice: ReportChoice,
  signal: AbortSignal,
): Promise<Blob> {
  const page = await askOnce(
    () => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'report' }),
    async (api: Remote<FileWorkerApi>): Promise<Blob | null> => api.report(databaseName, propId, nowMs, choice),
    signal,
  );
  if (!page) throw new ShopError('missing');
  return page;
}
