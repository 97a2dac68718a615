import type { TriageSet } from '@zinc-ladder/core/plan/surest/triage';
import { letGo } from '../../data/changes/propChanges';
import { useEdit } from '../../data/useEdit';
import type { ShopIndex } from '../../data/useShopIndex';
import { useTriage } from '../../engine/useTriage';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { percentWords } from './percentWords';

const SHOWN_SETS = 4;

/** Which prop to let go so that the others are sure: every set that was worth trying, the best first. */
export function TriageSheet({ index }: { readonly index: ShopIndex }) {
  const { sets, isReckoning } = useTriage();
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
          sets.slice(0, SHOWN_SETS).map((set) => (
            <li key={set.letGo.join()} className="border-line flex items-center justify-between gap-2 border-t py-1.5">
              <span className="min-w-0">
                {words(set)}
                <span className="figure text-dim block text-sm">
                  <Why
                    name={`dates met: ${words(set)}`}
                    reason={{
                      formula: 'Σ weight × chance of the date ÷ Σ weight, those let go among them',
                      inputs: set.chances.map(({ propId, chance }) => [nameOf(propId), percentWords(chance)]),
                      source:
                        'the surest order with these put off, played against fortunes it was not chosen on; every set tried has its own',
                    }}
                  >
                    {percentWords(set.datesMet)} of your dates
                  </Why>
                  {': '}
                  {set.chances
                    .filter(({ propId }) => !set.letGo.includes(propId))
                    .map(({ propId, chance }) => `${nameOf(propId)} ${percentWords(chance)}`)
                    .join(', ')}
                </span>
              </span>
              {set.letGo.length > 0 && !isReckoning && (
                <Button
                  className="shrink-0 whitespace-nowrap"
                  aria-label={`${words(set)}: take its date away`}
                  onClick={() => void edit(words(set), (change) => letGo(change, set.letGo))}
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
