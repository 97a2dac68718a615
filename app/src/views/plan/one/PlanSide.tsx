import { laterTasks } from '@zinc-ladder/core/plan/judge/laterTasks';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { handsMinutes } from '@zinc-ladder/core/plan/shopPlan/handsMinutes';
import { lastReady, timeToSpare } from '@zinc-ladder/core/plan/shopPlan/timeToSpare';
import { handsLeft } from '@zinc-ladder/model/gather/plan/handsLeft';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { Link } from 'react-router';
import { ownHandsWords, useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { useNow } from '../../../clock/ClockContext';
import type { ShopIndex } from '../../../data/useShopIndex';
import { gatherCalls } from '../../../features/calls/calls';
import type { FilmAnswer } from '../../../workers/plan/filmTypes';
import { brokenWords } from '../../../features/plan/brokenWords';
import { certificateWords, reasonLines } from '../../../features/plan/reasonWords';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { PartFace } from '../../../features/partFace/PartFace';
import { PropFace } from '../../../features/partFace/PropFace';
import { LockControl } from './LockControl';
import { OutlookSheet } from '../helps/OutlookSheet';
import { ReasonSteps } from './ReasonSteps';
import type { PlannedShop } from '../../../features/plan/planned';
import { NotesSheet } from './NotesSheet';
import { PrintSheet } from './PrintSheet';
import { TriageSheet } from '../helps/TriageSheet';
import { WhatHelps } from '../helps/WhatHelps';

/** A window met with less than this to spare is at risk. */
const RISK_MS = 30 * 60_000;

/** When it is ready and whether that is in time; what is at risk; the chosen rung and why it is not earlier. */
export function PlanSide({
  plan,
  props,
  partIds,
  films,
  index,
  chosen,
  onChoose,
  isPrinted,
}: {
  readonly plan: PlannedShop;
  readonly props: readonly Prop[];
  readonly partIds: ReadonlySet<string>;
  readonly films: readonly FilmAnswer[];
  readonly index: ShopIndex;
  readonly chosen: string | null;
  readonly onChoose: (rungId: string) => void;
  /** whether what is told of the plan goes onto paper with it; what is tried and changed here never does */
  readonly isPrinted: boolean;
}) {
  const now = useNow(60_000);
  const formats = useFormats();
  const shown = plan.props.filter((entry) => props.some((prop) => prop.id === entry.propId));
  const ready = lastReady(shown);
  const own = plan.rungs.filter((time) => partIds.has(time.partId));
  const ownMinutes = useOwnMinutes();
  const rungs = [...partIds].flatMap((id) => index.rungsOf(id));
  const hands = handsLeft(rungs, ownMinutes.of, now);
  const byMethods = handsLeft(rungs, (rung) => rung.minutes, now);
  const yours = ownHandsWords(hands, byMethods, ownMinutes.whoseSums);
  return (
    <div className={`grid content-start gap-4 lg:min-h-0 lg:overflow-y-auto print:mt-4 ${isPrinted ? '' : 'no-print'}`}>
      {chosen && <ChosenRung plan={plan} rungId={chosen} index={index} nowMs={now} onChoose={onChoose} />}
      <Sheet className="p-4" label="Ready">
        <h2 className="label">{shown.length === 1 ? 'Ready' : 'All ready'}, if it goes as planned</h2>
        <p className="font-label text-4xl font-semibold">
          {ready !== null ? formats.moment(ready, now) : hands > 0 ? 'no plan' : 'climbed'}
        </p>
        <table className="mt-2 w-full">
          <thead className="sr-only">
            <tr>
              <th>Prop</th>
              <th>Ready</th>
              <th>Due</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((entry) => (
              <PropLine key={entry.propId} prop={index.props.get(entry.propId)} readyMs={entry.readyMs} dueMs={entry.dueMs} nowMs={now} />
            ))}
          </tbody>
        </table>
        <p className="border-line flex justify-between border-t pt-2">
          Hands left{' '}
          <span className="figure">
            <Why
              name="hands left"
              reason={{
                formula: 'Σ minutes of all rungs not done, less what was worked on them',
                inputs: [
                  ...(yours ? [['by the methods’ minutes', formatSpan(byMethods)] as const] : []),
                  ['in this plan, getting ready shared', formatSpan(handsMinutes(own))],
                ],
                source: `minutes of each rung; ${plan.objective === 'surest' ? `found in ${plan.rounds} plays` : `the best of ${plan.rounds} plans looked at`}${plan.isFinal ? '' : ' so far'}, found by: ${plan.foundBy}`,
              }}
            >
              {formatSpan(hands)}
              {yours && ', '}
              {yours && <span className="whitespace-nowrap">{yours}</span>}
            </Why>
          </span>
        </p>
      </Sheet>
      <NotesSheet notes={plan.notes} index={index} />
      <PrintSheet prints={plan.prints.filter(({ partId }) => partIds.has(partId))} index={index} nowMs={now} />
      <OutlookSheet plan={plan} props={props} index={index} />
      <div className="no-print contents">
        <TriageSheet index={index} />
      </div>
      <RiskSheet plan={plan} partIds={partIds} films={films} index={index} nowMs={now} />
      <div className="no-print contents">
        <WhatHelps plan={plan} index={index} />
      </div>
    </div>
  );
}

