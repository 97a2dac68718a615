/** A project of some version, before it is known to be well formed. */
export type RawProject = Record<string, unknown>;

/** A step from one version to the next. Pure: returns a new project. */
export interface Migration {
  readonly from: number;
  readonly to: number;
  readonly why: string;
  readonly migrate: (project: RawProject) => RawProject;
}

/**
 * All migrations, oldest first, numbered without gaps; each is tested with a fixture of its version.
 * Version 1 is the first published, so there is none yet.
 */
export const MIGRATIONS: readonly Migration[] = [];

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
