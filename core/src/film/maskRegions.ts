import { findMethod } from '../ladder/methods';
import { baseName } from './filmStack';

/** A rung as far as masks go. */
export interface MaskedRung {
  readonly id: string;
  readonly name: string;
  readonly methodId: string;
}

/** A region of a part by what was masked when: which rungs lay their films there. */
export interface FilmRegion {
  readonly id: string;
  readonly name: string;
  /** all rungs of the ladder that act on it, in order */
  readonly rungIds: readonly string[];
  /** rungs that lay what a mask keeps off the rest; empty: the region that lay under all masks */
  readonly ownRungIds: readonly string[];
}

/** Methods that act inside a mask's opening only. */
const INSIDE = new Set(['maskedCoat', 'edgeSeal', 'maskRubber']);

/**
 * Regions of a ladder: what lies under every mask, and one opening a run of mask and unmask. Rungs between a mask and its pull that coat inside act in
 * the opening only; all others act everywhere.
 */
export function regionsByMasks(rungs: readonly MaskedRung[]): FilmRegion[] {
  const openings: { id: string; name: string; own: Set<string> }[] = [];
  let current: (typeof openings)[number] | null = null;
  for (const rung of rungs) {
    if (rung.methodId === 'mask') {
      current = { id: rung.id, name: '', own: new Set() };
      openings.push(current);
    } else if (findMethod(rung.methodId).endsMask) current = null;
    else if (INSIDE.has(rung.methodId)) {
      if (!current) {
        // Coated inside a mask nobody wrote down: an opening all the same.
        current = { id: rung.id, name: '', own: new Set() };
        openings.push(current);
      }
      current.own.add(rung.id);
      if (current.name === '' && rung.methodId === 'maskedCoat') current.name = baseName(rung.name);
    }
  }
  const kept = openings.filter((opening) => opening.own.size > 0);
  const inAny = new Set(kept.flatMap((opening) => [...opening.own]));
  const everywhere = rungs.filter((rung) => !inAny.has(rung.id));
  return [
    { id: 'rest', name: kept.length > 0 ? 'under the masks' : 'all over', rungIds: everywhere.map((rung) => rung.id), ownRungIds: [] },
    ...kept.map((opening) => ({
      id: opening.id,
      name: opening.name || 'inside a mask',
      rungIds: rungs.filter((rung) => !inAny.has(rung.id) || opening.own.has(rung.id)).map((rung) => rung.id),
      ownRungIds: [...opening.own],
    })),
  ];
}
