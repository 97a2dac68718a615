import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { isMeeting } from '@zinc-ladder/model/rungs/joinEffect';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import { useShopIndex } from '../../../data/useShopIndex';
import { Sheet } from '../../../ui/Sheet';
import { JoinOrderSheet } from './JoinOrderSheet';
import { SeamSheet } from './SeamSheet';

/** Dry fits, seams, glue and the order of joining. */
export function BondTab({ part }: { readonly part: Part }) {
  const index = useShopIndex();
  const all = useTable('joins');
  const joins = all.filter((join) => (join.hostPartId === part.id || join.guestPartId === part.id) && !isMeeting(join, all, index.rungs));
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="grid grid-cols-1 min-w-0 gap-4">
        {joins.length === 0 && (
          <Sheet className="p-4" label="Joins">
            <p>
              {partLabel(part)} meets no other part yet.{' '}
              <Link className="in-text underline" to={`/ladders/${part.propId}/${part.id}`}>
                Join it on its ladder
              </Link>
              , then its seam is looked at here.
            </p>
          </Sheet>
        )}
        {joins.map((join) => (
          <SeamSheet key={join.id} join={join} host={index.parts.get(join.hostPartId)} guest={index.parts.get(join.guestPartId)} />
        ))}
      </div>
      <JoinOrderSheet propId={part.propId} />
    </div>
  );
}
