import { orderJoins } from '@zinc-ladder/core/bond/joinOrder';
import { partLabel } from '@zinc-ladder/model/gather/gatherPlan';
import { useState } from 'react';
import { useTable } from '../../data/queries';
import { useShopIndex } from '../../data/useShopIndex';
import { Labelled, parseNumber } from '../../ui/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';

/** The order in which a prop's parts are joined so that error does not add up. */
export function JoinOrderSheet({ propId }: { readonly propId: string }) {
  const index = useShopIndex();
  const joins = useTable('joins').filter((join) => index.parts.get(join.hostPartId)?.propId === propId);
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
                <span className="figure text-dim text-sm">± {step.errorMillimetres.toFixed(2)} mm</span>
              </li>
            ))}
          </ol>
          {order.closing.map(({ joint, gapMillimetres }) => (
            <p key={`${joint.first}${joint.second}`} className="text-sm">
              {name(joint.first)} and {name(joint.second)} close a ring: leave ± {gapMillimetres.toFixed(2)} mm of play.
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
              <span className="figure">± {order.worstMillimetres.toFixed(2)} mm</span>
            </Why>
            , one standard deviation.
          </p>
          <div className="mt-2 w-48">
            <Labelled label="A joint sits off by, mm">
              {({ id }) => (
                <input
                  id={id}
                  className="field figure"
                  inputMode="decimal"
                  value={error}
                  onChange={(event) => setError(event.target.value)}
                />
              )}
            </Labelled>
          </div>
        </>
      )}
    </Sheet>
  );
}
