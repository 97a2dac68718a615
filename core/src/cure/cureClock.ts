import type { ClockTable } from './clockTable';
import { minuteAtProgress, progressAt } from './clockTable';
import type { CureTables } from './cureTables';
import type { CurePhase } from './dryingKind';
import type { DryingData, Milestone } from './dryingData';
import { MILESTONES, phaseOf } from './dryingData';
import { tooColdToForm } from './filmForming';
import { milestoneDemand, recoatPieces } from './filmDemand';
import { closesByLabel, reopensByLabel } from './labelTime';

/** A coat as it was laid. */
export interface CoatLaid {
  readonly atMs: number;
  /** dry thickness; the label's coat where it was not said */
  readonly thicknessMicrometres: number;
}

/** Warm air on the film: the rate is multiplied within the span (hair dryer on thin acrylic about 6, common practice). */
export interface ForcedDrying {
  readonly fromMs: number;
  readonly toMs: number;
  readonly factor: number;
}

/** A span in which the next coat may go on, epoch ms; `closesMs` null: stays open. */
export interface RecoatWindow {
  readonly opensMs: number;
  readonly closesMs: number | null;
}

/** What the cure clock says of one film. Moments are epoch ms; null: never in this air, or not a thing this product does. */
export interface CureOutlook {
  readonly laidAtMs: number;
  /** coats that were still soft when the next went on, together */
  readonly filmMicrometres: number;
  readonly wetCoats: number;
  readonly milestones: Readonly<Record<Milestone, number | null>>;
  readonly recoatWindows: readonly RecoatWindow[];
  /** when it was or will be too cold for it to form: it cracks or chalks; null: never */
  readonly tooColdMs: number | null;
}

/**
 * When a film reaches each state. Progress runs from the last coat; coats that went on before the film under them could be
 * handled belong to the same film and dry as one.
 *
 * @param coats all coats of this product on the part, in any order; at least one
 * @throws RangeError when there is no coat
 */
export function readCureClock(
  drying: DryingData,
  coats: readonly CoatLaid[],
  tables: CureTables,
  forced: readonly ForcedDrying[] = [],
): CureOutlook {
  const ordered = [...coats].sort((a, b) => a.atMs - b.atMs);
  const last = ordered.at(-1);
  if (!last) throw new RangeError('a cure clock needs at least one coat');
  const clocks = {
    drying: forcedClock(tables.tableFor(drying, 'drying'), forced),
    hardening: forcedClock(tables.tableFor(drying, 'hardening'), forced),
  };
  const { filmMicrometres, wetCoats } = gatherWetFilm(drying, ordered, clocks.drying);
  const reach = (demand: number | null, phase: CurePhase = 'drying'): number | null => {
    if (demand === null) return null;
    const minute = clocks[phase].minuteAfter(last.atMs / 60_000, demand);
    return Number.isFinite(minute) ? minute * 60_000 : null;
  };
  const milestones = Object.fromEntries(
    MILESTONES.map((name) => [name, reach(milestoneDemand(drying, name, filmMicrometres, last.thicknessMicrometres), phaseOf(name))]),
  ) as Record<Milestone, number | null>;
  const windows: RecoatWindow[] = [];
  const pieces = recoatPieces(drying, filmMicrometres, last.thicknessMicrometres);
  pieces.forEach(({ from, until }, nth) => {
    const byFilm = reach(from);
    if (byFilm === null) return;
    const opensMs = nth === 0 ? byFilm : reopensByLabel(byFilm, last.atMs, from * 60_000);
    if (until === null) windows.push({ opensMs, closesMs: null });
    else {
      const closesMs = closesByLabel(reach(until) ?? Infinity, last.atMs, until * 60_000);
      // In the cold a window may be over before the film is fit for it; then the second opening is the first.
      if (closesMs >= opensMs || nth === pieces.length - 1) windows.push({ opensMs, closesMs: Math.max(opensMs, closesMs) });
    }
  });
  const forming = { laidMs: last.atMs, touchMs: milestones.touch, handleMs: milestones.handle };
  const tooColdMs = tooColdToForm(drying, tables.air, forming);
  return { laidAtMs: last.atMs, filmMicrometres, wetCoats, milestones, recoatWindows: windows, tooColdMs };
}

/** What a film had gained at a moment and what a stage asks of it, minutes at label conditions. */
export interface FilmSight {
  readonly elapsedMinutes: number;
  readonly expectedMinutes: number;
}