function PropLine({
  prop,
  readyMs,
  dueMs,
  nowMs,
}: {
  readonly prop: Prop | undefined;
  readonly readyMs: number | null;
  readonly dueMs: number | null;
  readonly nowMs: number;
}) {
  const formats = useFormats();
  const spare = timeToSpare(readyMs, dueMs);
  return (
    <tr className="border-line border-t align-top">
      <td className="py-1.5 pr-2 wrap-anywhere">
        <span className="flex items-center gap-2">
          {prop && <PropFace prop={prop} className="h-8 w-8 shrink-0" />}
          {prop?.name}
        </span>
      </td>
      <td className="py-1.5 text-right">
        <span className="figure whitespace-nowrap">{readyMs === null ? '–' : formats.moment(readyMs, nowMs)}</span>
        {dueMs !== null && (
          <span className={`block text-sm ${spare?.isLate ? 'text-oxide font-medium' : 'text-dim'}`}>
            due {formats.moment(dueMs, nowMs)}
            {spare && <span className="block">{`${formatSpan(spare.minutes)} ${spare.isLate ? 'late' : 'to spare'}`}</span>}
          </span>
        )}
      </td>
    </tr>
  );
}

function RiskSheet({
  plan,
  partIds,
  films,
  index,
  nowMs,
}: {
  readonly plan: PlannedShop;
  readonly partIds: ReadonlySet<string>;
  readonly films: readonly FilmAnswer[];
  readonly index: ShopIndex;
  readonly nowMs: number;
}) {
  const formats = useFormats();
  const tight = plan.rungs.filter(
    (time) => partIds.has(time.partId) && time.windowClosesMs !== null && time.windowClosesMs - time.startMs < RISK_MS,
  );
  const unplaced = plan.unplaced.filter((entry) => partIds.has(index.partOf(index.rungs.get(entry.taskId) ?? { ladderId: '' })?.id ?? ''));
  const closing = gatherCalls(films, nowMs).filter((call) => {
    if (call.kind !== 'closes' || !partIds.has(call.partId)) return false;
    const next = plan.rungs.find((time) => time.partId === call.partId);
    return !next || next.startMs > call.atMs;
  });
  const later = laterTasks(plan.unplaced);
  const impossible = unplaced.filter((entry) => !later.has(entry.taskId));
  const laterHere = unplaced.filter((entry) => later.has(entry.taskId));
  return (
    <Sheet className="p-4" label="At risk">
      <h2 className="label">At risk</h2>
      {tight.length + unplaced.length + closing.length + plan.broken.length === 0 && (
        <p className="text-dim">No recoat window is cut fine, and every rung has a place.</p>
      )}
      <ul>
        {closing.map((call) => (
          <li key={call.id} className="border-line border-t py-1.5">
            <span className="text-oxide figure">{formats.moment(call.atMs, nowMs)}</span> {index.parts.get(call.partId)?.name}:{' '}
            {call.filmName} closes before the plan comes to it
          </li>
        ))}
        {tight.slice(0, 6).map((time) => (
          <li key={time.rungId} className="border-line border-t py-1.5">
            <span className="text-oxide figure">{formats.moment(time.windowClosesMs ?? 0, nowMs)}</span> {index.rungTitle(time.rungId)}:{' '}
            {formatSpan(((time.windowClosesMs ?? 0) - time.startMs) / 60_000)} before its window closes
          </li>
        ))}
        {impossible.slice(0, 6).map((entry) => (
          <li key={entry.taskId} className="border-line border-t py-1.5">
            <span className="text-oxide">{index.rungTitle(entry.taskId)}</span>: {certificateWords(entry, index.rungTitle, formats)}
          </li>
        ))}
        {plan.broken.slice(0, 6).map((violation) => (
          <li key={`${violation.taskId}${violation.rule}${violation.detail}`} className="border-line border-t py-1.5">
            <span className="text-oxide">Broken by a lock</span> {brokenWords(violation, index.rungTitle)}
          </li>
        ))}
        {plan.moved.slice(0, 4).map(({ rungId, wasMs }) => (
          <MovedLine key={`moved ${rungId}`} plan={plan} rungId={rungId} wasMs={wasMs} index={index} nowMs={nowMs} />
        ))}
        {impossible.length > 6 && <li className="text-dim">and {impossible.length - 6} more without a place</li>}
        {laterHere.length > 0 && (
          <li className="border-line border-t py-1.5">
            {laterHere.length} {laterHere.length === 1 ? 'rung comes' : 'rungs come'} after{' '}
            {formats.full(plan.madeForMs + plan.horizonDays * 86_400_000)}, the last day the plan looks at. More hours, or fewer parts,
            bring them nearer.
          </li>
        )}
      </ul>
    </Sheet>
  );
}

