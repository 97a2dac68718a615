import { lastReady } from '@zinc-ladder/core/plan/shopPlan/timeToSpare';
import type { Objective } from '@zinc-ladder/core/plan/problem/objective';
import { ToggleGroup } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { useShopIndex } from '../../data/useShopIndex';
import { faultWords } from '../../features/plan/reasonWords';
import { useAirs, useFilms, usePlan } from '../../features/plan/usePlan';
import { useWatchedPlan } from '../../features/plan/useWatchedPlan';
import { useTitle } from '../../features/title/pageTitle';
import { NoPlan } from '../../features/plan/NoPlan';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { usePersons } from '../../features/person/useAtBench';
import { PlanDrill } from './helps/PlanDrill';
import { PlanFiles } from './PlanFiles';
import { PlanList } from './list/PlanList';
import { PlanPicture } from './picture/PlanPicture';
import { PlanSide } from './one/PlanSide';
import { PlanWeek } from './list/PlanWeek';
import type { PlanViewport } from './picture/planViewport';
import { panWindow, windowAtNow, zoomWindow } from './picture/planViewport';

/** Whose minutes the plan goes by. */
const PACE_NAMES = [
  ['own', 'my own pace'],
  ['methods', 'the methods’'],
] as const;

const OBJECTIVE_NAMES: readonly (readonly [Objective, string])[] = [
  ['surest', 'surest dates'],
  ['readyFirst', 'ready first'],
  ['fewestEvenings', 'fewest evenings'],
  ['fewestCleanings', 'fewest cleanings'],
];

type PlanMode = 'picture' | 'list' | 'week' | 'drill';
const MODES: readonly (readonly [PlanMode, string])[] = [
  ['picture', 'Picture'],
  ['list', 'List'],
  ['week', 'Week'],
  ['drill', 'Against the clock'],
];

