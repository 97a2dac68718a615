/** One component of a mix, in drops, parts or grams alike. */
export interface MixAmount {
  readonly amount: number;
}

/** All of a mix together, in the unit of its amounts. */
export function mixTotal(components: readonly MixAmount[]): number {
  return components.reduce((sum, component) => sum + component.amount, 0);
}

/**
 * Scales a mix to another total, keeping its proportions.
 *
 * @param wholeUnits drops cannot be halved: amounts are rounded so that the total is met exactly (largest remainder), none falls to nothing
 * @throws RangeError unless the total is above 0, the amounts are and, for whole units, every component can have at least one
 */
export function scaleMix<T extends MixAmount>(components: readonly T[], total: number, wholeUnits: boolean): T[] {
  const sum = mixTotal(components);
  if (!(total > 0 && Number.isFinite(total)) || !(sum > 0))
    throw new RangeError(`amounts must be above 0, got a total of ${total} from ${sum}`);
  const exact = components.map((component) => (component.amount * total) / sum);
  if (!wholeUnits) return components.map((component, index) => ({ ...component, amount: exact[index] ?? 0 }));
  const goal = Math.round(total);
  if (goal < components.length) throw new RangeError(`${goal} drops cannot hold ${components.length} components`);
  const floors = exact.map((value) => Math.max(1, Math.floor(value)));
  let open = goal - floors.reduce((acc, value) => acc + value, 0);
  while (open !== 0) {
    const step = Math.sign(open);
    const index = furthest(exact, floors, step);
    floors[index] = (floors[index] ?? 0) + step;
    open -= step;
  }
  return components.map((component, index) => ({ ...component, amount: floors[index] ?? 0 }));
}

function furthest(exact: readonly number[], whole: readonly number[], step: number): number {
  let best = -1;
  let most = Number.NEGATIVE_INFINITY;
  exact.forEach((value, index) => {
    const have = whole[index] ?? 0;
    const gap = step * (value - have);
    if (gap > most && (step > 0 || have > 1)) {
      most = gap;
      best = index;
    }
  });
  return best;
}
