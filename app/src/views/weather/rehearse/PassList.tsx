import { hexOfLab, labOfHex } from '@zinc-ladder/core/colour/lab';
import type { PassSight } from '@zinc-ladder/core/weather/seen/pass';
import type { Unseen } from '@zinc-ladder/core/weather/seen/willItShow';
import { whyUnseen } from '@zinc-ladder/core/weather/seen/willItShow';
import { checkOrder } from '@zinc-ladder/core/weather/story/storyPasses';
import { ownTechnique } from '@zinc-ladder/core/weather/technique/ownTechnique';
import { findTechnique, TECHNIQUES } from '@zinc-ladder/core/weather/technique/techniques';
import { placeUnderColour } from '@zinc-ladder/model/gather/gatherWeather';
import { MOST_WEATHER_PASSES } from '@zinc-ladder/model/records/prop/weatherPlan';
import { addWeatherPass, newPass, putPassesOnLadder } from '../../../data/changes/look/weatherChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { percent } from '../words';
import { mostContrast } from './passContrast';

/** All passes of a part, large to small, each with what is seen of it. */
export function PassList({
  weather,
  sights,
  chosenId,
  onChoose,
}: {
  readonly weather: Weather;
  readonly sights: readonly PassSight[];
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
}) {
  const { plan, part, index, rungs, passes } = weather;
  const products = useTable('products');
  const cards = useTable('techniqueCards');
  const keep = usePlanEdit(weather);
  const isColourOn = placeUnderColour(rungs) === 'tooLate';
  const remarks = checkOrder(
    plan.passes.map(({ techniqueId }) => techniqueId),
    isColourOn,
  );
  const ladder = index.ladderOfPart.get(part.id);
  const waiting = plan.passes.filter(({ rungId }) => rungId === null).length;
  const add = (techniqueId: string): void => {
    const { technique } = ownTechnique(findTechnique(techniqueId), cards);
    const pass = newPass(newId(), technique, labOfHex(technique.usualHex), products, plan.passes.length + 1);
    void keep(`Add ${technique.name.toLowerCase()}`, (change, id) => addWeatherPass(change, id, pass)).then(
      (isKept) => isKept && onChoose(pass.id),
    );
  };
  return (
    <Sheet className="p-4" label="Passes">
      <h2 className="label mb-1">Passes, large to small</h2>
      {plan.passes.length === 0 && <p className="text-dim">None yet. Lay out a story, or add a technique.</p>}
      <ol>
        {plan.passes.map((pass, at) => {
          const technique = findTechnique(pass.techniqueId);
          const sight = sights[at];
          const rehearsed = passes[at];
          const most = mostContrast(weather, at);
          const unseen = sight && most !== null && technique.shows !== 'sheen' ? whyUnseen(sight, most.contrast) : null;
          return (
            <li key={pass.id} className="border-line border-t">
              <button
                type="button"
                aria-current={pass.id === chosenId}
                className={`grid min-h-11 w-full cursor-pointer grid-cols-[auto_1fr_auto] items-center gap-x-3 px-2 py-1 text-left ${pass.id === chosenId ? 'bg-band border-l-lime border-l-4' : 'border-l-4 border-transparent'}`}
                onClick={() => onChoose(pass.id)}
              >
                <Swatch colourHex={rehearsed && technique.shows !== 'sheen' ? hexOfLab(rehearsed.lab) : null} />
                <span className="min-w-0">
                  <span className="block truncate font-medium">{technique.name}</span>
                  {unseen && <span className="text-oxide block text-sm">{UNSEEN_WORDS[unseen]}</span>}
                  {pass.rungId !== null && <span className="text-dim block text-sm">on the ladder</span>}
                </span>
                <span className="figure text-right">
                  {technique.shows === 'sheen' ? 'by its shine' : sight ? percent(sight.coverage) : '…'}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
      {remarks.length > 0 && (
        <ul className="text-oxide mt-2 text-sm" aria-label="Order">
          {remarks.map((remark) => (
            <li key={`${remark.at} ${remark.message}`}>{remark.message}</li>
          ))}
        </ul>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <label className="min-w-0 flex-1">
          <span className="label block">Add a technique</span>
          <select
            className="field"
            value=""
            disabled={plan.passes.length >= MOST_WEATHER_PASSES}
            onChange={(event) => event.target.value && add(event.target.value)}
          >
            <option value="">{plan.passes.length >= MOST_WEATHER_PASSES ? `${MOST_WEATHER_PASSES} are the most` : 'Choose…'}</option>
            {TECHNIQUES.map(({ id, name, school }) => (
              <option key={id} value={id}>
                {school ? `${name} (${school.side})` : name}
              </option>
            ))}
          </select>
        </label>
        {ladder && waiting > 0 && (
          <Button
            look="primary"
            onClick={() =>
              void keep('Put the passes on the ladder', (change, id) =>
                putPassesOnLadder(change, id, part, ladder.id, index.products, newId),
              )
            }
          >
            Put {waiting} on the ladder
          </Button>
        )}
      </div>
    </Sheet>
  );
}

const UNSEEN_WORDS: Readonly<Record<Unseen, string>> = {
  sparse: 'no marks will show',
  alike: 'will not show',
  faint: 'too thin or too fine to be seen',
};
