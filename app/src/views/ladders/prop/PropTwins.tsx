import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { compareTwins } from '@zinc-ladder/core/twins/compareTwins';
import { gatherTwin } from '@zinc-ladder/model/gather/twins/gatherTwin';
import { pairParts } from '@zinc-ladder/model/gather/twins/pairParts';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import { useTwinRecords } from '../../../features/record/useTwinRecords';
import { SelectField } from '../../../ui/fields/fields';

/** A bare print is told as middle grey. */
const BARE = labOfHex('#808080');

/** A prop beside another that should match: which of their parts differ most by what was done on them. */
export function PropTwins({ prop }: { readonly prop: Prop }) {
  const props = useTable('props');
  const records = useTwinRecords();
  const [otherId, setOtherId] = useState('');
  const others = props.filter(({ id }) => id !== prop.id);
  const pairs = useMemo(() => {
    if (!records || otherId === '') return [];
    const { parts, ladders, shop } = records;
    const of = (propId: string) => parts.filter((part) => part.propId === propId).toSorted((a, b) => a.position - b.position);
    return pairParts(of(prop.id), of(otherId), new Map(ladders.map((ladder) => [ladder.partId, ladder])))
      .map((pair) => ({
        ...pair,
        found:
          pair.a && pair.b ? compareTwins(gatherTwin(records, pair.a.id), gatherTwin(records, pair.b.id), BARE, shop.mirroredShare) : null,
      }))
      .toSorted((one, other) => (other.found?.deltaE ?? -1) - (one.found?.deltaE ?? -1));
  }, [records, otherId, prop.id]);
  if (others.length === 0) return null;
  return (
    <section aria-label="Beside another prop" className="border-line mt-5 border-t pt-4">
      <h3 className="label mb-2">Beside another prop</h3>
      <SelectField
        label="Held beside"
        value={otherId}
        options={[['', 'choose a prop'], ...others.map(({ id, name }) => [id, name] as const)]}
        onChange={setOtherId}
      />
      <ul className="mt-2 grid gap-1 text-sm">
        {pairs.map(({ a, b, found }) => (
          <li key={`${a?.id} ${b?.id}`} className="border-line border-t pt-1">
            {a && b && found ? (
              <>
                <Link className="font-semibold underline" to={`/ladders/${prop.id}/${a.id}`}>
                  {a.name}
                </Link>{' '}
                beside {b.name}: <span className="figure">{found.deltaE.toFixed(1)}</span> ΔE00 apart,{' '}
                {found.differences.length === 0
                  ? 'no step differs'
                  : `${found.differences.length} ${found.differences.length === 1 ? 'step differs' : 'steps differ'}; first ${(found.differences[0]?.a ?? found.differences[0]?.b)?.name ?? ''}`}
              </>
            ) : (
              `${(a ?? b)?.name ?? ''}: only in ${a ? 'this one' : 'the other'}`
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
