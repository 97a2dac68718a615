import type { ShopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { datesMet } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import type { TriageSet } from '@zinc-ladder/core/plan/ideas/triage';
import { isAsPlanned } from '@zinc-ladder/core/plan/ideas/triage';
import { letGo } from '../../../data/changes/prop/propChanges';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { getPlanWorker } from '../../../workers/plan/planClient';
import { useOutlook } from '../../../features/plan/useOutlook';
import { useTriage } from '../../../features/plan/useTriage';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { Why } from '../../../ui/Why';
import { percentWords } from './percentWords';

const SHOWN_SETS = 4;

/** Which prop to let go so that the others are sure: every set that was worth trying, the best first. */
export function TriageSheet({ index }: { readonly index: ShopIndex }) {
  const { sets, isReckoning, nextOrder } = useTriage();
  const { outlook } = useOutlook();
  const edit = useEdit();
  if (sets.length === 0 && !isReckoning) return null;
  // Where nothing is gained by letting go, there is nothing to choose.
  const isWorth = sets.some((set) => set.letGo.length > 0 && set.datesMet > 0);
  const nameOf = (propId: string): string => index.props.get(propId)?.name ?? '';
  const words = (set: TriageSet): string =>
    set.letGo.length === 0 ? 'Work for every date' : `Let ${set.letGo.map(nameOf).join(' and ')} go`;
  return (
    <Sheet className="p-4" label="What to let go">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="label">What to let go</h2>
        {isReckoning && (
          <span role="status" className="text-dim text-sm">
            trying…
          </span>
        )}
      </div>
      {!isReckoning && !isWorth && <p className="text-dim text-sm">Letting a prop go would make no other date surer.</p>}
      <ol>
        {isWorth &&
          sets
            .slice(0, SHOWN_SETS)
            .map((set) => asTold(set, outlook, index))
            .map((set) => (
              <li key={set.letGo.join()} className="border-line flex items-start justify-between gap-3 border-t py-1.5">
                <span className="min-w-0 flex-1">
                  {words(set)}
                  {outlook && isAsPlanned(set, outlook) && (
                    <span className="text-dim text-sm">
                      {' '}
                      · as planned now
                      {!set.isAsBefore && (set.order === nextOrder ? ', in an order that the next plan begins from' : ', in another order')}
                    </span>
                  )}
                  <span className="text-dim block text-sm">
                    <Why
                      name={`dates met: ${words(set)}`}
                      reason={{
                        formula: 'Σ weight × chance of the date ÷ Σ weight, those let go among them',
                        inputs: set.chances.map(({ propId, chance }) => [nameOf(propId), percentWords(chance)]),
                        source:
                          'the surest order with these put off, played against fortunes it was not chosen on; every set tried has its own',
                      }}
                    >
                      <span className="figure">{percentWords(set.datesMet)}</span> of your dates
                    </Why>
                  </span>
                  {set.chances
                    .filter(({ propId }) => !set.letGo.includes(propId))
                    .map(({ propId, chance }) => (
                      <span key={propId} className="flex justify-between gap-3 text-sm">
                        {nameOf(propId)} <span className="figure whitespace-nowrap">{percentWords(chance)}</span>
                      </span>
                    ))}
                </span>
                {set.letGo.length > 0 && !isReckoning && (
                  <Button
                    className="shrink-0 whitespace-nowrap"
                    aria-label={`${words(set)}: take ${set.letGo.length === 1 ? 'its date' : 'their dates'} away`}
                    onClick={() => {
                      void getPlanWorker().goBy(set.order);
                      void edit(words(set), (change) => letGo(change, set.letGo));
                    }}
                  >
                    Let go
                  </Button>
                )}
              </li>
            ))}
      </ol>
    </Sheet>
  );
}

/** A set in the very order of the plan has the plan's own chances, which more plays have told. */
function asTold(set: TriageSet, outlook: ShopOutlook | null, index: ShopIndex): TriageSet {
  if (!set.isAsBefore || !outlook) return set;
  const told = new Map(outlook.props.map(({ propId, chanceOfDate }) => [propId, chanceOfDate]));
  return {
    ...set,
    chances: set.chances.map((entry) => ({ ...entry, chance: told.get(entry.propId) ?? entry.chance })),
    datesMet: datesMet(outlook, [...index.props.values()]) ?? set.datesMet,
  };
}
