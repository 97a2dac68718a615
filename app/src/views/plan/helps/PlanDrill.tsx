import { counted } from '../../../base/counted';
import { laterTasks } from '@zinc-ladder/core/plan/judge/laterTasks';
import type { ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { DrillOutcome, DrillWish } from '@zinc-ladder/core/plan/ideas/buildDrill';
import { lastReady, timeToSpare } from '@zinc-ladder/core/plan/shopPlan/timeToSpare';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { useStore } from '../../../data/StoreContext';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { FilmAnswer } from '../../../workers/plan/filmTypes';
import { askOutlook } from '../../../workers/plan/outlookClient';
import { useBackgroundJob } from '../../../features/notices/useBackgroundJob';
import { Button } from '../../../ui/Button';
import { readDayMinutes, writeDayMinutes } from '../../../base/dayMinutes';
import { InlineField, SelectField } from '../../../ui/fields/fields';
import { MomentField } from '../../../features/formats/MomentField';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { usePersons } from '../../../features/person/useAtBench';
import { PlanPicture } from '../picture/PlanPicture';
import type { PlanViewport } from '../picture/planViewport';
import { windowAtNow } from '../picture/planViewport';

const DRILL_HOURS = 72;
const DRILL_SEED = 1;
const SHOWN_IDLE = 5;

/** Finish against the clock: hands at all hours but sleep, until a deadline that is too near for evenings. */
export function PlanDrill({
  props,
  parts,
  airs,
  films,
  index,
}: {
  readonly props: readonly Prop[];
  /** of these props, in the order they are shown */
  readonly parts: readonly Part[];
  readonly airs: ShopAirs;
  readonly films: readonly FilmAnswer[];
  readonly index: ShopIndex;
}) {
  const clock = useClock();
  const { db } = useStore();
  const [deadlineMs, setDeadline] = useState(() => Math.round(clock.now()) + DRILL_HOURS * 3_600_000);
  const [sleepFrom, setSleepFrom] = useState(2 * 60);
  const [sleepTo, setSleepTo] = useState(7 * 60);
  const [oneMorePartId, setOneMore] = useState('');
  const { isRunning, run, stop } = useBackgroundJob();
  const [outcome, setOutcome] = useState<{ readonly wish: DrillWish; readonly made: DrillOutcome } | null>(null);
  const propIds = props.map((prop) => prop.id);
  const drill = async (signal: AbortSignal): Promise<void> => {
    const nowMs = Math.round(clock.now());
    const wish: DrillWish = {
      propIds,
      deadlineMs,
      sleep: sleepFrom === sleepTo ? null : { startMinute: sleepFrom, endMinute: sleepTo },
      oneMorePartId: oneMorePartId === '' ? null : oneMorePartId,
    };
    const made = await askOutlook((api) => api.drill({ databaseName: db.name, nowMs }, wish, DRILL_SEED), signal);
    if (made) setOutcome({ wish, made });
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col overflow-auto">
      <div className="border-line grid grid-cols-2 items-end gap-3 border-b p-3 md:grid-cols-[14rem_7rem_7rem_minmax(10rem,1fr)_auto]">
        <MomentField label="To be done by" value={deadlineMs} onKeep={(ms) => ms !== null && setDeadline(ms)} />
        <DayTime label="Sleep from" minutes={sleepFrom} onKeep={setSleepFrom} />
        <DayTime label="Sleep to" minutes={sleepTo} onKeep={setSleepTo} />
        <SelectField
          label="Would one more fit?"
          value={oneMorePartId}
          options={[['', 'not asked'], ...parts.map((part) => [part.id, part.name] as const)]}
          onChange={setOneMore}
        />
        {isRunning ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button look="primary" onClick={() => void run(drill)}>
            Drill it
          </Button>
        )}
      </div>
      {isRunning && (
        <p role="status" className="text-dim p-3">
          Planning against the clock…
        </p>
      )}
      {!outcome && !isRunning && (
        <p className="text-dim max-w-prose p-3">
          Everything shown, with hands at all hours but sleep: one part is sanded while another dries, coats share a session, films cure
          overnight. Spraying hours, quiet hours and appointments stay as they are. Nothing of the shop is changed.
        </p>
      )}
      {outcome && <Outcome {...outcome} airs={airs} films={films} index={index} parts={parts} />}
    </div>
  );
}

