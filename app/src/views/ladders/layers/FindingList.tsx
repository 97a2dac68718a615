import type { CompatFinding } from '@zinc-ladder/core/compatibility/checkStack';
import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import { hardAtMs } from '@zinc-ladder/model/gather/film/gatherStack';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { leaveOut } from '../../../data/changes/ladder/rungStateChanges';
import { addRung } from '../../../data/changes/ladder/rungChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { useClock } from '../../../clock/ClockContext';
import { usePlan } from '../../../features/plan/usePlan';
import { Button } from '../../../ui/Button';

const SURE = { certain: 'for sure', likely: 'likely', possible: 'may be' } as const;
const ACTS = { insert: 'Put it in', waitHard: 'Wait for it', card: 'Add a test card', leaveOut: 'Leave it out' } as const;

/** What does not go together, with one press to mend it. */
export function FindingList({
  findings,
  ladderId,
  rungs,
  index,
}: {
  readonly findings: readonly CompatFinding[];
  readonly ladderId: string;
  readonly rungs: readonly Rung[];
  readonly index: ShopIndex;
}) {
  const edit = useEdit();
  const clock = useClock();
  const { plan } = usePlan();
  const mend = (finding: CompatFinding): void => {
    const at = rungs.findIndex((rung) => rung.id === finding.stepId);
    const step = rungs[at];
    if (!step) return;
    const { remedy } = finding;
    if (remedy.kind === 'leaveOut') {
      void edit(`Leave out ${step.name}`, (change) => leaveOut(change, step.id, clock.now(), step.state));
      return;
    }
    if (remedy.kind === 'waitHard') {
      const under = rungs.find((rung) => rung.id === finding.underId);
      const product = index.products.get(under?.productId ?? '');
      if (!under || !product) return;
      const planned = plan?.kind === 'planned' ? plan.rungs.find((time) => time.rungId === under.id)?.endMs : undefined;
      const endMs = under.doneAtMs ?? planned ?? clock.now();
      // A rung locked to a time before that would stay there.
      const lockedAtMs = step.lockedAtMs !== null && step.lockedAtMs < hardAtMs(product, endMs) ? null : step.lockedAtMs;
      void edit(`Wait until ${under.name} is hard`, (change) => change.patch('rungs', step.id, { hardRungId: under.id, lockedAtMs }, step));
      return;
    }
    const isCard = remedy.kind === 'card';
    const part = index.parts.get(index.ladders.get(ladderId)?.partId ?? '');
    if (!part) return;
    const product =
      remedy.kind === 'insert' && remedy.classId !== null
        ? [...index.products.values()].find((entry) => entry.classId === remedy.classId)
        : undefined;
    const made = rungForPart(isCard ? 'inspect' : remedy.methodId, product ?? null, part);
    const rung: Rung = {
      ...made,
      id: newId(),
      ladderId,
      name: isCard ? `test card: ${finding.remedyWords.replace(/^[^:]*: |\.$/gu, '')}`.slice(0, 200) : remedy.name,
      band: step.band,
      ...(isCard ? { minutes: 10, minutesFormula: 'a card for a test, whatever the part is like' } : {}),
      why: `${finding.what} ${finding.why}`,
    };
    void edit(`Put in ${rung.name}`, (change) => addRung(change, ladderId, rung, at));
  };
  const sorted = findings.toSorted((a, b) => rank(a) - rank(b));
  return (
    <section aria-label="What does not go together">
      <h3 className="label mb-1">{findings.length === 0 ? 'All films go together' : `${findings.length} that may not go together`}</h3>
      {findings.length === 0 && <p className="text-dim text-sm">By common practice; the label and a test card win over every rule.</p>}
      <ul>
        {sorted.map((finding) => {
          const step = rungs.find((rung) => rung.id === finding.stepId);
          const isDone = step?.state === 'done';
          const under = rungs.find((rung) => rung.id === finding.underId);
          // What stands on the ladder of a part it is joined to waits, or is left out, there.
          const isHere = finding.remedy.kind === 'insert' || finding.remedy.kind === 'card' || isOn(ladderId, step, under);
          return (
            <li
              key={`${finding.ruleId}-${finding.stepId}`}
              className="border-line grid items-start gap-2 border-t py-2 sm:grid-cols-[5rem_minmax(0,1fr)_auto]"
            >
              <span className={`label ${finding.sure === 'certain' ? 'text-oxide' : ''}`}>{SURE[finding.sure]}</span>
              <span>
                <strong>{step?.name}</strong>: {finding.what}
                <span className="text-dim block text-sm">{finding.why}</span>
                <span className="block text-sm">{isDone ? 'It is done: watch it, and mend what shows.' : finding.remedyWords}</span>
              </span>
              {!isDone && isHere && (
                <Button aria-label={`${ACTS[finding.remedy.kind]}: ${finding.remedyWords}`} onClick={() => mend(finding)}>
                  {ACTS[finding.remedy.kind]}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function isOn(ladderId: string, ...rungs: readonly (Rung | undefined)[]): boolean {
  return rungs.every((rung) => rung === undefined || rung.ladderId === ladderId);
}

function rank(finding: CompatFinding): number {
  return ['certain', 'likely', 'possible'].indexOf(finding.sure);
}
