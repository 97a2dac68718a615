import type { Violation } from '@zinc-ladder/core/plan/judge/checkPlan';

const RULE_WORDS: Readonly<Record<Violation['rule'], string>> = {
  minutes: 'its minutes do not add up',
  calendar: 'outside the hours it can be done in',
  resource: 'hands or places are taken twice',
  arc: 'too soon or too late after what comes before it',
  notBefore: 'before now, or before it is wanted',
  fact: 'what is done was moved',
  chunk: 'broken off though it may not be',
  doer: 'in the hands of somebody who does not do it',
  session: 'without the time to get ready',
};

/** What a lock breaks, in words. */
export function brokenWords({ taskId, rule }: Violation, rungTitle: (id: string) => string): string {
  return taskId === '' ? RULE_WORDS[rule] : `${rungTitle(taskId)}: ${RULE_WORDS[rule]}`;
}
