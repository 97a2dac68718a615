import type { DecayFit, DecayPoint, DecayPrior } from './decayFit';
import { decayAt, fitDecay, hoursToReach } from './decayFit';

/** A pass over a part and what was found after it. */
export interface InspectedPass {
  /** hands hours on the surface up to and with this pass */
  readonly hours: number;
  /** deepest valley that was found, µm; null: not judged */
  readonly valleyMicrometres: number | null;
  /** flaws open after it that would show, by count */
  readonly openFlaws: number;
}

/** What the passes are judged against. */
export interface VerdictAsk {
  readonly passes: readonly InspectedPass[];
  /** deepest valley that may stay, µm */
  readonly wantedMicrometres: number;
  /** flaws open now that would show, by count */
  readonly openFlaws: number;
  /** turns of primer and sanding the ladder has not come to yet */
  readonly openTurns: number;
  /** the ladder has a filler or primer to lay yet, in a turn or without one */
  readonly isFillingOpen: boolean;
  /** what the forecast believes: ridge as printed, and the hours, passes and end of its steps */
  readonly forecast: {
    readonly startMicrometres: number;
    readonly endMicrometres: number;
    readonly hours: number;
    readonly passes: number;
  };
}

/** Whether to go on to colour. */
export type VerdictKind = 'notYet' | 'go' | 'onePass' | 'morePasses' | 'stop';

/** A verdict with the figures it rests on. */
export interface Verdict {
  readonly kind: VerdictKind;
  /** passes to the target by the fitted curve, with one standard deviation either way; 0 when it is reached */
  readonly passesLeft: { readonly likely: number; readonly low: number; readonly high: number };
  /** what the next pass wins by the curve, µm, and how long passes have taken, h */
  readonly nextWinsMicrometres: number;
  readonly passHours: number;
  /** hours of work after which the valley is expected to be shallow enough; null when the passes so far leave it as uncertain as it is large */
  readonly reach: { readonly hours: number; readonly deviation: number } | null;
  readonly valleyNowMicrometres: number;
  /** what was found is enough to take turns away from the ladder: smooth already, or a curve through two valleys that tells when */
  readonly isSure: boolean;
  readonly openFlaws: number;
  /** flaws left after the next pass by their own curve; null with fewer than two counts */
  readonly flawsAfterNext: number | null;
  readonly fit: DecayFit;
}

/** How well a valley is judged by eye, nail or gauge: a fifth either way (guessed). */
const VALLEY_LOG_DEVIATION = 0.2;
/** How well the forecast's start and pace are believed (guessed); once two valleys were judged, they alone say where the curve begins. */
const START_LOG_DEVIATION = 0.35;
const VAGUE_LOG_DEVIATION = 1;
const RATE_SHARE_DEVIATION = 0.5;
/** A pass that wins less than this is not worth it: what no eye and no nail tells (guessed), µm. */
export const LEAST_WIN_MICROMETRES = 2;
/** Each pass finds and mends at least this share of the flaws that are open when nothing is known yet (guessed). */
const FLAW_RATE_PER_PASS = 0.7;
const MOST_PASSES = 20;
/** From so many judged valleys on, a curve is believed by itself: one valley says where it is, not how fast it falls. */
const VALLEYS_TO_BELIEVE = 2;

/**
 * Go, one more pass, more, or stop: a decay is fitted to the valleys found so far, beginning with what the forecast believes, and asked when it
 * reaches what is wanted and what the next pass would win.
 */
