import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { MOST_REGIONS } from '@zinc-ladder/core/mask/maskProblem';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { MaskPlan, MaskPlanBorder, MaskPlanRegion } from '@zinc-ladder/model/records/ladder/maskPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { newId } from '../../../base/newId';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { InlineField, InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Swatch } from '../../../ui/swatch/Swatch';
import { CheckField } from '../../../ui/fields/CheckField';

const NONE = 'none';

/** The regions: what colour, how large, on which part, what lies under. */
export function RegionTable({
  plan,
  part,
  index,
  onChange,
}: {
  readonly plan: MaskPlan;
  readonly part: Part;
  readonly index: ShopIndex;
  readonly onChange: (what: string, regions: readonly MaskPlanRegion[], borders?: readonly MaskPlanBorder[]) => void;
}) {
  const siblings = [...index.parts.values()].filter((entry) => entry.propId === part.propId).toSorted((a, b) => a.position - b.position);
  const products = [...index.products.values()]
    .filter((product) => hexOfProduct(product) !== null)
    .toSorted((a, b) => a.name.localeCompare(b.name));
  const patch = (region: MaskPlanRegion, fields: Partial<MaskPlanRegion>): void =>
    onChange(
      `Change ${region.name}`,
      plan.regions.map((entry) =>
        entry.id === region.id
          ? { ...entry, ...fields }
          : // One base a part: naming another takes it from the first.
            fields.isBase && entry.partId === region.partId
            ? { ...entry, isBase: false }
            : entry,
      ),
    );
  const add = (): void =>
    onChange('Add a region', [
      ...plan.regions,
      {
        id: newId(),
        name: `region ${plan.regions.length + 1}`,
        partId: part.id,
        areaSquareCentimetres: 50,
        productId: null,
        coats: 2,
        isBase: false,
        chipsShowId: null,
        spot: null,
      },
    ]);
  const remove = (region: MaskPlanRegion): void =>
    onChange(
      `Take ${region.name} away`,
      plan.regions
        .filter((entry) => entry.id !== region.id)
        .map((entry) => (entry.chipsShowId === region.id ? { ...entry, chipsShowId: null } : entry)),
      plan.borders.filter((border) => border.firstId !== region.id && border.secondId !== region.id),
    );
  return (
    <section aria-label="Regions">
      <h3 className="label mb-1">Regions</h3>
      <ul className="grid gap-3">
        {plan.regions.map((region, at) => (
          <li key={region.id} className="border-line grid gap-2 border-t pt-2">
            <div className="grid items-end gap-2 sm:grid-cols-[2.5rem_minmax(0,1fr)_minmax(0,1.4fr)_6rem_4.5rem]">
              <span className="figure flex items-center gap-1">
                {at + 1}
                <Swatch colourHex={hexOfProduct(index.products.get(region.productId ?? ''))} className="h-9 w-6" />
              </span>
              <InlineField
                label="Region"
                value={region.name}
                maxLength={200}
                check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
                onKeep={(name) => patch(region, { name: name.trim() })}
              />
              <SelectField
                label="Paint"
                value={region.productId ?? NONE}
                options={[[NONE, 'not chosen'] as const, ...products.map((product) => [product.id, product.name] as const)]}
                onChange={(id) => patch(region, { productId: id === NONE ? null : id })}
              />
              <InlineNumber
                label="Area"
                unit="cm²"
                value={region.areaSquareCentimetres}
                min={0}
                max={200_000}
                onKeep={(value) => value !== null && patch(region, { areaSquareCentimetres: value })}
              />
              <InlineNumber
                label="Coats"
                value={region.coats}
                min={1}
                max={20}
                isWhole
                onKeep={(value) => value !== null && patch(region, { coats: value })}
              />
            </div>
            <div className="flex flex-wrap items-end gap-3">
              <div className="w-40">
                <SelectField
                  label="On"
                  value={region.partId}
                  options={siblings.map((entry) => [entry.id, partLabel(entry)] as const)}
                  onChange={(partId) => patch(region, { partId })}
                />
              </div>
              <div className="w-44">
                <SelectField
                  label="Chips show"
                  value={region.chipsShowId ?? NONE}
                  options={[
                    [NONE, 'no chips'] as const,
                    ...plan.regions.filter((entry) => entry.id !== region.id).map((entry) => [entry.id, entry.name] as const),
                  ]}
                  onChange={(id) => patch(region, { chipsShowId: id === NONE ? null : id })}
                />
              </div>
              <CheckField label="lies under the others too" checked={region.isBase} onChange={(isBase) => patch(region, { isBase })} />
              <Button look="quiet" aria-label={`Take away: ${region.name}`} onClick={() => remove(region)}>
                Take away
              </Button>
            </div>
          </li>
        ))}
      </ul>
      <Button className="mt-2" disabled={plan.regions.length >= MOST_REGIONS} onClick={add}>
        Add a region
      </Button>
    </section>
  );
}
