import type { RecordOf } from '@zinc-ladder/model/file/recordClasses';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import {
  CAN_ADDED_IN_13,
  CAN_ADDED_IN_4,
  CARD_ADDED_IN_4,
  ENTRY_ADDED_IN_12,
  ENTRY_ADDED_IN_13,
  LIGHTS_ADDED_IN_14,
  WEATHER_ADDED_IN_15,
  JOIN_ADDED_IN_3,
  MEASURING_ADDED_IN_12,
  MESH_ADDED_IN_3,
  PART_ADDED_IN_3,
  PICTURE_ADDED_IN_3,
  PICTURE_ADDED_IN_4,
  PRODUCT_ADDED_IN_12,
  PRODUCT_ADDED_IN_13,
  PRODUCT_ADDED_IN_4,
  READING_ADDED_IN_18,
  SHOP_ADDED_IN_19,
  RUNG_ADDED_IN_17,
  RUNG_ADDED_IN_19,
  RUNG_ADDED_IN_2,
  SEAM_ADDED_IN_4,
  SHOP_ADDED_IN_13,
  SHOP_ADDED_IN_2,
  SHOP_ADDED_IN_4,
  personsFor,
  withAge,
  withDoer,
  withOwn,
  withoutPairs,
  withBed,
  withPerson,
  withPaceAndPrinters,
  withPrint,
  withPigment,
  withPlace,
  withSeat,
  withSpots,
  withWait,
  withCounters,
} from '@zinc-ladder/model/file/migrations';
import type { EntityTable, Transaction } from 'dexie';
import Dexie from 'dexie';
import type { Kept } from './buckets/bucketRow';
import type { BucketedName } from './buckets/bucketedTables';
import { BUCKETED_NAMES, bucketSchema, isBucketed } from './buckets/bucketedTables';
import type { BucketTable } from './buckets/bucketTable';
import type { RecordTable } from './recordTable';
import { recordTable } from './recordTable';
import { packChanges } from './packChanges';

/** The version this program keeps the database in. */
export const DATABASE_VERSION = 20;
/** What the shop of a browser is kept under. */
export const SHOP_DATABASE = 'zinc-ladder';

/** The version of a browser's database, without opening it; 0: there is none, null: this browser does not tell. */
export async function databaseVersion(name: string): Promise<number | null> {
  // Browsers of before 2024 may lack it.
  if (!('databases' in indexedDB)) return null;
  const found = (await indexedDB.databases()).find((entry) => entry.name === name);
  // Dexie keeps versions times ten.
  return (found?.version ?? 0) / 10;
}

/** A picture or mesh as its file was, by the id of its reference. A blob is handed on without copying what is in it, a list of bytes is not. */
export interface Attachment {
  readonly id: string;
  readonly blob: Blob;
}

/** A stored table: records, or the bytes beside them. */
export type StoredTable = TableName | 'attachments';

/** One record before and after what was done; null: it was not there, or is no more. */
export interface RecordChange {
  readonly table: StoredTable;
  readonly id: string;
  readonly before: object | null;
  readonly after: object | null;
}

/** An edit that can be undone, by name. What it changed lies apart: a label is read on every change, and an edit may be a whole shop. */
export interface HistoryRow {
  readonly seq: number;
  readonly label: string;
  readonly atMs: number;
  readonly isUndone: 0 | 1;
}

/** Bytes that an edit brought or took away, as undo needs them: what is here is not kept twice, only what is not. */
export interface BytesTurn {
  readonly id: string;
  readonly isHere: boolean;
  /** what to put there instead; null: nothing */
  readonly other: Attachment | null;
}

/** What an edit changed, under its number. */
export interface HistoryChanges {
  readonly seq: number;
  readonly changes: readonly RecordChange[];
  /** changes of thousands of records as one text, which is written in a fraction of the time */
  readonly packed: Blob | null;
  readonly bytes: readonly BytesTurn[];
}

/** Small facts about this browser's copy: which demo, which clock, when it was last saved to a file, which state of it has a backup. */
export interface MetaRow {
  readonly key: 'clockOffsetMs' | 'isDemo' | 'savedAtMs' | 'rulesVersion' | 'backupFolder' | 'backedUp';
  readonly value: number | boolean | string | FileSystemDirectoryHandle;
}

type RecordTables = {
  [Name in TableName]: Name extends BucketedName ? BucketTable<RecordOf[Name]> : EntityTable<RecordOf[Name], 'id'>;
};

/** Gives the records of a table fields they lack. */
async function addFields(transaction: Transaction, table: string, fields: object): Promise<void> {
  await transaction
    .table(table)
    .toCollection()
    .modify((record: object) => Object.assign(record, { ...fields, ...record }));
}

/** A record with fields it lacks; none stays none. */
function withFields(fields: object): (record: unknown) => unknown {
  return (record) => (record === null ? null : { ...fields, ...(record as object) });
}

type Lift = readonly [table: TableName, lift: (record: unknown) => unknown];