/** When, and will it be in time? */
export function PlanView() {
  useTitle('Plan');
  const now = useNow(60_000);
  const { plan, error, retry } = usePlan();
  useWatchedPlan();
  const airs = useAirs();
  const films = useFilms();
  const shop = useShop();
  const edit = useEdit();
  const index = useShopIndex();
  const [propId, setPropId] = useState('');
  const [mode, setMode] = useState<PlanMode>('picture');
  const persons = usePersons();
  const [whose, setWhose] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  const [window, setWindow] = useState<PlanViewport | null>(null);
  const shownWindow = window ?? windowAtNow(72, now);
  // Nearer and further keep now where it is while it is in sight.
  const nowAt = (now - shownWindow.startMs) / (shownWindow.hours * 3_600_000);
  const shareOfNow = nowAt >= 0 && nowAt <= 1 ? nowAt : 0.5;
  if (error && !plan) return <NoPlan error={error} onRetry={retry} />;
  if (!plan || !airs) return <p className="text-dim">Planning…</p>;
  if (plan.kind === 'faulty') {
    return (
      <Sheet className="max-w-2xl p-6" label="No plan">
        <h2 className="font-label text-2xl font-semibold">These ladders cannot be planned</h2>
        {plan.faults.map((fault) => (
          <p key={JSON.stringify(fault)} role="alert" className="text-oxide mt-2">
            {faultWords(fault, index.rungTitle)}
          </p>
        ))}
      </Sheet>
    );
  }
  const ofWhom = persons.some(({ id }) => id === whose)
    ? { ...plan, rungs: plan.rungs.filter(({ personId }) => personId === whose) }
    : plan;
  const props = [...index.props.values()].sort((a, b) => a.position - b.position);
  const shownProps = props.filter((prop) => propId === '' || prop.id === propId);
  const rank = new Map(shownProps.map((prop, order) => [prop.id, order]));
  const parts = [...index.parts.values()]
    .filter((part) => rank.has(part.propId))
    .sort((a, b) => (rank.get(a.propId) ?? 0) - (rank.get(b.propId) ?? 0) || a.position - b.position);
  const partIds = new Set(parts.map((part) => part.id));
  const pull = (rungId: string, lockedAtMs: number): void => {
    const rung = index.rungs.get(rungId);
    setChosen(rungId);
    if (rung?.state === 'open') void edit(`Pull ${rung.name}`, (change) => change.patch('rungs', rungId, { lockedAtMs }, rung));
  };
  const due = shownProps.length === 1 ? (shownProps[0]?.dueMs ?? null) : null;
  if (parts.length === 0) {
    return (
      <Sheet className="max-w-2xl p-6" label="Nothing to plan">
        <h2 className="font-label text-2xl font-semibold">Nothing to plan yet</h2>
        <p className="text-dim mb-3">Once a part has a ladder, its rungs are placed here around hands, spraying and drying.</p>
        <Link to="/ladders" className="in-text underline underline-offset-4">
          To the ladders
        </Link>
      </Sheet>
    );
  }
  return (
    <div className="grid grid-cols-1 gap-4 lg:h-full lg:grid-cols-[minmax(0,1fr)_20rem] lg:grid-rows-[minmax(0,1fr)] print:block">
      <Sheet className="flex min-h-0 min-w-0 flex-col" label="Plan">
        {Boolean(error) && (
          <div className="p-3 pb-0">
            <NoPlan error={error} onRetry={retry} />
          </div>
        )}
        <div className="border-line no-print flex flex-wrap items-end gap-2 border-b p-3">
          <div className="w-48">
            <SelectField
              label="Shown"
              value={propId}
              options={[['', 'All props'], ...props.map((prop) => [prop.id, prop.name] as const)]}
              onChange={setPropId}
            />
          </div>
          <div className="w-44">
            <SelectField
              label="Made for"
              value={shop?.objective ?? 'surest'}
              options={OBJECTIVE_NAMES}
              onChange={(objective) =>
                shop &&
                void edit('Change what the plan is made for', (change) =>
                  change.patch('shop', shop.id, { objective: objective as Objective }, shop),
                )
              }
            />
          </div>
          <div className="w-40">
            <SelectField
              label="Minutes"
              value={shop?.goesByOwnPace === false ? 'methods' : 'own'}
              options={PACE_NAMES}
              onChange={(pace) =>
                shop &&
                void edit('Change whose minutes the plan goes by', (change) =>
                  change.patch('shop', shop.id, { goesByOwnPace: pace === 'own' }, shop),
                )
              }
            />
          </div>
          <ToggleGroup.Root
            type="single"
            value={mode}
            onValueChange={(value) => setMode(MODES.find(([id]) => id === value)?.[0] ?? mode)}
            aria-label="Shown as"
            className="flex"
          >
            {MODES.map(([value, name]) => (
              <ToggleGroup.Item
                key={value}
                value={value}
                className="font-label border-edge data-[state=on]:border-ink data-[state=on]:bg-band min-h-9 cursor-pointer border px-3 font-semibold data-[state=on]:border-2"
              >
                {name}
              </ToggleGroup.Item>
            ))}
          </ToggleGroup.Root>
          {(mode === 'list' || mode === 'week') && persons.length > 1 && (
            <div className="w-36">
              <SelectField
                label="Whose"
                value={whose}
                options={[['', 'everyone’s'], ...persons.map((person) => [person.id, person.name] as const)]}
                onChange={setWhose}
              />
            </div>
          )}
          {(mode === 'list' || mode === 'week') && <PlanFiles plan={ofWhom} partIds={partIds} index={index} isForPaper={mode === 'week'} />}
          {mode === 'picture' && (
            <div className="ml-auto flex gap-1" role="group" aria-label="Time shown">
              <Button onClick={() => setWindow(panWindow(shownWindow, -0.5))}>Earlier</Button>
              <Button onClick={() => setWindow(null)}>Now</Button>
              <Button onClick={() => setWindow(panWindow(shownWindow, 0.5))}>Later</Button>
              <Button aria-label="Nearer" onClick={() => setWindow(zoomWindow(shownWindow, -1, shareOfNow))}>
                +
              </Button>
              <Button aria-label="Further" onClick={() => setWindow(zoomWindow(shownWindow, 1, shareOfNow))}>
                −
              </Button>
            </div>
          )}
        </div>
        {mode === 'picture' && (
          <PlanPicture
            plan={plan}
            airs={airs}
            films={films}
            parts={parts}
            index={index}
            window={shownWindow}
            onWindow={setWindow}
            nowMs={now}
            readyMs={lastReady(plan.props.filter((entry) => rank.has(entry.propId)))}
            dueMs={due}
            chosen={chosen}
            onChoose={setChosen}
            onPull={pull}
          />
        )}
        {mode === 'list' && <PlanList plan={ofWhom} partIds={partIds} index={index} chosen={chosen} onChoose={setChosen} />}
        {mode === 'week' && <PlanWeek plan={ofWhom} partIds={partIds} index={index} chosen={chosen} onChoose={setChosen} />}
        {mode === 'drill' && <PlanDrill props={shownProps} parts={parts} airs={airs} films={films} index={index} />}
      </Sheet>
      <PlanSide
        plan={plan}
        props={shownProps}
        partIds={partIds}
        films={films}
        index={index}
        chosen={chosen}
        onChoose={setChosen}
        isPrinted={mode === 'picture' || mode === 'list'}
      />
    </div>
  );
}