export function judgePasses(ask: VerdictAsk): Verdict {
  const { passes, wantedMicrometres } = ask;
  const last = passes.at(-1);
  const points = valleyPoints(passes);
  const fit = fitDecay(points, priorOf(ask.forecast, points.length < 2 ? START_LOG_DEVIATION : VAGUE_LOG_DEVIATION));
  const hours = last?.hours ?? 0;
  const passHours = paceOf(passes, ask.forecast);
  const fitted = hoursToReach(fit, wantedMicrometres);
  // What was found last says more of now than the curve does.
  const valleyNow = last?.valleyMicrometres ?? decayAt(fit, hours).value;
  const winsIn = (span: number): number => valleyNow * (1 - Math.exp(-fit.ratePerHour * span));
  const nextWins = winsIn(passHours);
  const isSmooth = valleyNow <= wantedMicrometres;
  const toGo = Math.max(0, Math.log(valleyNow / wantedMicrometres) / fit.ratePerHour);
  const isKnown = fitted.deviation <= Math.max(fitted.hours, passHours);
  const byForecast = Math.max(1, ask.openTurns, ask.forecast.passes - passes.length);
  const passesLeft = (hoursToGo: number): number => Math.min(MOST_PASSES, Math.max(0, Math.ceil(hoursToGo / passHours - 1e-9)));
  const { openFlaws } = ask;
  const flawsAfterNext = flawsAfter(passes);
  const asked = Math.max(isSmooth ? 0 : isKnown ? Math.max(1, passesLeft(toGo)) : byForecast, openFlaws > 0 ? 1 : 0);
  // A few minutes win little on any surface: what counts is what a pass of usual length would still win.
  const wholePass = Math.max(passHours, forecastPassHours(ask.forecast));
  const isSpent = !ask.isFillingOpen && points.length >= VALLEYS_TO_BELIEVE && winsIn(wholePass) < LEAST_WIN_MICROMETRES;
  const kind = kindOf(passes.length, isSmooth, openFlaws, isSpent, asked);
  // Where sanding wins nothing more, no pass is left to do.
  const likely = kind === 'stop' ? 0 : asked;
  const isOpenEnded = !isSmooth && kind !== 'stop' && isKnown;
  return {
    kind,
    passesLeft: {
      likely,
      low: isOpenEnded ? Math.min(likely, Math.max(1, passesLeft(toGo - fitted.deviation))) : likely,
      high: isOpenEnded ? Math.max(likely, passesLeft(toGo + fitted.deviation)) : likely,
    },
    nextWinsMicrometres: nextWins,
    passHours,
    reach: isKnown ? fitted : null,
    valleyNowMicrometres: valleyNow,
    isSure: isSmooth || (isKnown && points.length >= VALLEYS_TO_BELIEVE),
    openFlaws,
    flawsAfterNext,
    fit,
  };
}

function kindOf(passes: number, isSmooth: boolean, openFlaws: number, isSpent: boolean, likely: number): VerdictKind {
  if (passes === 0) return 'notYet';
  if (isSmooth && openFlaws === 0) return 'go';
  if (!isSmooth && isSpent) return 'stop';
  return likely <= 1 ? 'onePass' : 'morePasses';
}

function valleyPoints(passes: readonly InspectedPass[]): DecayPoint[] {
  return passes.flatMap(({ hours, valleyMicrometres }) =>
    valleyMicrometres !== null && valleyMicrometres > 0 ? [{ hours, left: valleyMicrometres, logDeviation: VALLEY_LOG_DEVIATION }] : [],
  );
}

function priorOf({ startMicrometres, endMicrometres, hours }: VerdictAsk['forecast'], startLogDeviation: number): DecayPrior {
  const start = Math.max(1, startMicrometres);
  const end = Math.min(start * 0.9, Math.max(0.5, endMicrometres));
  const ratePerHour = Math.log(start / end) / Math.max(0.1, hours);
  return { start, startLogDeviation, ratePerHour, rateDeviation: RATE_SHARE_DEVIATION * ratePerHour };
}

/** Hours a pass takes: the mean of the passes done so far, or one loop of the forecast when there are none. */
function paceOf(passes: readonly InspectedPass[], forecast: VerdictAsk['forecast']): number {
  const spans = passes.flatMap(({ hours }, at) => {
    const span = hours - (passes[at - 1]?.hours ?? 0);
    return span > 0 ? [span] : [];
  });
  return Math.max(0.05, spans.length > 0 ? spans.reduce((sum, span) => sum + span, 0) / spans.length : forecastPassHours(forecast));
}

function forecastPassHours({ hours, passes }: VerdictAsk['forecast']): number {
  return hours / Math.max(1, passes);
}

/** Flaws left after one more pass: by the ratio of the counts so far, drawn towards the usual share while there are few. */
function flawsAfter(passes: readonly InspectedPass[]): number | null {
  const counts = passes.map((pass) => pass.openFlaws);
  if (counts.length < 2) return null;
  const before = counts.slice(0, -1).reduce((sum, count) => sum + count, 0);
  const after = counts.slice(1).reduce((sum, count) => sum + count, 0);
  // As if ten more flaws had been seen to go as they usually do.
  const ratio = (after + 10 * (1 - FLAW_RATE_PER_PASS)) / (before + 10);
  return (counts.at(-1) ?? 0) * Math.min(1, ratio);
}
