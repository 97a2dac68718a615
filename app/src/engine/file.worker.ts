import 'reflect-metadata';
import { readBusyTimes } from '@zinc-ladder/model/calendar/readBusyTimes';
import type { BusyTime } from '@zinc-ladder/model/records/shop';
import type { Fault } from '@zinc-ladder/model/file/faults';
import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import { readBundle } from '@zinc-ladder/model/file/zipProject';
import { expose } from 'comlink';

/** What came of reading a calendar. */
export type CalendarOutcome =
  { readonly kind: 'read'; readonly busy: readonly BusyTime[] } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What came of reading a file. Errors lose their class on the way out of a worker, so faults travel as data. */
export type ReadOutcome =
  { readonly kind: 'read'; readonly bundle: ProjectBundle } | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

const reader = {
  read(bytes: Uint8Array): ReadOutcome {
    try {
      return { kind: 'read', bundle: readBundle(bytes) };
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    }
  },
  readBusy(text: string, timeZone: string, fromMs: number, toMs: number): CalendarOutcome {
    try {
      return { kind: 'read', busy: readBusyTimes(text, timeZone, fromMs, toMs) };
    } catch (error) {
      if (error instanceof FileFaultsError) return { kind: 'faulty', faults: error.faults };
      throw error;
    }
  },
};

/** What the worker offers. */
export type FileReaderApi = typeof reader;

expose(reader);
