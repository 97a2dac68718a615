import type { AgeId } from '@zinc-ladder/core/ladder/ages';
import { AGES } from '@zinc-ladder/core/ladder/ages';
import type { ShownMaterialId } from '@zinc-ladder/core/weather/story/shownMaterials';
import { SHOWN_MATERIALS } from '@zinc-ladder/core/weather/story/shownMaterials';
import { useState } from 'react';
import { layOutStory } from '../../../data/changes/look/weatherChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';

/** From what the part passes for, and how old it is, to its passes. */
export function StorySheet({ weather }: { readonly weather: Weather }) {
  const { plan, colours, index, part } = weather;
  const products = useTable('products');
  const cards = useTable('techniqueCards');
  const keep = usePlanEdit(weather);
  const route = index.ladderOfPart.get(part.id)?.route ?? null;
  const [age, setAge] = useState<AgeId>(route && route.age !== 'new' ? route.age : 'worn');
  const [shownId, setShownId] = useState<ShownMaterialId>(plan.shownId);
  return (
    <Sheet className="p-4" label="Story">
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Passes for"
          value={shownId}
          options={SHOWN_MATERIALS.map(({ id, name }) => [id, name] as const)}
          onChange={(value) => setShownId(value as ShownMaterialId)}
        />
        <SelectField
          label="Age"
          value={age}
          options={AGES.map(({ id, name }) => [id, name] as const)}
          onChange={(value) => setAge(value as AgeId)}
        />
      </div>
      <div className="mt-3 flex flex-wrap items-center justify-between gap-2">
        <p className="text-dim text-sm">
          Over {colours.name ?? 'a colour not known yet'}. Amounts are guessed until technique cards exist.
        </p>
        <Button
          look={plan.passes.length === 0 ? 'primary' : 'plain'}
          onClick={() =>
            void keep('Lay out the passes', async (change, id) =>
              layOutStory(change, await change.need('weatherPlans', id), shownId, age, products, newId, cards),
            )
          }
        >
          Lay out the passes
        </Button>
      </div>
    </Sheet>
  );
}