/**
 * How far a film was on its way to a stage when somebody tried it.
 *
 * @returns null where the product has no such stage, or it was tried before it was laid
 * @throws RangeError when there is no coat
 */
export function sightFilm(
  drying: DryingData,
  coats: readonly CoatLaid[],
  tables: CureTables,
  forced: readonly ForcedDrying[],
  stage: Milestone,
  atMs: number,
): FilmSight | null {
  const ordered = [...coats].sort((a, b) => a.atMs - b.atMs);
  const last = ordered.at(-1);
  if (!last) throw new RangeError('a cure clock needs at least one coat');
  const { filmMicrometres } = gatherWetFilm(drying, ordered, forcedClock(tables.tableFor(drying, 'drying'), forced));
  const expectedMinutes = milestoneDemand(drying, stage, filmMicrometres, last.thicknessMicrometres);
  const clock = forcedClock(tables.tableFor(drying, phaseOf(stage)), forced);
  const elapsedMinutes = clock.progress(atMs / 60_000) - clock.progress(last.atMs / 60_000);
  return expectedMinutes !== null && expectedMinutes > 0 && elapsedMinutes > 0 ? { elapsedMinutes, expectedMinutes } : null;
}

/** States of a film as they are drawn, from blank to dense. */
export type FilmState = 'wet' | 'touch' | 'handle' | 'sand' | 'tape' | 'hard';

/** The furthest state a film has reached at a moment. */
export function filmStateAt(outlook: CureOutlook, atMs: number): FilmState {
  const reached = (name: Milestone): boolean => {
    const moment = outlook.milestones[name];
    return moment !== null && moment <= atMs;
  };
  if (reached('hard')) return 'hard';
  if (reached('tape')) return 'tape';
  if (reached('sand')) return 'sand';
  if (reached('handle')) return 'handle';
  return reached('touch') ? 'touch' : 'wet';
}

interface RunningClock {
  readonly progress: (minute: number) => number;
  readonly minuteAfter: (fromMinute: number, gained: number) => number;
}

/** The table with the extra progress of forced spans added, exactly: W′ = W + Σ (factor − 1) · gain within the span. */
function forcedClock(table: ClockTable, forced: readonly ForcedDrying[]): RunningClock {
  const spans = forced
    .map(({ fromMs, toMs, factor }) => ({ from: fromMs / 60_000, to: toMs / 60_000, extra: factor - 1 }))
    .sort((a, b) => a.from - b.from);
  const progress = (minute: number): number =>
    spans.reduce(
      (sum, span) =>
        sum + span.extra * Math.max(0, progressAt(table, Math.min(minute, span.to)) - progressAt(table, Math.min(minute, span.from))),
      progressAt(table, minute),
    );
  const minuteAfter = (fromMinute: number, gained: number): number => {
    if (gained <= 0) return fromMinute;
    const goal = progress(fromMinute) + gained;
    let behind = fromMinute;
    for (const edge of spans.flatMap((span) => [span.from, span.to]).sort((a, b) => a - b)) {
      if (edge <= behind) continue;
      if (progress(edge) >= goal) break;
      behind = edge;
    }
    const active = spans.filter((span) => span.from <= behind && behind < span.to);
    const factor = 1 + active.reduce((sum, span) => sum + span.extra, 0);
    const base = progressAt(table, behind) + (goal - progress(behind)) / factor;
    return Math.max(fromMinute, minuteAtProgress(table, base));
  };
  return { progress, minuteAfter };
}

function gatherWetFilm(
  drying: DryingData,
  ordered: readonly CoatLaid[],
  clock: RunningClock,
): { filmMicrometres: number; wetCoats: number } {
  let filmMicrometres = 0;
  let wetCoats = 0;
  let previous: CoatLaid | undefined;
  for (const coat of ordered) {
    if (previous) {
      const needed = milestoneDemand(drying, 'handle', filmMicrometres, previous.thicknessMicrometres) ?? 0;
      const gained = clock.progress(coat.atMs / 60_000) - clock.progress(previous.atMs / 60_000);
      if (gained >= needed) {
        filmMicrometres = 0;
        wetCoats = 0;
      }
    }
    filmMicrometres += coat.thicknessMicrometres;
    wetCoats += 1;
    previous = coat;
  }
  return { filmMicrometres, wetCoats };
}
