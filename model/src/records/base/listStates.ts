/** What two states of a list of records differ in. */
export interface StateChanges<Kept> {
  readonly gone: readonly Kept[];
  readonly come: readonly Kept[];
}

interface Step {
  readonly before: readonly unknown[];
  readonly changes: StateChanges<unknown>;
}

/** How states came about, for as long as they are held by anybody. */
const steps = new WeakMap<readonly unknown[], Step>();

/**
 * Remembers which records changed between two states of a list, so that readers need not compare tens of thousands of records to find one
 * change.
 */
export function rememberChanges<Kept>(before: readonly Kept[], after: readonly Kept[], changes: StateChanges<Kept>): void {
  steps.set(after, { before, changes });
}

/** What was remembered of the step between two states; null where it was no single step. */
export function changesBetween<Kept>(before: readonly Kept[], after: readonly Kept[]): StateChanges<Kept> | null {
  const step = steps.get(after);
  return step?.before === before ? (step.changes as StateChanges<Kept>) : null;
}
