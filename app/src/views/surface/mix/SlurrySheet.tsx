import { mixSlurry, SLURRIES } from '@zinc-ladder/core/batch/slurryMix';
import { paintNeeded } from '@zinc-ladder/core/batch/paintNeeded';
import { findProductClass, TRANSFER } from '@zinc-ladder/core/cure/productClasses';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import { Cautions } from '../../../ui/Cautions';
import { Figure, Figures } from '../../../ui/Figure';
import { SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';

/** Slurry to milkshake thickness, enough for the part. */
export function SlurrySheet({ part }: { readonly part: Part }) {
  const formats = useFormats();
  const { drying, volumeSolids } = findProductClass('slurry');
  const need = paintNeeded(part.areaSquareCentimetres * part.count, drying.coatMicrometres, 1, volumeSolids, TRANSFER.brush).millilitres;
  const [recipeId, setRecipeId] = useState<string>(SLURRIES[0]?.id ?? '');
  const [text, setText] = useState(need < 10 ? need.toFixed(1) : String(Math.ceil(need)));
  const recipe = SLURRIES.find((entry) => entry.id === recipeId);
  const total = readTrial(text, 0.1, 10_000);
  const mix = recipe && total !== null ? mixSlurry(recipe, total) : null;
  return (
    <Sheet className="p-4" label="Slurry">
      <h2 className="label mb-2">Slurry, brushed into the lines</h2>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Of"
          value={recipeId}
          options={SLURRIES.map((entry) => [entry.id, entry.name] as const)}
          onChange={setRecipeId}
        />
        <NumberBox label="Mix, ml" trial={{ text, set: setText }} min={0.1} max={10_000} />
      </div>
      {recipe && mix && (
        <div className="mt-3">
          <Figures columns={2}>
            <Figure label={recipe.solid} value={formats.volume(mix.solidMillilitres)} />
            <Figure label={recipe.liquid} value={formats.volume(mix.liquidMillilitres)} />
            <Figure
              label="One coat on this part takes"
              value={formats.volume(need)}
              reason={{
                formula: 'area × dry film ÷ volume solids ÷ transfer',
                inputs: [
                  ['set', formats.area(part.areaSquareCentimetres * part.count)],
                  ['dry film', formats.film(drying.coatMicrometres)],
                ],
                source: 'class values, guessed',
              }}
              isWide
            />
          </Figures>
          <p className="mt-2 text-sm">{recipe.note}</p>
        </div>
      )}
      <div className="mt-2">
        <Cautions of="slurry" ids={recipeId === 'puttySolvent' ? ['solventVapour', 'dust'] : ['dust']} />
      </div>
    </Sheet>
  );
}
