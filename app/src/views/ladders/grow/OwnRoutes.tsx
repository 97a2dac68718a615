import type { Ladder } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import { growByOwnRoute, keepAsRoute } from '../../../data/changes/ladder/ownRouteChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { counted } from '../../../base/counted';
import { InlineField, InlineText, Labelled } from '../../../ui/fields/fields';

/** Routes of one's own: ladders that were kept to be climbed again, and this one to be kept. */
export function OwnRoutes({ part, ladder }: { readonly part: Part; readonly ladder: Ladder }) {
  const edit = useEdit();
  const routes = useTable('ownRoutes').toSorted((a, b) => a.name.localeCompare(b.name));
  const [name, setName] = useState('');
  const own = name.trim();
  const isTaken = routes.some((route) => route.name.toLowerCase() === own.toLowerCase());
  const isEmpty = ladder.rungIds.length === 0;
  const keep = async (): Promise<void> => {
    if (own === '' || isTaken || isEmpty) return;
    if (await edit(`Keep the route ${own}`, (change) => keepAsRoute(change, ladder.id, newId(), own))) setName('');
  };
  return (
    <section aria-label="Routes of my own" className="border-line grid gap-2 border-t pt-4">
      <h2 className="font-label text-2xl font-semibold">Routes of my own</h2>
      {routes.length === 0 && (
        <p className="text-dim">None yet. A ladder that turned out well can be kept here, and climbed again on other parts.</p>
      )}
      <ul>
        {routes.map((route) => (
          <li key={route.id} className="border-line border-t py-2">
            <div className="flex flex-wrap items-center gap-2">
              <span className="min-w-40 flex-1 font-semibold">
                {route.name} <span className="text-dim font-normal">{counted(route.steps.length, 'rung')}</span>
              </span>
              <Button
                aria-label={`Grow by it: ${part.name} by ${route.name}`}
                onClick={() =>
                  void edit(`Grow the ladder of ${part.name} by ${route.name}`, (change) =>
                    growByOwnRoute(change, ladder.id, route.id, newId),
                  )
                }
              >
                Grow by it
              </Button>
            </div>
            <details>
              <summary className="text-dim min-h-9 cursor-pointer text-sm">What it holds, and change it</summary>
              <div className="grid gap-2 pb-1">
                <p className="text-sm">{route.steps.map((step) => step.name).join(' · ')}</p>
                <InlineField
                  label="Name"
                  value={route.name}
                  maxLength={200}
                  check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
                  onKeep={(text) =>
                    void edit(`Name a route ${text.trim()}`, (change) => change.patch('ownRoutes', route.id, { name: text.trim() }, route))
                  }
                />
                <InlineText
                  label="Note"
                  value={route.note}
                  onKeep={(note) => void edit(`Note on ${route.name}`, (change) => change.patch('ownRoutes', route.id, { note }, route))}
                />
                <div className="flex flex-wrap gap-2">
                  <Button
                    disabled={isEmpty}
                    onClick={() =>
                      void edit(`Put this ladder in place of ${route.name}`, (change) =>
                        keepAsRoute(change, ladder.id, route.id, route.name),
                      )
                    }
                  >
                    Make it as this ladder is
                  </Button>
                  <Button
                    look="danger"
                    aria-label={`Take away: the route ${route.name}`}
                    onClick={() => void edit(`Take the route ${route.name} away`, (change) => change.remove('ownRoutes', route.id))}
                  >
                    Take away
                  </Button>
                </div>
              </div>
            </details>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <div className="min-w-48 flex-1">
          <Labelled label="Keep this ladder as" error={isTaken ? 'There is a route of that name: change it above.' : undefined}>
            {({ id, describedBy }) => (
              <input
                id={id}
                aria-describedby={describedBy}
                className="field"
                maxLength={200}
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
            )}
          </Labelled>
        </div>
        <Button type="submit" disabled={own === '' || isTaken || isEmpty}>
          Keep as a route
        </Button>
      </form>
    </section>
  );
}
