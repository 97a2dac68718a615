import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { memo } from 'react';
import type { ShopIndex } from '../../data/useShopIndex';
import { Labelled, SelectField } from '../../ui/fields/fields';
import type { LogFilter } from './logFilter';
import { FOR_NEXT_TIME } from './logFilter';
import { KIND_WORDS } from './logWords';

/** What the log is filtered by. Not drawn anew while only the list follows. */
export const LogFilters = memo(function LogFilters({
  filter,
  onFilter,
  index,
}: {
  readonly filter: LogFilter;
  readonly onFilter: (filter: LogFilter) => void;
  readonly index: ShopIndex;
}) {
  const parts = [...index.parts.values()].filter((part) => !filter.propId || part.propId === filter.propId);
  const products = [...index.products.values()].sort((a, b) => a.name.localeCompare(b.name));
  const set = (fields: Partial<LogFilter>): void => onFilter({ ...filter, ...fields });
  return (
    <div className="border-line grid grid-cols-2 gap-2 border-b p-3 sm:grid-cols-5">
      <SelectField
        label="Prop"
        value={filter.propId}
        options={[['', 'all'], ...[...index.props.values()].map((prop) => [prop.id, prop.name] as const)]}
        onChange={(propId) => set({ propId, partId: '' })}
      />
      <SelectField
        label="Part"
        value={filter.partId}
        options={[['', 'all'], ...parts.map((part) => [part.id, partLabel(part)] as const)]}
        onChange={(partId) => set({ partId })}
      />
      <SelectField
        label="Product"
        value={filter.productId}
        options={[['', 'all'], ...products.map((product) => [product.id, product.name] as const)]}
        onChange={(productId) => set({ productId })}
      />
      <SelectField
        label="Kind"
        value={filter.kind}
        options={[['', 'all'], ...Object.entries(KIND_WORDS), [FOR_NEXT_TIME, 'for next time']]}
        onChange={(kind) => set({ kind })}
      />
      <Labelled label="Words">
        {({ id }) => (
          <input id={id} type="search" className="field" value={filter.text} onChange={(event) => set({ text: event.target.value })} />
        )}
      </Labelled>
    </div>
  );
});
