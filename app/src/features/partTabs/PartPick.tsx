import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useNavigate } from 'react-router';
import { useShopIndex } from '../../data/useShopIndex';

/** Chooses the part a view is of, by prop; the tab that is open stays open. */
export function PartPick({ view, part, tab }: { readonly view: 'surface' | 'weather'; readonly part: Part; readonly tab: string }) {
  const index = useShopIndex();
  const navigate = useNavigate();
  const byPosition = <Item extends { readonly position: number }>(items: Iterable<Item>): Item[] =>
    [...items].toSorted((a, b) => a.position - b.position);
  return (
    <select
      aria-label="Part"
      className="field max-w-72"
      value={part.id}
      onChange={(event) => void navigate(`/${view}/${event.target.value}${tab ? `/${tab}` : ''}`)}
    >
      {byPosition(index.props.values()).map((prop) => (
        <optgroup key={prop.id} label={prop.name}>
          {byPosition([...index.parts.values()].filter((entry) => entry.propId === prop.id)).map((entry) => (
            <option key={entry.id} value={entry.id}>
              {partLabel(entry)}
            </option>
          ))}
        </optgroup>
      ))}
    </select>
  );
}
