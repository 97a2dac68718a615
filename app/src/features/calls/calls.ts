import type { Milestone } from '@zinc-ladder/core/cure/dryingData';
import type { FilmAnswer, NextOnFilm } from '../../workers/plan/filmTypes';
import { nextOnFilm } from '../../workers/plan/filmTypes';

/** Something the finisher is called for: a film is ready for what comes next, or a window opens or closes. */
export interface Call {
  /** of the film and what is called, not of the moment: new readings move a moment, and it is called once all the same */
  readonly id: string;
  readonly atMs: number;
  readonly kind: 'ready' | 'opens' | 'closes' | 'reopens';
  /** what opens and closes: the time for another coat, for the pull of a mask, for pressing cemented faces together */
  readonly window: NextOnFilm;
  readonly partId: string;
  readonly filmName: string;
  readonly milestone: Milestone;
}

/** A closing window is called this long before. */
export const CLOSING_NOTICE_MS = 10 * 60_000;

/** The calls still to come, soonest first. Only what the part's next rung waits for is called; a ladder that is climbed calls no more. */
export function gatherCalls(films: readonly FilmAnswer[], nowMs: number): Call[] {
  const calls: Call[] = [];
  for (const film of films) {
    if (film.nextNeeds === null) continue;
    const window = film.nextIs;
    const add = (kind: Call['kind'], atMs: number | null, milestone: Milestone): void => {
      if (atMs !== null && atMs > nowMs)
        calls.push({
          id: `${film.rungId}-${kind}-${milestone}`,
          atMs,
          kind,
          partId: film.partId,
          filmName: film.filmName,
          milestone,
          window,
        });
    };
    if (film.nextIs === 'pull') {
      const { touch, handle, hard } = film.outlook.milestones;
      add('opens', touch, 'touch');
      add('closes', handle, 'handle');
      if (handle !== null && handle <= nowMs) add('reopens', hard, 'hard');
      continue;
    }
    if (film.nextNeeds !== 'recoat') {
      add('ready', film.outlook.milestones[film.nextNeeds] ?? film.outlook.milestones.hard, film.nextNeeds);
      continue;
    }
    film.outlook.recoatWindows.forEach((window, index) => {
      // While a window is open, when it opened again later matters only once it has closed.
      const isLater =
        index > 0 && film.outlook.recoatWindows.slice(0, index).some((earlier) => earlier.closesMs === null || earlier.closesMs > nowMs);
      if (!isLater) add(index === 0 ? 'opens' : 'reopens', window.opensMs, 'recoat');
      if (!isLater && window.closesMs !== null) add('closes', window.closesMs, 'recoat');
    });
  }
  return calls.sort((a, b) => a.atMs - b.atMs);
}

/** What closes for a planned rung: the recoat window it lies in, or the time in which its mask pulls clean. */
export function closingWords(methodId: string): string {
  return callWords({ kind: 'closes', milestone: 'recoat', window: nextOnFilm(methodId) });
}

/** A call in words: `recoat closes`, `can be sanded`. */
export function callWords(call: Pick<Call, 'kind' | 'milestone' | 'window'>): string {
  if (call.window === 'pull')
    return { ready: 'pull the mask', opens: 'pull the mask from', closes: 'pull the mask by', reopens: 'hard enough to pull the mask' }[
      call.kind
    ];
  if (call.window === 'press')
    return { ready: 'press together', opens: 'press together from', closes: 'press together by', reopens: 'cement anew' }[call.kind];
  if (call.kind === 'closes') return 'recoat closes';
  if (call.kind === 'opens') return 'recoat opens';
  if (call.kind === 'reopens') return 'recoat opens again';
  return READY_WORDS[call.milestone];
}

const READY_WORDS: Readonly<Record<Milestone, string>> = {
  touch: 'touch dry',
  recoat: 'recoat opens',
  handle: 'can be handled',
  sand: 'can be sanded',
  tape: 'tape-safe',
  hard: 'hard',
};
