/** A project of some version, before it is known to be well formed. */
export type RawProject = Record<string, unknown>;

/** A step from one version to the next. Pure: returns a new project. */
export interface Migration {
  readonly from: number;
  readonly to: number;
  readonly why: string;
  readonly migrate: (project: RawProject) => RawProject;
}

/** What version 2 added to a shop. */
export const SHOP_ADDED_IN_2 = { busy: [], daylightAt: null, quietHours: [], objective: 'readyFirst' } as const;
/** What version 2 added to a rung. */
export const RUNG_ADDED_IN_2 = { lockedAtMs: null, side: 'all' } as const;

/** All migrations, oldest first, numbered without gaps; each is tested with a fixture of its version. */
export const MIGRATIONS: readonly Migration[] = [
  {
    from: 1,
    to: 2,
    why: 'appointments, daylight, quiet hours and what a plan is made for came to the shop, a locked time and its side to the rung',
    migrate: (project) => ({
      ...project,
      shop: isRecord(project['shop']) ? { ...SHOP_ADDED_IN_2, ...project['shop'] } : project['shop'],
      rungs: Array.isArray(project['rungs'])
        ? project['rungs'].map((rung: unknown) => (isRecord(rung) ? { ...RUNG_ADDED_IN_2, ...rung } : rung))
        : project['rungs'],
    }),
  },
];

/** Nothing is known of the file yet: what is no record is left for the checks after. */
function isRecord(value: unknown): value is RawProject {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/**
 * Lifts a project to the wanted version step by step.
 *
 * @throws RangeError when a step is missing
 */
export function migrateProject(project: RawProject, from: number, to: number, migrations: readonly Migration[] = MIGRATIONS): RawProject {
  let current = project;
  for (let version = from; version < to; version += 1) {
    const step = migrations.find((migration) => migration.from === version && migration.to === version + 1);
    if (!step) throw new RangeError(`no migration from version ${version} to ${version + 1}`);
    current = { ...step.migrate(current), version: version + 1 };
  }
  return current;
}