/** What kept a drill from an end: what cannot be done, or what only comes too late to be planned. */
function unplacedWords(unplaced: Parameters<typeof laterTasks>[0]): string {
  const later = laterTasks(unplaced).size;
  return later === unplaced.length
    ? `${counted(later, 'rung')} come later than the plan reaches`
    : `${counted(unplaced.length - later, 'rung')} without a place`;
}

function DayTime({
  label,
  minutes,
  onKeep,
}: {
  readonly label: string;
  readonly minutes: number;
  readonly onKeep: (minutes: number) => void;
}) {
  const { isTwelveHour } = useFormats();
  return (
    <InlineField
      label={label}
      value={writeDayMinutes(minutes, isTwelveHour)}
      maxLength={8}
      check={(text) => (readDayMinutes(text) === null ? `A time such as ${writeDayMinutes(120, isTwelveHour)}.` : null)}
      onKeep={(text) => onKeep(readDayMinutes(text) ?? minutes)}
    />
  );
}

function Outcome({
  wish,
  made,
  airs,
  films,
  index,
  parts,
}: {
  readonly wish: DrillWish;
  readonly made: DrillOutcome;
  readonly airs: ShopAirs;
  readonly films: readonly FilmAnswer[];
  readonly index: ShopIndex;
  readonly parts: readonly Part[];
}) {
  const clock = useClock();
  const formats = useFormats();
  const persons = usePersons();
  const now = clock.now();
  const [window, setWindow] = useState<PlanViewport>(() => windowAtNow(DRILL_HOURS, now));
  const [chosen, setChosen] = useState<string | null>(null);
  const { plan } = made;
  if (plan.kind !== 'planned')
    return (
      <p role="alert" className="text-oxide p-3">
        These ladders cannot be planned; the picture says why.
      </p>
    );
  const spare = timeToSpare(made.readyMs, wish.deadlineMs);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="grid gap-x-6 gap-y-2 p-3 md:grid-cols-2" role="region" aria-label="What came of the drill">
        <div>
          <p className={`font-label text-3xl font-semibold ${made.isInTime ? '' : 'text-oxide'}`}>
            {spare === null
              ? unplacedWords(plan.unplaced)
              : spare.isLate
                ? `${formatSpan(spare.minutes)} too late`
                : `In time, ${formatSpan(spare.minutes)} to spare`}
          </p>
          <p>
            {made.readyMs !== null && `Ready ${formats.full(made.readyMs)}. `}
            {formatSpan(made.handsMinutes)} of hands, {made.setups} times getting ready.
          </p>
          <p>
            One part after another:{' '}
            {made.oneByOneMs === null
              ? 'no plan'
              : `${formats.full(made.oneByOneMs)}${made.oneByOneMs > wish.deadlineMs ? ', too late' : ''}`}
            .
          </p>
          {made.oneMore && (
            <p className={made.oneMore.isInTime ? 'text-limeink font-medium' : 'text-oxide font-medium'}>
              One more {index.parts.get(made.oneMore.partId)?.name}:{' '}
              {made.oneMore.readyMs === null
                ? 'no place'
                : `ready ${formats.full(made.oneMore.readyMs)}, ${made.oneMore.isInTime ? 'in time' : 'too late'}`}
            </p>
          )}
        </div>
        <div>
          <p>
            Hands stand idle{' '}
            <Why
              name="idle hands"
              reason={{
                formula: 'hours of hands up to the end in which nothing is got ready or worked on',
                source: 'the plan below; sleep and appointments are no hours of hands',
              }}
            >
              <span className="figure">{formatSpan(made.idleMinutes)}</span>
            </Why>
          </p>
          <ul className="text-sm" aria-label="Longest idle stretches">
            {made.idle.slice(0, SHOWN_IDLE).map((span) => (
              <li key={`${span.personId ?? ''}${span.start}`} className="figure">
                {formats.moment(span.start, now)} to {formats.moment(span.end, now)}: {formatSpan((span.end - span.start) / 60_000)}
                {persons.length > 1 && `, ${persons.find(({ id }) => id === span.personId)?.name ?? ''}`}
              </li>
            ))}
          </ul>
        </div>
      </div>
      <PlanPicture
        plan={plan}
        airs={airs}
        films={films}
        parts={parts}
        index={index}
        window={window}
        onWindow={setWindow}
        nowMs={now}
        readyMs={lastReady(plan.props)}
        dueMs={wish.deadlineMs}
        chosen={chosen}
        onChoose={setChosen}
      />
    </div>
  );
}