/** Brings the records of tables to a new shape, and with them what can be undone. */
async function liftTables(transaction: Transaction, lifts: readonly Lift[]): Promise<void> {
  for (const [table, lift] of lifts) {
    const kept = isBucketed(table) ? (recordTable(transaction, table) as BucketTable<Kept>) : transaction.table<Kept, string>(table);
    const records = (await kept.toArray()) as unknown[];
    await kept.bulkPut(records.map(lift) as Kept[]);
  }
  const kept = (await transaction.table('historyChanges').toArray()) as HistoryChanges[];
  if (kept.some(({ packed }) => packed !== null)) {
    // Edits packed as one text hold records of the old shape, and a text cannot be read here.
    await transaction.table('history').clear();
    await transaction.table('historyChanges').clear();
    return;
  }
  const byTable = new Map<string, Lift[1]>(lifts);
  const liftChange = (change: RecordChange): RecordChange => {
    const lift = byTable.get(change.table);
    return lift ? { ...change, before: lift(change.before) as object | null, after: lift(change.after) as object | null } : change;
  };
  await transaction.table('historyChanges').bulkPut(kept.map((row) => ({ ...row, changes: row.changes.map(liftChange) })));
}

/** Tables that a version of the database added, or keeps in another way than before. */
const STORES = {
  1: {
    shop: 'id',
    props: 'id',
    parts: 'id',
    joins: 'id',
    ladders: 'id',
    rungs: 'id',
    products: 'id',
    cans: 'id',
    mixCards: 'id',
    logEntries: 'id, atMs',
    pictures: 'id',
    meshes: 'id',
    climateReadings: 'id, atMs',
    attachments: 'id',
    history: '++seq, isUndone',
    meta: 'key',
  },
  3: { passes: 'id', flaws: 'id', fits: 'id', timers: 'id' },
  4: { targets: 'id', maskPlans: 'id', stencils: 'id' },
  5: {
    historyChanges: 'seq',
    ladders: 'id, partId',
    rungs: 'id, ladderId, state, productId, mixCardId',
    logEntries: 'id, atMs, counter, *pictureIds, correctsId',
  },
  6: Object.fromEntries(BUCKETED_NAMES.map((name) => [name, bucketSchema(name)])),
  7: { weatherPlans: 'id', techniqueCards: 'id' },
  8: { ownRoutes: 'id' },
  11: { persons: 'id' },
  12: { dimensions: 'id, propId', measurings: 'id' },
  13: { matches: 'id' },
  14: { supplies: 'id', suppliers: 'id', packs: 'id', purchases: 'id', lightPlans: 'id' },
} as const;

/** What all of them come to. */
const STORES_NOW: Readonly<Record<string, string>> = Object.assign({}, ...Object.values(STORES)) as Record<string, string>;

/** The browser's database: one table a record class, and what undo needs. */
export class ShopDatabase extends Dexie {
  attachments!: EntityTable<Attachment, 'id'>;
  history!: EntityTable<HistoryRow, 'seq'>;
  historyChanges!: EntityTable<HistoryChanges, 'seq'>;
  meta!: EntityTable<MetaRow, 'key'>;