/** A rung that was to be done tonight and now is not: from when to when, and what holds it now. */
function MovedLine({
  plan,
  rungId,
  wasMs,
  index,
  nowMs,
}: {
  readonly plan: PlannedShop;
  readonly rungId: string;
  readonly wasMs: number;
  readonly index: ShopIndex;
  readonly nowMs: number;
}) {
  const formats = useFormats();
  const time = plan.rungs.find((entry) => entry.rungId === rungId);
  const rung = index.rungs.get(rungId);
  if (!time || !rung) return null;
  const [why] = time.reasons ? reasonLines(time.reasons, time.startMs, findMethod(rung.methodId).isSprayed, index.rungTitle) : [];
  return (
    <li className="border-line border-t py-1.5">
      <span className="figure">{formats.moment(wasMs, nowMs)}</span> moved: {index.rungTitle(rungId)} now{' '}
      {formats.moment(time.startMs, nowMs)}
      {why && <span className="text-dim block text-sm">{why.text}</span>}
    </li>
  );
}

function ChosenRung({
  plan,
  rungId,
  index,
  nowMs,
  onChoose,
}: {
  readonly plan: PlannedShop;
  readonly rungId: string;
  readonly index: ShopIndex;
  readonly nowMs: number;
  readonly onChoose: (rungId: string) => void;
}) {
  const formats = useFormats();
  const time = plan.rungs.find((entry) => entry.rungId === rungId);
  const rung = index.rungs.get(rungId);
  const part = rung && index.partOf(rung);
  if (!time || !rung || !part) return null;
  const prop = plan.props.find((entry) => entry.propId === part.propId);
  const spare = prop ? timeToSpare(prop.readyMs, prop.dueMs) : null;
  const lines = time.reasons ? reasonLines(time.reasons, time.startMs, findMethod(rung.methodId).isSprayed, index.rungTitle) : [];
  return (
    <Sheet className="p-4" isActive label="Chosen rung">
      <div className="flex items-start justify-between gap-3">
        <div>
          <h2 className="font-label text-2xl leading-tight font-semibold">{index.rungTitle(rungId)}</h2>
          <p className="figure">
            {formats.moment(time.startMs, nowMs)} to {formats.moment(time.endMs, nowMs)}
          </p>
        </div>
        <PartFace part={part} className="h-16 w-16 shrink-0" />
      </div>
      <p className="text-sm">
        {time.isCritical && <span className="text-oxide font-medium">Decides when all is ready. </span>}
        {time.slackMinutes > 0
          ? `May slip ${formatSpan(time.slackMinutes)} with nothing else moved.`
          : 'Later than this it moves what comes after it.'}
        {spare !== null && !spare.isLate && ` Its prop has ${formatSpan(spare.minutes)} to spare.`}
      </p>
      {time.isLocked && <p className="text-limeink font-medium">locked to this time</p>}
      {time.session && time.session.count > 1 && (
        <p className="text-sm">
          {time.session.toolName}: {time.session.place + 1} of {time.session.count} with one getting ready
          {time.setupMinutes > 0 && ` of ${formatSpan(time.setupMinutes)}`}
        </p>
      )}
      {lines.length > 0 && <p className="label mt-2">Not before</p>}
      {lines.map((line) => (
        <p key={`${line.atMs}${line.text}`} className="text-sm">
          <span className="figure font-medium">{formats.moment(line.atMs, nowMs)}</span> {line.text}
        </p>
      ))}
      <ReasonSteps plan={plan} rungId={rungId} index={index} nowMs={nowMs} onChoose={onChoose} />
      <LockControl rung={rung} time={time} />
      <Link to={`/ladders/${part.propId}/${part.id}?rung=${rungId}`} className="mt-2 inline-block underline underline-offset-4">
        Its ladder
      </Link>
    </Sheet>
  );
}
