/** A picture that takes longer than this is drawn coarser while it moves, ms. */
const SMOOTH_MS = 60;
/** No coarser than so many of its pixels along each side. */
const LEAST_SCALE = 0.25;
/** A picture rests when nothing moved it for so long, ms; then it is drawn with all its pixels. */
const RESTS_AFTER_MS = 250;

/** What draws a picture, and tells how long that takes. */
export interface DrawnHere {
  /** begins to draw, with a share of the pixels along each side */
  readonly draw: (scale: number) => void;
  /** whether what was begun last is there; graphics cards work on after they were asked */
  readonly isDrawn: () => boolean;
  readonly now: () => number;
  readonly nextFrame: (run: () => void) => number;
  readonly dropFrame: (frame: number) => void;
  readonly later: (run: () => void, ms: number) => number;
  readonly dropLater: (timer: number) => void;
}

/** A picture that is drawn as often as it can be, and never waits behind its own older states. */
export interface PacedDrawing {
  /** something moved: draw */
  readonly ask: () => void;
  readonly dispose: () => void;
}

/**
 * Draws a picture when it is asked for, one at a time. Where one takes long, as without a graphics card, it is coarser while it moves and whole as
 * soon as it rests.
 *
 * @param tell whether what is shown is coarse or on its way
 */
export function paceDrawing(here: DrawnHere, tell: (isOnItsWay: boolean) => void): PacedDrawing {
  /** ms that all pixels would take, by the last picture; 0: not known */
  let wholeMs = 0;
  let isWanted = false;
  let isAtWork = false;
  let frame = 0;
  let timer = 0;
  const begin = (scale: number): void => {
    isAtWork = true;
    isWanted = false;
    here.draw(scale);
    const begunAt = here.now();
    const look = (): void => {
      if (!here.isDrawn()) {
        frame = here.nextFrame(look);
        return;
      }
      isAtWork = false;
      wholeMs = (here.now() - begunAt) / scale ** 2;
      if (isWanted) begin(movingScale());
      else if (scale < 1) timer = here.later(() => begin(1), RESTS_AFTER_MS);
      else tell(false);
    };
    frame = here.nextFrame(look);
  };
  const movingScale = (): number => (wholeMs <= SMOOTH_MS ? 1 : Math.max(LEAST_SCALE, Math.sqrt(SMOOTH_MS / wholeMs)));
  return {
    ask: () => {
      tell(true);
      if (isWanted) return;
      isWanted = true;
      here.dropLater(timer);
      if (!isAtWork) frame = here.nextFrame(() => begin(movingScale()));
    },
    dispose: () => {
      here.dropFrame(frame);
      here.dropLater(timer);
    },
  };
}
