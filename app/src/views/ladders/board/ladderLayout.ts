import type { BandId } from '@zinc-ladder/core/ladder/bands';
import { BANDS } from '@zinc-ladder/core/ladder/bands';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';

/** A band across all ladders: where it lies, and how many rungs high it is. Rows count from the bottom. */
export interface BandLayout {
  readonly id: BandId;
  readonly name: string;
  readonly firstRow: number;
  readonly rows: number;
}

/** Bands tall enough for their fullest ladder, bottom to top; empty ones keep no room. */
export function layOutBands(ladders: readonly (readonly Rung[])[]): BandLayout[] {
  let firstRow = 0;
  return BANDS.flatMap(({ id, name }) => {
    const rows = Math.max(0, ...ladders.map((rungs) => rungs.filter((rung) => rung.band === id).length));
    if (rows === 0) return [];
    const band = { id, name, firstRow, rows };
    firstRow += rows;
    return [band];
  });
}

/** The row of each rung: within its band, in the order of its ladder. */
export function layOutRungs(rungs: readonly Rung[], bands: readonly BandLayout[]): ReadonlyMap<string, number> {
  const filled = new Map<BandId, number>();
  const rows = new Map<string, number>();
  for (const rung of rungs) {
    const band = bands.find((entry) => entry.id === rung.band);
    const used = filled.get(rung.band) ?? 0;
    rows.set(rung.id, (band?.firstRow ?? 0) + used);
    filled.set(rung.band, used + 1);
  }
  return rows;
}
