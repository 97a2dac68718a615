import type { ShopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { datesMet } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { datesMetWith, gainedMinutes, rankOutcomes, surestUnchanged, unchangedP80Ms } from '@zinc-ladder/core/plan/ideas/rankWhatIfs';
import type { WhatIfOutcome } from '@zinc-ladder/core/plan/ideas/tryWhatIf';
import type { WhatIf, WhatIfWording } from '@zinc-ladder/core/plan/ideas/whatIf/whatIf';
import { suggestRemedies, suggestWhatIfs, whatIfWords } from '@zinc-ladder/core/plan/ideas/whatIf/whatIfs';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { suggestSchools } from '@zinc-ladder/model/gather/grow/suggestSchools';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useClock } from '../../../clock/ClockContext';
import { applyToShop } from '../../../data/changes/shop/planChanges';
import { writeDayMinutes } from '../../../base/dayMinutes';
import { newId } from '../../../base/newId';
import { useStandingEntries, useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { askOutlook } from '../../../workers/plan/outlookClient';
import { useBackgroundJob } from '../../../features/notices/useBackgroundJob';
import { CHANCE_SEED, useOutlook } from '../../../features/plan/useOutlook';
import { planOrder } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import { getPlanWorker } from '../../../workers/plan/planClient';
import { startsOf } from '../../../workers/plan/startsOf';
import { usePlanRecords } from '../../../features/plan/usePlanRecords';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import type { PlannedShop } from '../../../features/plan/planned';
import { percentWords } from './percentWords';

interface Trial {
  readonly version: string;
  /** what to count on with nothing changed, planned once more; null where that was not asked */
  readonly onceMore: ShopOutlook | null;
  readonly outcomes: readonly WhatIfOutcome[];
  readonly total: number;
}

/** Where what was tried is kept until the program is closed: looking at another view must not cost a minute of reckoning. */
const TRIAL = ['what would help'];

/** What would help: each idea planned anew and played against the same fortunes, the one that gains most first. */
export function WhatHelps({ plan, index }: { readonly plan: PlannedShop; readonly index: ShopIndex }) {
  const { records, version } = usePlanRecords();
  const { outlook } = useOutlook();
  const readings = useTable('climateReadings');
  const logEntries = useStandingEntries();
  const passes = useTable('passes');
  const clock = useClock();
  const { isRunning, run, stop } = useBackgroundJob();
  const client = useQueryClient();
  const trial =
    useQuery<Trial | null>({ queryKey: TRIAL, queryFn: () => null, enabled: false, staleTime: Infinity, gcTime: Infinity }).data ?? null;
  const tryOut = async (signal: AbortSignal): Promise<void> => {
    if (!records || !outlook) return;
    const nowMs = Math.round(clock.now());
    const input = gatherPlan({ ...records, logEntries, passes }, gatherAirs(records.shop, readings, nowMs), nowMs);
    // What has no place is mended first; else the parts that decide the end are worth another school.
    const deciding = [...new Set(plan.rungs.filter((time) => time.isCritical).map((time) => time.partId))];
    const ideas =
      plan.unplaced.length > 0
        ? suggestRemedies(plan.unplaced, input)
        : [...suggestWhatIfs(input), ...suggestSchools(records, deciding, nowMs)];
    const how = {
      objective: records.shop.objective,
      runs: outlook.runs,
      seed: CHANCE_SEED,
      before: startsOf(plan),
      orderBefore: planOrder(plan),
    };
    const outcomes: WhatIfOutcome[] = [];
    let onceMore: ShopOutlook | null = null;
    const tell = (total: number): void => void client.setQueryData<Trial>(TRIAL, { version, onceMore, outcomes: [...outcomes], total });
    tell(ideas.length);
    try {
      if (plan.unplaced.length === 0) onceMore = await askOutlook((api) => api.planOnceMore(input, how), signal);
      for (const idea of ideas) {
        outcomes.push(await askOutlook((api) => api.tryWhatIf(input, idea, how), signal));
        tell(ideas.length);
      }
    } finally {
      tell(outcomes.length);
    }
  };
  return (
    <Sheet className="p-4" label="What would help">
      <div className="flex items-center justify-between gap-3">
        <h2 className="label">What would help</h2>
        {isRunning ? (
          <span role="status" className="flex items-center gap-2">
            {trial?.outcomes.length ?? 0} of {trial?.total ?? 0} <Button onClick={stop}>Stop</Button>
          </span>
        ) : (
          <Button disabled={!outlook} onClick={() => void run(tryOut)}>
            {trial ? 'Try again' : 'Try it out'}
          </Button>
        )}
      </div>
      {!trial && (
        <p className="text-dim text-sm">
          Heat, another evening, more places, fewer or thinner coats, another school: each planned and played, what it is worth in hours and
          in dates.
        </p>
      )}
      {trial && trial.version !== version && <p className="text-dim text-sm">The shop has changed since; these are of before.</p>}
      {trial && outlook && records && (
        <Outcomes
          outcomes={trial.outcomes}
          p80Ms={unchangedP80Ms(outlook, trial.onceMore)}
          now={surestUnchanged(outlook, trial.onceMore, records.props)}
          unplacedNow={plan.unplaced.length}
          records={records}
          index={index}
          canApply={trial.version === version}
        />
      )}
      {trial?.onceMore && outlook && <OnceMore gain={gainedMinutes({ outlook: trial.onceMore }, outlook.p80Ms)} />}
    </Sheet>
  );
}

/** A prop whose date an idea makes surer by less than this is not named. */
const NAMED_GAIN = 0.05;

/** The props whose dates an idea makes surer, as `; Diver's cuff 0 → 56 %`. */
function propsSurer({ outlook }: WhatIfOutcome, now: ShopOutlook, index: ShopIndex): string {
  const gains = (outlook?.props ?? []).flatMap(({ propId, chanceOfDate }) => {
    const before = now.props.find((entry) => entry.propId === propId)?.chanceOfDate ?? null;
    if (chanceOfDate === null || before === null || chanceOfDate - before < NAMED_GAIN) return [];
    return [`${index.props.get(propId)?.name ?? ''} ${percentWords(before)} → ${percentWords(chanceOfDate)}`];
  });
  return gains.length === 0 ? '' : `; ${gains.join(', ')}`;
}

/** What ideas are measured by. */
function OnceMore({ gain }: { readonly gain: number }) {
  return (
    <p className="text-dim text-sm">
      Beside the shop as it is, planned once more like every idea
      {gain > 0
        ? `: that alone is ${formatSpan(gain)} sooner in 4 of 5. The plan is renewed every five minutes and may get there by itself.`
        : '.'}
    </p>
  );
}

function Outcomes({
  outcomes,
  p80Ms,
  now,
  unplacedNow,
  records,
  index,
  canApply,
}: {
  readonly outcomes: readonly WhatIfOutcome[];
  readonly p80Ms: number;
  /** what ideas are measured by */
  readonly now: ShopOutlook;
  readonly unplacedNow: number;
  readonly records: PlanRecords;
  readonly index: ShopIndex;
  readonly canApply: boolean;
}) {
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const { props } = records;
  const metNow = datesMet(now, props);
  const ranked = rankOutcomes(outcomes, p80Ms, now, props);
  const wording: WhatIfWording = {
    temperature: formats.temperature,
    day: formats.day,
    timeOfDay: (minute) => writeDayMinutes(minute, formats.isTwelveHour),
    span: formatSpan,
    rungTitle: index.rungTitle,
    partName: (partId) => index.parts.get(partId)?.name ?? '',
  };
  const words = (whatIf: WhatIf): string => whatIfWords(whatIf, wording);
  return (
    <ol className="mt-1">
      {ranked.map((outcome) => {
        const gain = gainedMinutes(outcome, p80Ms);
        const met = datesMetWith(outcome, now, props);
        const isSurer = met !== null && percentWords(met) !== percentWords(metNow ?? met);
        const points = (met ?? 0) - (metNow ?? 0);
        const helps = outcome.unplaced < unplacedNow || (outcome.unplaced === unplacedNow && (gain > 0 || (isSurer && points > 0)));
        return (
          <li key={JSON.stringify(outcome.whatIf)} className="border-line flex items-center justify-between gap-2 border-t py-1.5">
            <span className="min-w-0">
              {words(outcome.whatIf)}
              {unplacedNow === 0 && metNow !== null && (
                <span className={`block text-sm ${isSurer && points > 0 ? '' : 'text-dim'}`}>
                  {!isSurer
                    ? `dates as sure as now, ${percentWords(metNow)}`
                    : `${percentWords(metNow)} → ${percentWords(met)} of your dates${propsSurer(outcome, now, index)}`}
                </span>
              )}
              <span className={`block text-sm ${gain > 0 ? '' : 'text-dim'}`}>
                {outcome.unplaced > 0
                  ? `${outcome.unplaced} of ${unplacedNow} rungs still without a place`
                  : unplacedNow > 0
                    ? `every rung has a place${outcome.readyMs === null ? '' : `; ready ${formats.full(outcome.readyMs)}`}`
                    : gain > 0
                      ? `all ${formatSpan(gain)} sooner in 4 of 5`
                      : gain < 0
                        ? `all ${formatSpan(-gain)} later`
                        : 'all no sooner'}
              </span>
            </span>
            {outcome.whatIf.kind !== 'heater' && helps && (
              <Button
                className="shrink-0 whitespace-nowrap"
                disabled={!canApply}
                aria-label={`Do it: ${words(outcome.whatIf)}`}
                onClick={() => {
                  void getPlanWorker().goBy(outcome.order);
                  void edit(words(outcome.whatIf), (change) => applyToShop(change, records, outcome.whatIf, clock.now(), newId));
                }}
              >
                Do it
              </Button>
            )}
            {outcome.whatIf.kind === 'heater' && helps && <span className="text-dim text-sm whitespace-nowrap">turn it on</span>}
          </li>
        );
      })}
    </ol>
  );
}
