import type { SprayFault } from '@zinc-ladder/core/climate/sprayVerdict';
import type { ArcReason } from '@zinc-ladder/core/plan/problem/problem';
import type { StartWarning } from '@zinc-ladder/core/plan/shop/startWaits';
import type { Formats } from '../../base/formats';

/** What an early start would be done on, by what the work needs of the film. */
const EARLY_WORDS: Readonly<Record<string, string>> = {
  touch: 'is wet',
  recoat: 'cannot be coated',
  handle: 'cannot be handled',
  sand: 'cannot be sanded',
  tape: 'is not tape-safe',
  hard: 'is not hard',
  pull: 'is too wet to pull the mask',
};

/** What speaks against beginning a rung, as one says it at the bench. */
export function startWarningWords(warning: StartWarning, title: (rungId: string) => string, nowMs: number, formats: Formats): string {
  switch (warning.kind) {
    case 'before':
      return `${title(warning.rungId)} comes before it and is not done.`;
    case 'early':
      return `${atStart(filmName(warning.reason))} ${EARLY_WORDS[milestoneOf(warning.reason)] ?? 'is not ready'}${untilWords(warning.untilMs, nowMs, formats)}.`;
    case 'closed':
      return closedWords(warning.reason, warning.untilMs, nowMs, formats);
    case 'air':
      return `${airWords(warning.fault, formats)} for ${warning.productName}.`;
    case 'cold':
      return `${warning.productName} forms no film below ${formats.temperature(warning.leastCelsius)}: it would be colder ${warning.atMs <= nowMs ? 'now' : `from ${formats.moment(warning.atMs, nowMs)} on`}, wet films being colder than the air. It cracks or chalks.`;
  }
}

function closedWords(reason: ArcReason, untilMs: number | null, nowMs: number, formats: Formats): string {
  const name = filmName(reason);
  const until = untilWords(untilMs, nowMs, formats);
  if (milestoneOf(reason) === 'pull') return `The edge of the mask may tear${until}: ${name} is neither soft nor hard.`;
  if (reason.kind === 'missedWindow') return `The recoat window of ${name} was missed: let it harden${until}, then scuff it.`;
  return untilMs === null ? `The recoat window of ${name} is over: scuff it first.` : `${atStart(name)} will wrinkle${until}.`;
}

function atStart(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function untilWords(untilMs: number | null, nowMs: number, formats: Formats): string {
  return untilMs === null ? ', and never will be in this air' : ` until ${formats.moment(untilMs, nowMs)}`;
}

function milestoneOf(reason: ArcReason): string {
  return reason.kind === 'film' ? reason.milestone : '';
}

function filmName(reason: ArcReason): string {
  return reason.kind === 'film' || reason.kind === 'missedWindow' ? reason.filmName : 'What is under it';
}

function airWords({ kind, value, limit }: SprayFault, formats: Formats): string {
  switch (kind) {
    case 'humidity':
      return `${Math.round(value)} % humidity, at most ${limit} %`;
    case 'tooCold':
      return `${formats.temperature(value)}, at least ${formats.temperature(limit)}`;
    case 'tooWarm':
      return `${formats.temperature(value)}, at most ${formats.temperature(limit)}`;
    case 'dewGap':
      return `${formats.temperatureGap(value)} above the dew point, at least ${formats.temperatureGap(limit)}`;
    case 'wind':
      return `${value.toFixed(1)} m/s of wind, at most ${limit} m/s`;
  }
}
