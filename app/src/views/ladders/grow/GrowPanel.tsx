import type { Ladder, LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import type { ProductsByRole } from '@zinc-ladder/model/gather/grow/growRungs';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';
import { growOnto } from '../../../data/changes/ladder/growChanges';
import { newId } from '../../../base/newId';
import { notesForLadder } from '@zinc-ladder/model/log/nextTime';
import { useTable } from '../../../data/queries';
import { useNotesForNextTime } from '../../../features/rung/useLogOfRung';
import type { ShopIndex } from '../../../data/useShopIndex';
import { NextTimeNotes } from '../../../features/rung/NextTimeNotes';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { GrowByRecord } from './GrowByRecord';
import { GrowFields } from './GrowFields';
import { OwnRoutes } from './OwnRoutes';
import { suggestRoute } from '../../../features/rung/routeOptions';

/** Grows a part's ladder from a route, anew above what is done. */
export function GrowPanel({
  part,
  ladder,
  hasOpenRungs,
  index,
}: {
  readonly part: Part;
  readonly ladder: Ladder;
  readonly hasOpenRungs: boolean;
  readonly index: ShopIndex;
}) {
  const products = useTable('products');
  const edit = useEdit();
  const notes = useNotesForNextTime();
  const [route, setRoute] = useState<LadderRoute>(ladder.route ?? suggestRoute(part));
  const [chosen, setChosen] = useState<ProductsByRole>({});
  const metres = useTable('props').find((prop) => prop.id === part.propId)?.viewingMetres ?? null;
  const grown = growFor(part, route, { metres });
  const grow = (): void => {
    if (grown.kind === 'grown')
      void edit(`Grow the ladder of ${part.name}`, (change) => growOnto(change, ladder.id, route, grown.rungs, products, chosen, newId));
  };
  return (
    <div className="grid gap-4">
      <h2 className="font-label text-2xl font-semibold">Grow from a route</h2>
      <NextTimeNotes notes={notesForLadder(notes, part, route, index)} />
      <GrowFields part={part} route={route} onRoute={setRoute} grown={grown} products={products} chosen={chosen} onChosen={setChosen} />
      {hasOpenRungs && (
        <p className="text-dim">Rungs that are done or in hand stay; those still open give way to the new ones. Undo brings them back.</p>
      )}
      <Button look="primary" isLarge disabled={grown.kind === 'refused'} onClick={grow} className="justify-self-start">
        Grow the ladder
      </Button>
      <GrowByRecord part={part} ladder={ladder} route={route} metres={metres} index={index} />
      <OwnRoutes part={part} ladder={ladder} />
    </div>
  );
}
