import { NOBODY } from '@zinc-ladder/core/plan/shop/shopHands';
import { isCutByProduct, isSprayCalendar } from '@zinc-ladder/core/plan/shop/shopCalendars';
import type { PlacementReasons, WaitReason } from '@zinc-ladder/core/plan/judge/explainPlacement';
import type { Certificate } from '@zinc-ladder/core/plan/problem/problem';
import type { ProblemFault } from '@zinc-ladder/core/plan/problem/problemFaults';
import type { Formats } from '../../base/formats';
import { formatSpan } from '../../base/formats';

/** A reason why a rung is not earlier: the moment it allows, and what it is. */
export interface ReasonLine {
  readonly atMs: number;
  readonly text: string;
}

const MILESTONE_WORDS: Readonly<Record<string, string>> = {
  touch: 'is touch dry',
  recoat: 'can be recoated',
  handle: 'can be handled',
  sand: 'can be sanded',
  tape: 'is tape-safe',
  hard: 'is hard',
  pull: 'is soft enough to pull the mask, or hard',
  remove: 'is still young enough to come off',
};

/** Why a rung is where it is, latest first; each moment once. */
export function reasonLines(
  reasons: PlacementReasons,
  startMs: number,
  isSprayed: boolean,
  title: (rungId: string) => string,
): ReasonLine[] {
  const lines: ReasonLine[] = [];
  if (reasons.binding === 'busy' && reasons.busyWithTaskId)
    lines.push({ atMs: startMs, text: `hands are free after ${title(reasons.busyWithTaskId)}` });
  else if (reasons.binding === 'calendar')
    lines.push({ atMs: startMs, text: isSprayed ? 'hands are free and spraying is open long enough' : 'hands are free long enough' });
  for (const wait of reasons.waits) {
    const text = waitWords(wait, title);
    if (text) lines.push({ atMs: wait.minute * 60_000, text });
  }
  // What was over before the plan was made explains nothing; where all was, the last of it is told.
  const madeFor = reasons.waits.find((wait) => wait.cause.kind === 'now')?.minute ?? 0;
  const telling = lines.filter((line) => line.atMs > madeFor * 60_000);
  return (telling.length > 0 ? telling : lines.slice(0, 1)).slice(0, 5);
}

/** What a rung waited for, in words; null where it was the beginning of the plan. */
export function waitWords(wait: WaitReason, title: (rungId: string) => string): string | null {
  const { cause } = wait;
  if (cause.kind === 'now') return null;
  if (cause.kind === 'pinned') return 'not wanted before';
  if (cause.kind === 'arrives') return 'what was ordered for it has come';
  const { reason } = cause;
  if (reason.kind === 'order') return `after ${title(cause.fromTaskId)}`;
  if (reason.kind === 'join') return `joined: after ${title(cause.fromTaskId)}`;
  if (reason.kind === 'missedWindow') return `${reason.filmName}: the recoat window was missed; let it harden, then scuff it`;
  return `${reason.filmName} ${MILESTONE_WORDS[reason.milestone] ?? reason.milestone}`;
}

/** Why a rung has no place, and what would mend it. */
export function certificateWords(certificate: Certificate, title: (rungId: string) => string, formats: Formats): string {
  const { cause } = certificate;
  switch (cause.kind) {
    case 'noWindow':
      return cause.longestMinutes === 0
        ? noHoursWords(cause.calendarId)
        : `It needs ${formatSpan(cause.neededMinutes)} in one go; the longest stretch of ${isSprayCalendar(cause.calendarId) ? 'hands and spraying' : 'hands'}${isCutByProduct(cause.calendarId) ? ' in air fit for its product' : ''} is ${formatSpan(cause.longestMinutes)}. Split it, or add hours.`;
    case 'tooMuch':
      if (cause.resourceId === NOBODY)
        return 'Nobody in the shop does this kind of work, or it is asked of somebody who is not there. See who does what under Shop.';
      return `It needs ${cause.needed} places; there are ${cause.capacity}. Give the set fewer places under its part, or the shop more.`;
    case 'windowCloses':
      return `The window after ${title(cause.fromTaskId)} closes ${formats.full(cause.latest * 60_000)}; it cannot be started before ${formats.full(cause.earliest * 60_000)}. A scuff between the coats, or a longer stretch of hours, mends it.`;
    case 'neverReady':
      return `${title(cause.fromTaskId)} never dries in this air. Warm the shop, or correct its typical day.`;
    case 'beyondHorizon':
      return `It comes after ${formats.full(cause.horizonMinute * 60_000)}, the last day the plan looks at. More hours bring it nearer.`;
    case 'waitsFor':
      return `It waits for ${title(cause.taskId)}, which has no place yet.`;
  }
}

/** What is wrong with the ladders themselves. */
export function faultWords(fault: ProblemFault, title: (rungId: string) => string): string {
  if (fault.kind === 'cycle')
    return `These wait for each other in a circle: ${fault.taskIds.map(title).join(' → ')}. Take one of the joins between them away, or move a rung.`;
  if (fault.kind === 'unknown') return `The plan names a ${fault.what} that is not there (${fault.id}).`;
  return `${title(fault.taskId)}: ${fault.message}.`;
}

function noHoursWords(calendarId: string | null): string {
  if (isCutByProduct(calendarId))
    return 'In none of your hours is the air fit for its product: too cold, too warm or too damp by its label. Heat or dry the shop, or see the product’s limits under Shop.';
  return isSprayCalendar(calendarId)
    ? 'There are no spraying hours within the hands hours, or light and air never allow it. See Hours and Air under Shop.'
    : 'There are no hands hours. Add some under Shop.';
}
