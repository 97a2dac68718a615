/** The lists of a project file, in the order they depend on each other. */
export const RECORD_LISTS = [
  'props',
  'parts',
  'joins',
  'ladders',
  'rungs',
  'products',
  'cans',
  'supplies',
  'suppliers',
  'packs',
  'purchases',
  'mixCards',
  'logEntries',
  'pictures',
  'meshes',
  'passes',
  'flaws',
  'fits',
  'timers',
  'targets',
  'maskPlans',
  'stencils',
  'weatherPlans',
  'techniqueCards',
  'ownRoutes',
  'persons',
  'dimensions',
  'measurings',
  'matches',
  'lightPlans',
  'climateReadings',
] as const;

/** Name of a list in a project file. */
export type RecordList = (typeof RECORD_LISTS)[number];

/** All tables that hold records. */
export const TABLE_NAMES = ['shop', ...RECORD_LISTS] as const;

/** A table of records. */
export type TableName = (typeof TABLE_NAMES)[number];
