import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { CoatLaid, CureOutlook, ForcedDrying } from '@zinc-ladder/core/cure/cureClock';
import type { DryingData, Milestone } from '@zinc-ladder/core/cure/dryingData';

/** A film on a part, as the cure clock is asked about it. */
export interface FilmQuestion {
  readonly partId: string;
  readonly rungId: string;
  readonly filmName: string;
  readonly colourHex: string | null;
  readonly drying: DryingData;
  readonly coats: readonly CoatLaid[];
  /** warm air it had */
  readonly forced: readonly ForcedDrying[];
  /** what the part's next open rung waits for */
  readonly nextRungId: string | null;
  readonly nextNeeds: Milestone | null;
  /** the next rung pulls a mask: while this film is soft, or once it is hard */
  readonly nextPulls: boolean;
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
