import 'reflect-metadata';
import { readBusyTimes } from '@zinc-ladder/model/calendar/readBusyTimes';
import type { BusyCalendar } from '@zinc-ladder/model/calendar/readBusyTimes';
import type { Fault } from '@zinc-ladder/model/file/faults';
import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import { readBundle } from '@zinc-ladder/model/file/zipProject';
import { transfer } from 'comlink';
import { ShopDatabase } from '../data/database';
import { exposeApi } from './exposeApi';
import type { PackedProject, SaveKind } from './packShop';
import { packShop } from './packShop';

/** What came of reading a calendar. */
export type CalendarOutcome =
  { readonly kind: 'read'; readonly calendar: BusyCalendar } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What came of reading a file. Errors lose their class on the way out of a worker, so faults travel as data. */
export type ReadOutcome =
  { readonly kind: 'read'; readonly bundle: ProjectBundle } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What came of packing a shop. */
export type PackOutcome =
  { readonly kind: 'packed'; readonly packed: PackedProject } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

const reader = {
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
    const db = new ShopDatabase(databaseName);
    try {
      return { kind: 'packed', packed: await packShop(db, savedAtMs, as) };
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    } finally {
      db.close();
    }
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
