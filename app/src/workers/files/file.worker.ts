import 'reflect-metadata';
import { readBusyTimes } from '@zinc-ladder/model/calendar/readBusyTimes';
import type { BusyCalendar } from '@zinc-ladder/model/calendar/readBusyTimes';
import type { Fault } from '@zinc-ladder/model/file/faults';
import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import { readBundle } from '@zinc-ladder/model/file/zipProject';
import type { ReportChoice } from '@zinc-ladder/model/report/writeReport';
import { writeReport } from '@zinc-ladder/model/report/writeReport';
import { transfer } from 'comlink';
import type { Mend } from '@zinc-ladder/model/rules/mendProject';
import { ShopDatabase } from '../../data/tables/database';
import type { ImportMode, ImportPreview } from '../../data/whole/projectTransfer';
import { gatherProject, importProject, previewImports } from '../../data/whole/projectTransfer';
import type { ShopErrorCode } from '../../data/edits/shopError';
import { toShopError } from '../../data/edits/shopError';
import { Store } from '../../data/edits/store';
import { mendShop } from '../../data/whole/mendShop';
import { wipeEverything } from '../../data/whole/wipe';
import { exposeApi } from '../exposeApi';
import type { PackedProject, SaveKind } from './packShop';
import { packShop } from './packShop';

/** What came of reading a calendar. */
export type CalendarOutcome =
  { readonly kind: 'read'; readonly calendar: BusyCalendar } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What came of reading a file. Errors lose their class on the way out of a worker, so faults travel as data. */
export type ReadOutcome =
  { readonly kind: 'read'; readonly bundle: ProjectBundle } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** How far the opening of a file is. */
export type ImportPhase = 'comparing';

/** What came of opening a file for the shop. */
export type OpenOutcome =
  | { readonly kind: 'opened'; readonly merge: ImportPreview; readonly replace: ImportPreview }
  | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What came of packing a shop. */
export type PackOutcome =
  { readonly kind: 'packed'; readonly packed: PackedProject } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What came of an edit made here. */
export type EditOutcome<Result> =
  { readonly kind: 'done'; readonly result: Result } | { readonly kind: 'refused'; readonly code: ShopErrorCode };

let held: ProjectBundle | null = null;

/** Runs work on a database of its own connection, which is closed again. The page has brought it up to date before. */
async function withDatabase<Result>(name: string, work: (db: ShopDatabase) => Promise<Result>): Promise<Result> {
  const db = new ShopDatabase(name, true);
  try {
    return await work(db);
  } finally {
    db.close();
  }
}

/** Runs an edit, and tells what came of it or why it was refused: errors lose their class on the way out of a worker. */
function runEdit<Result>(databaseName: string, nowMs: number, run: (store: Store) => Promise<Result>): Promise<EditOutcome<Result>> {
  return withDatabase(databaseName, async (db) => {
    try {
      return { kind: 'done', result: await run(new Store(db, () => nowMs)) };
    } catch (error) {
      return { kind: 'refused', code: toShopError(error).code };
    }
  });
}

const reader = {
  /** Reads a file, keeps it here, and tells what taking it in would do. */
  async open(databaseName: string, file: Blob, tell: (phase: ImportPhase) => void): Promise<OpenOutcome> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    try {
      held = readBundle(bytes);
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    }
    tell('comparing');
    const bundle = held;
    return withDatabase(databaseName, async (db) => ({ kind: 'opened', ...(await previewImports(db, bundle)) }));
  },
  /** Takes the file that was opened into the shop, as one edit. The page ends this worker to stop it: nothing is written then. */
  async take(databaseName: string, mode: ImportMode, nowMs: number): Promise<readonly Mend[]> {
    const bundle = held;
    if (!bundle) throw new Error('no file is open');
    return withDatabase(databaseName, (db) => importProject(new Store(db, () => nowMs), bundle, mode));
  },
  async travel(databaseName: string, direction: 'undo' | 'redo', nowMs: number): Promise<EditOutcome<string>> {
    return runEdit(databaseName, nowMs, (store) => store[direction]());
  },
  async empty(databaseName: string, nowMs: number): Promise<EditOutcome<string>> {
    return runEdit(databaseName, nowMs, (store) => wipeEverything(store));
  },
  async mend(databaseName: string, nowMs: number): Promise<EditOutcome<readonly Mend[]>> {
    return runEdit(databaseName, nowMs, (store) => mendShop(store, nowMs));
  },
  async read(file: Blob): Promise<ReadOutcome> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    try {
      const bundle = readBundle(bytes);
      const outcome: ReadOutcome = { kind: 'read', bundle };
      return transfer(outcome, [...new Set([...bundle.attachments.values()].map((read) => read.buffer as ArrayBuffer))]);
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    }
  },
  async pack(databaseName: string, savedAtMs: number, as: SaveKind): Promise<PackOutcome> {
    try {
      return { kind: 'packed', packed: await withDatabase(databaseName, (db) => packShop(db, savedAtMs, as)) };
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    }
  },
  async report(databaseName: string, propId: string, nowMs: number, choice: ReportChoice): Promise<Blob | null> {
    const html = await withDatabase(databaseName, async (db) => writeReport(await gatherProject(db, nowMs), propId, nowMs, choice));
    return html === null ? null : new Blob([html], { type: 'text/html' });
  },
  readBusy(text: string, timeZone: string, fromMs: number, toMs: number): CalendarOutcome {
    try {
      return { kind: 'read', calendar: readBusyTimes(text, timeZone, fromMs, toMs) };
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    }
  },
};

/** What the worker offers. */
export type FileWorkerApi = typeof reader;

exposeApi(reader);
