import type { Lab } from '../lab';
import { difference } from '../lab';
import type { MixPart } from '../paint';
import { mixLab } from '../paint';

/** What one drop more or less of a paint does. */
export interface DropEffect {
  readonly paintId: string;
  readonly more: number;
  /** null: there is no drop to spare */
  readonly less: number | null;
}

/** How a recipe stands to a target when one part of each paint is added or left out: which drop to count twice. */
export function dropEffects(mix: readonly MixPart[], target: Lab, mirrored: number): DropEffect[] {
  const withChange = (at: number, by: number): number =>
    difference(
      mixLab(
        mix.map((entry, place) => (place === at ? { ...entry, parts: entry.parts + by } : entry)),
        mirrored,
      ),
      target,
    );
  return mix.map(({ paint, parts }, at) => ({
    paintId: paint.id,
    more: withChange(at, 1),
    less: parts > 1 ? withChange(at, -1) : null,
  }));
}

/** A known shift from wet to dry of a paint, Lab dry − wet. */
export interface DryingShift {
  readonly parts: number;
  readonly shift: Lab | null;
}

/** How a mix looks wet, so that it is not judged too soon: dry colour minus its paints' mean shift; null where no shift is known. */
export function wetLook(dry: Lab, shifts: readonly DryingShift[]): Lab | null {
  const total = shifts.reduce((sum, entry) => sum + entry.parts, 0);
  if (!(total > 0) || shifts.every((entry) => entry.shift === null)) return null;
  const mean = (axis: 0 | 1 | 2): number => shifts.reduce((sum, entry) => sum + (entry.parts / total) * (entry.shift?.[axis] ?? 0), 0);
  return [dry[0] - mean(0), dry[1] - mean(1), dry[2] - mean(2)];
}
