import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { CoatLaid, CureOutlook, ForcedDrying } from '@zinc-ladder/core/cure/cureClock';
import type { DryingData, Milestone } from '@zinc-ladder/core/cure/dryingData';

/** What may follow on a film within a window of its own. */
export type NextOnFilm = 'coat' | 'pull' | 'press';

/** What a method does on the film under it. */
export function nextOnFilm(methodId: string): NextOnFilm {
  return methodId === 'unmask' ? 'pull' : methodId === 'press' ? 'press' : 'coat';
}

/** A film on a part, as the cure clock is asked about it. */
export interface FilmQuestion {
  readonly partId: string;
  readonly rungId: string;
  /** places on the rack for the pieces it is on */
  readonly rackPlaces: number;
  readonly filmName: string;
  readonly colourHex: string | null;
  readonly drying: DryingData;
  readonly coats: readonly CoatLaid[];
  /** warm air it had */
  readonly forced: readonly ForcedDrying[];
  /** what the part's next open rung waits for */
  readonly nextRungId: string | null;
  readonly nextNeeds: Milestone | null;
  /** what the next rung does on this film: lays a coat (or anything else), pulls a mask while it is soft or hard, or presses cemented faces together */
  readonly nextIs: NextOnFilm;
}

/** The cure clock's answer for one film. */
export interface FilmAnswer extends Omit<FilmQuestion, 'drying' | 'coats' | 'forced'> {
  readonly outlook: CureOutlook;
}

/** All films to be read in one air. */
export interface FilmsRequest {
  readonly air: AirTimeline;
  readonly nowMs: number;
  readonly films: readonly FilmQuestion[];
}
