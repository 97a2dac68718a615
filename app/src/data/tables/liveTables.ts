import type { QueryClient } from '@tanstack/react-query';
import type { RecordOf } from '@zinc-ladder/model/file/recordClasses';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import Dexie from 'dexie';
import type { BucketedName } from './buckets/bucketedTables';
import { isBucketed } from './buckets/bucketedTables';
import type { BucketRow, Kept } from './buckets/bucketRow';
import { rowOf } from './buckets/bucketRow';
import type { ChangedKeys } from './changedKeys';
import { changedKeys } from './changedKeys';
import type { RecordChange, ShopDatabase, StoredTable } from './database';
import { groupBy } from '../../base/groupBy';
import { whenIdle } from '../../base/whenIdle';
import { readInPieces } from './readInPieces';
import { applyToSorted } from './sortedRecords';

/** A table as it is held in memory. A new state is a new object, so that what hangs on it can compare. */
export interface TableState<Kept = object> {
  readonly status: 'loading' | 'ready' | 'failed';
  /** ordered by id, as the database orders them */
  readonly records: readonly Kept[];
  /** counts the states of this table */
  readonly version: number;
  readonly error: unknown;
}

/** What may be long and no view waits for: it fills in what is shown already. */
const LATE: ReadonlySet<TableName> = new Set<TableName>(['logEntries', 'climateReadings']);
/** What every view is drawn from. */
export const AWAITED_TABLES: readonly TableName[] = TABLE_NAMES.filter((name) => !LATE.has(name));

/** Changes of more records than this are read again whole. */
const MOST_SINGLE_KEYS = 2000;
/** The same of rows of many records. */
const MOST_SINGLE_ROWS = 32;

interface Held {
  state: TableState<Kept>;
  isAsked: boolean;
  /** counts what was applied, so that a slower read knows it is out of date */
  applied: number;
  /** counts how often it was to be read anew */
  asked: number;
  /** the read that is under way: whoever asks meanwhile waits for it, and it begins again */
  reading: Promise<void> | null;
  /** records by their row; null: each is a row of its own */
  rows: Map<string, readonly Kept[]> | null;
  readonly listeners: Set<() => void>;
}

/**
 * The shop's records in memory, kept current by what edits changed: own ones on commit, those of other tabs and of the sensor by what Dexie tells.
 * Views read here; the database stays the truth.
 */
export class LiveTables {
  private readonly held = new Map<TableName, Held>();
  private readonly preparations = new Map<TableName, (records: readonly Kept[]) => Iterator<void>>();
  private readonly derivedLast = new Map<unknown, { readonly records: unknown; readonly result: unknown }>();
  private readonly derivedFrom = new WeakMap<object, Map<unknown, unknown>>();

  constructor(private readonly db: ShopDatabase) {
    const empty: TableState<Kept> = { status: 'loading', records: [], version: 0, error: null };
    for (const name of TABLE_NAMES)
      this.held.set(name, { state: empty, isAsked: false, applied: 0, asked: 0, reading: null, rows: null, listeners: new Set() });
  }

  /** Begins to read what every view is drawn from, before there is one that asks. */
  begin(): void {
    for (const name of AWAITED_TABLES) if (!this.need(name).isAsked) void this.load(name);
  }

  /** Says what is worked out of a table that was read before it is shown, in pieces between which the page is free. */
  prepare<Name extends TableName>(name: Name, pieces: (records: readonly RecordOf[Name][]) => Iterator<void>): void {
    this.preparations.set(name, pieces as unknown as (records: readonly Kept[]) => Iterator<void>);
  }

  /** A table as it is held now; asking for it begins to read it. */
  read<Name extends TableName>(name: Name): TableState<RecordOf[Name]> {
    return this.need(name).state as unknown as TableState<RecordOf[Name]>;
  }

  /** Calls when a table has another state. Returns how to stop. */
  subscribe(name: TableName, listener: () => void): () => void {
    const held = this.need(name);
    held.listeners.add(listener);
    if (!held.isAsked) void this.load(name);
    return () => held.listeners.delete(listener);
  }

  /** Something computed from a table's records, once for all who ask. */
  derive<Name extends TableName, Result>(
    records: readonly RecordOf[Name][],
    compute: (records: readonly RecordOf[Name][]) => Result,
  ): Result {
    const known = this.derivedFrom.get(records) ?? new Map<unknown, unknown>();
    this.derivedFrom.set(records, known);
    if (!known.has(compute)) known.set(compute, compute(records));
    return known.get(compute) as Result;
  }

  /** Something computed from a list, a table's records or what was derived from them, by what changed since it was computed last; once for all who ask. */
  deriveNext<Kept, Result>(
    records: readonly Kept[],
    compute: (records: readonly Kept[]) => Result,
    next: (last: Result, before: readonly Kept[], records: readonly Kept[]) => Result,
  ): Result {
    const last = this.derivedLast.get(compute) as { readonly records: readonly Kept[]; readonly result: Result } | undefined;
    if (last?.records === records) return last.result;
    const result = last ? next(last.result, last.records, records) : compute(records);
    this.derivedLast.set(compute, { records, result });
    return result;
  }

  /** All records as they are held now; null before what every view is drawn from is read. What may be long is left empty where it was not read yet. */
  everything(): ReadonlyMap<TableName, readonly object[]> | null {
    if (!AWAITED_TABLES.every((name) => this.need(name).state.status === 'ready')) return null;
    return new Map(TABLE_NAMES.map((name) => [name, this.need(name).state.records]));
  }

