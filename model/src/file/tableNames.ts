/** The lists of a project file, in the order they depend on each other, with what one of each is called. */
export const RECORD_KINDS = {
  props: 'a prop',
  parts: 'a part',
  joins: 'a join',
  ladders: 'a ladder',
  rungs: 'a rung',
  products: 'a product',
  cans: 'a can',
  supplies: 'a supply',
  suppliers: 'a supplier',
  packs: 'a pack that is sold',
  purchases: 'something that was ordered',
  mixCards: 'a card',
  logEntries: 'a log entry',
  pictures: 'a picture',
  meshes: 'a mesh',
  passes: 'a pass',
  flaws: 'a flaw',
  fits: 'a fit',
  timers: 'a timer',
  targets: 'a target',
  maskPlans: 'a mask plan',
  stencils: 'a stencil',
  weatherPlans: 'a weather plan',
  techniqueCards: 'a technique card',
  ownRoutes: 'a route',
  persons: 'a person',
  dimensions: 'a dimension',
  measurings: 'what is marked on a picture',
  matches: 'a match of two pictures',
  lightPlans: 'a plan of lights',
  climateReadings: 'a reading',
} as const;

/** Name of a list in a project file. */
export type RecordList = keyof typeof RECORD_KINDS;

/** The names of the lists, in that order. */
export const RECORD_LISTS = Object.keys(RECORD_KINDS) as readonly RecordList[];

/** All tables that hold records. */
export const TABLE_NAMES = ['shop', ...RECORD_LISTS] as const;

/** A table of records. */
export type TableName = (typeof TABLE_NAMES)[number];