  /**
   * @param isUpToDate whether what is there is known to be of this version, or not to be there at all. To declare all versions takes longer than
   *   many a question to it does; opening an older one so is refused
   */
  constructor(name = SHOP_DATABASE, isUpToDate = false) {
    super(name);
    if (isUpToDate) {
      this.version(DATABASE_VERSION)
        .stores(STORES_NOW)
        .upgrade(() => {
          throw new Error('the database is of an older version');
        });
      return;
    }
    this.version(1).stores(STORES[1]);
    this.version(2).upgrade(async (transaction) => {
      await transaction
        .table('shop')
        .toCollection()
        .modify((shop: object) => Object.assign(shop, { ...SHOP_ADDED_IN_2, ...shop }));
      await transaction
        .table('rungs')
        .toCollection()
        .modify((rung: object) => Object.assign(rung, { ...RUNG_ADDED_IN_2, ...rung }));
      // What could be undone is of the old shape.
      await transaction.table('history').clear();
    });
    this.version(3)
      .stores(STORES[3])
      .upgrade(async (transaction) => {
        const added = [
          ['parts', PART_ADDED_IN_3],
          ['meshes', MESH_ADDED_IN_3],
          ['pictures', PICTURE_ADDED_IN_3],
          ['joins', JOIN_ADDED_IN_3],
        ] as const;
        for (const [table, fields] of added) await addFields(transaction, table, fields);
        await transaction.table('history').clear();
      });
    this.version(4)
      .stores(STORES[4])
      .upgrade(async (transaction) => {
        const added = [
          ['shop', SHOP_ADDED_IN_4],
          ['products', PRODUCT_ADDED_IN_4],
          ['cans', CAN_ADDED_IN_4],
          ['mixCards', CARD_ADDED_IN_4],
          ['pictures', PICTURE_ADDED_IN_4],
        ] as const;
        for (const [table, fields] of added) await addFields(transaction, table, fields);
        await transaction
          .table('joins')
          .toCollection()
          .modify((join: { seam: object | null }) => {
            if (join.seam) join.seam = { ...SEAM_ADDED_IN_4, ...join.seam };
          });
        await transaction
          .table('attachments')
          .toCollection()
          .modify((row: { bytes?: Uint8Array<ArrayBuffer>; blob?: Blob }) => {
            if (row.bytes) row.blob = new Blob([row.bytes]);
            delete row.bytes;
          });
        // Edits before this hold bytes.
        await transaction.table('history').clear();
      });
    this.version(5)
      .stores(STORES[5])
      .upgrade(async (transaction) => {
        const entries = (await transaction.table('logEntries').toArray()) as unknown[];
        await transaction.table('logEntries').bulkPut(withCounters(entries) as object[]);
        // Edits before this hold entries without counters.
        await transaction.table('history').clear();
      });
    this.version(6)
      .stores(STORES[6])
      .upgrade(async (transaction) => {
        for (const name of BUCKETED_NAMES) {
          const single = (await transaction.table(name).toArray()) as Kept[];
          await transaction.table(name).clear();
          await (recordTable(transaction, name) as BucketTable<Kept>).bulkPut(single);
        }
        const kept = (await transaction.table('historyChanges').toArray()) as { seq: number; changes: readonly RecordChange[] }[];
        const undone = new Set(await transaction.table('history').where('isUndone').equals(1).primaryKeys());
        await transaction
          .table('historyChanges')
          .bulkPut(kept.map(({ seq, changes }) => packChanges(seq, changes, undone.has(seq) ? 'before' : 'after')));
      });
    this.version(7)
      .stores(STORES[7])
      .upgrade((transaction) => liftTables(transaction, [['ladders', withAge]]));
    this.version(8).stores(STORES[8]);
    this.version(9).upgrade((transaction) =>
      liftTables(transaction, [
        ['products', withPigment],
        ['maskPlans', withSpots],
        ['rungs', withWait],
      ]),
    );
    this.version(10).upgrade((transaction) =>
      liftTables(transaction, [
        ['shop', withPaceAndPrinters],
        ['parts', withPrint],
      ]),
    );
    this.version(11)
      .stores(STORES[11])
      .upgrade(async (transaction) => {
        const [shop] = await transaction.table<unknown>('shop').toArray();
        await transaction.table('persons').bulkPut(personsFor(shop));
        await liftTables(transaction, [
          ['shop', withoutPairs],
          ['rungs', withDoer],
          ['logEntries', withPerson],
        ]);
      });
    this.version(12).stores(STORES[12]);
    this.version(13)
      .stores(STORES[13])
      .upgrade((transaction) =>
        liftTables(transaction, [
          ['products', withFields(PRODUCT_ADDED_IN_12)],
          ['logEntries', withFields(ENTRY_ADDED_IN_12)],
          ['measurings', withFields(MEASURING_ADDED_IN_12)],
          ['pictures', withOwn],
        ]),
      );
    this.version(14)
      .stores(STORES[14])
      .upgrade((transaction) =>
        liftTables(transaction, [
          ['shop', withFields(SHOP_ADDED_IN_13)],
          ['products', withFields(PRODUCT_ADDED_IN_13)],
          ['cans', withFields(CAN_ADDED_IN_13)],
          ['logEntries', withFields(ENTRY_ADDED_IN_13)],
        ]),
      );
    // The number also keeps an older program away from materials and methods it does not know.
    this.version(15)
      .stores({})
      .upgrade((transaction) => liftTables(transaction, [['lightPlans', withFields(LIGHTS_ADDED_IN_14)]]));
    this.version(16)
      .stores({})
      .upgrade((transaction) => liftTables(transaction, [['weatherPlans', withFields(WEATHER_ADDED_IN_15)]]));
    this.version(17)
      .stores({})
      .upgrade((transaction) =>
        liftTables(transaction, [
          ['parts', withBed],
          ['weatherPlans', withSeat],
        ]),
      );
    this.version(18)
      .stores({})
      .upgrade((transaction) => liftTables(transaction, [['rungs', withFields(RUNG_ADDED_IN_17)]]));
    this.version(19)
      .stores({})
      .upgrade((transaction) =>
        liftTables(transaction, [
          ['shop', withPlace],
          ['climateReadings', withFields(READING_ADDED_IN_18)],
        ]),
      );
    this.version(DATABASE_VERSION)
      .stores({})
      .upgrade((transaction) =>
        liftTables(transaction, [
          ['shop', withFields(SHOP_ADDED_IN_19)],
          ['rungs', withFields(RUNG_ADDED_IN_19)],
        ]),
      );
  }

  /** A table of records by name. */
  records<Name extends TableName>(name: Name): RecordTables[Name] {
    return (isBucketed(name) ? recordTable(this, name) : this.table(name)) as unknown as RecordTables[Name];
  }

  /** A stored table by name, records and bytes alike. */
  stored(name: StoredTable): RecordTable {
    return recordTable(this, name);
  }
}