  /** Takes in what an edit of this tab has written. */
  apply(changes: readonly RecordChange[]): void {
    for (const [table, group] of groupBy(changes, (change) => change.table))
      if (table !== 'attachments') this.patch(table, new Map(group.map((change) => [change.id, change.after as Kept | null])));
  }

  /** Reads what changed, in this tab or another. */
  async follow(table: StoredTable, keys: ChangedKeys): Promise<void> {
    const held = this.held.get(table as TableName);
    if (!held?.isAsked) return;
    const most = isBucketed(table) ? MOST_SINGLE_ROWS : MOST_SINGLE_KEYS;
    if (keys === 'all' || keys.size > most) return this.load(table as TableName);
    for (;;) {
      const { applied } = held;
      const states = await (isBucketed(table) ? this.statesOfRows(table, held, keys) : this.statesOf(table, keys));
      // An edit came in between: what was read may be older than what is shown.
      if (held.applied !== applied) continue;
      this.patch(table as TableName, states);
      return;
    }
  }

  private async statesOf(table: StoredTable, keys: ReadonlySet<string>): Promise<Map<string, Kept | null>> {
    const ids = [...keys];
    const found = await this.db.stored(table).bulkGet(ids);
    return new Map(ids.map((id, at) => [id, (found[at] as Kept | undefined) ?? null]));
  }

  /** A changed row names no record: those it holds and those it held are looked at. */
  private async statesOfRows(table: BucketedName, held: Held, keys: ReadonlySet<string>): Promise<Map<string, Kept | null>> {
    const rows = [...keys];
    const found = (await this.db.table(table).bulkGet(rows)) as (BucketRow<Kept> | undefined)[];
    const states = new Map<string, Kept | null>();
    for (const [at, row] of rows.entries()) {
      for (const record of held.rows?.get(row) ?? []) states.set(record.id, null);
      for (const record of found[at]?.records ?? []) states.set(record.id, record);
    }
    return states;
  }

  /** Reads all tables again that are shown, as after a worker wrote many. Those that every view is drawn from are there then; what may be long follows. */
  async reload(): Promise<void> {
    const asked = TABLE_NAMES.filter((name) => this.need(name).isAsked);
    const readings = asked.map((name) => [name, this.load(name)] as const);
    await Promise.all(readings.flatMap(([name, reading]) => (LATE.has(name) ? [] : [reading])));
  }

  private need(name: TableName): Held {
    const held = this.held.get(name);
    if (!held) throw new RangeError(`no table ${name}`);
    return held;
  }

  private load(name: TableName): Promise<void> {
    const held = this.need(name);
    held.isAsked = true;
    held.asked += 1;
    held.reading ??= this.readUntilCurrent(name, held);
    return held.reading;
  }

  private async readUntilCurrent(name: TableName, held: Held): Promise<void> {
    try {
      // What is long would keep from being drawn what can be drawn already.
      if (LATE.has(name)) {
        if (held.state.status === 'loading') await whenIdle();
        await Promise.all(AWAITED_TABLES.map((awaited) => this.need(awaited).reading));
      }
      for (;;) {
        const { applied, asked } = held;
        const isCurrent = (): boolean => held.applied === applied && held.asked === asked;
        const read = await readInPieces(this.db, name, isCurrent);
        if (!read) continue;
        const pieces = this.preparations.get(name)?.(read.records);
        while (pieces && !pieces.next().done) await whenIdle();
        if (!isCurrent()) continue;
        held.reading = null;
        held.rows = read.rows;
        this.show(held, { status: 'ready', records: read.records, error: null });
        return;
      }
    } catch (error) {
      held.reading = null;
      held.isAsked = false;
      this.show(held, { status: 'failed', records: held.state.records, error });
    }
  }

  private patch(name: TableName, states: ReadonlyMap<string, Kept | null>): void {
    const held = this.need(name);
    held.applied += 1;
    if (held.state.status !== 'ready') return;
    const records = applyToSorted(held.state.records, states);
    if (records === held.state.records) return;
    if (held.rows && isBucketed(name)) for (const [id, record] of states) placeInRow(held.rows, rowOf(name, id), id, record);
    this.show(held, { status: 'ready', records, error: null });
  }

  private show(held: Held, next: Omit<TableState<Kept>, 'version'>): void {
    held.state = { ...next, version: held.state.version + 1 };
    for (const listener of held.listeners) listener();
  }
}

function placeInRow(rows: Map<string, readonly Kept[]>, row: string, id: string, record: Kept | null): void {
  const others = (rows.get(row) ?? []).filter((other) => other.id !== id);
  rows.set(row, record ? [...others, record] : others);
}

/** Query key of what is read from a stored table outside of the records. */
export function tableKey(table: string): readonly string[] {
  return ['table', table];
}

/** Follows what changes in the database, in this tab or another: Dexie tells of both. Returns how to stop. */
export function watchTables(
  db: ShopDatabase,
  tables: LiveTables,
  client: QueryClient,
  onTable: (table: string) => void = () => undefined,
): () => void {
  const onMutation = (parts: Record<string, unknown>): void => {
    for (const [table, keys] of changedKeys(parts, db.name)) {
      // A database that is being closed answers no more; there is nothing left to show then.
      void tables.follow(table as StoredTable, keys).catch(() => undefined);
      if (table === 'attachments' && keys !== 'all')
        for (const id of keys) void client.invalidateQueries({ queryKey: [...tableKey(table), id] });
      else void client.invalidateQueries({ queryKey: tableKey(table) });
      onTable(table);
    }
  };
  Dexie.on('storagemutated', onMutation);
  return () => Dexie.on.storagemutated.unsubscribe(onMutation);
}
