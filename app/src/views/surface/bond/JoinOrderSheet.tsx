import { orderJoins } from '@zinc-ladder/core/bond/joinOrder';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { isMeeting } from '@zinc-ladder/model/rungs/joinEffect';
import { useState } from 'react';
import { useTable } from '../../../data/queries';
import { useShopIndex } from '../../../data/useShopIndex';
import { parseNumber } from '../../../ui/fields/fields';
import { NumberBox } from '../../../ui/fields/NumberBox';
import { Sheet } from '../../../ui/Sheet';
import { Why } from '../../../ui/Why';
import { useFormats } from '../../../features/formats/useFormats';

/** The order in which a prop's parts are joined so that error does not add up. */
export function JoinOrderSheet({ propId }: { readonly propId: string }) {
  const formats = useFormats();
  const index = useShopIndex();
  const all = useTable('joins');
  const joins = all.filter((join) => index.parts.get(join.hostPartId)?.propId === propId && !isMeeting(join, all, index.rungs));
  const [error, setError] = useState('0.3');
  const errorMillimetres = Math.max(0.01, parseNumber(error) || 0.3);
  const pieces = [...new Set(joins.flatMap((join) => [join.hostPartId, join.guestPartId]))];
  const order = orderJoins(
    pieces,
    joins.map((join) => ({ first: join.hostPartId, second: join.guestPartId, errorMillimetres })),
  );
  const name = (id: string): string => {
    const part = index.parts.get(id);
    return part ? partLabel(part) : '?';
  };
  return (
    <Sheet className="p-4" label="Order of joining">
      <h2 className="label mb-1">Order of joining</h2>
      {pieces.length === 0 ? (
        <p className="text-dim">No part of this prop is joined to another yet.</p>
      ) : (
        <>
          <p>
            Begin with <b>{name(order.first)}</b>: from there no chain is longer than it must be.
          </p>
          <ol className="mt-1 list-decimal pl-5">
            {order.steps.map((step) => (
              <li key={step.piece}>
                {name(step.piece)} onto {name(step.onto)}{' '}
                <span className="figure text-dim text-sm">± {formats.length(step.errorMillimetres, 2)}</span>
              </li>
            ))}
          </ol>
          {order.closing.map(({ joint, gapMillimetres }) => (
            <p key={`${joint.first}${joint.second}`} className="text-sm">
              {name(joint.first)} and {name(joint.second)} close a ring: leave ± {formats.length(gapMillimetres, 2)} of play.
            </p>
          ))}
          <p className="mt-2">
            Worst piece off by{' '}
            <Why
              name="worst piece"
              reason={{
                formula: '√(joints on the way) × error of a joint; shortest ways from each possible first piece',
                source: 'independent errors add as squares; the error of a joint is yours to say',
              }}
            >
              <span className="figure">± {formats.length(order.worstMillimetres, 2)}</span>
            </Why>
            , one standard deviation.
          </p>
          <div className="mt-2 w-48">
            <NumberBox label="A joint sits off by, mm" trial={{ text: error, set: setError }} min={0} max={100} />
          </div>
        </>
      )}
    </Sheet>
  );
}
