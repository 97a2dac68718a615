import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useTable } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { useShopIndex } from '../../data/useShopIndex';
import { usePlan } from '../../features/plan/usePlan';
import { useTitle } from '../../features/title/pageTitle';
import { Button } from '../../ui/Button';
import { ConfirmLoss } from '../../features/edit/ConfirmLoss';
import { Sheet } from '../../ui/Sheet';
import { PropFace } from '../../features/partFace/PropFace';
import { LadderGrid } from './board/LadderGrid';
import { PartForm } from './part/PartForm';
import { PropFooter } from './prop/PropFooter';
import { PropForm } from './prop/PropForm';
import { BuildReport } from './prop/BuildReport';
import { PropTwins } from './prop/PropTwins';
import { PartLabels } from './prop/PartLabels';
import { References } from './prop/References';

type Side = 'nothing' | 'newProp' | 'editProp' | 'newPart';

/** Where is every part? */
export function LaddersView() {
  const { propId } = useParams();
  const navigate = useNavigate();
  const props = useTable('props').toSorted((a, b) => a.position - b.position);
  const [side, setSide] = useState<Side>('nothing');
  const prop = props.find((entry) => entry.id === propId) ?? props[0];
  useTitle(prop?.name ?? 'Ladders');
  const close = (id: string | null): void => {
    setSide('nothing');
    if (id && side === 'newProp') void navigate(`/ladders/${id}`);
  };
  return (
    <div className={`grid grid-cols-1 gap-4 md:h-full ${side === 'nothing' ? '' : 'lg:grid-cols-[minmax(0,1fr)_26rem]'}`}>
      <div className="flex min-h-0 min-w-0 flex-col">
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <nav aria-label="Props" className="mr-auto flex flex-wrap gap-1">
            {props.map((entry) => (
              <Link
                key={entry.id}
                to={`/ladders/${entry.id}`}
                className={`target font-label flex items-center gap-2 border px-3 py-1 text-lg font-semibold ${entry.id === prop?.id ? 'border-ink bg-sheet' : 'border-line text-dim hover:border-edge'}`}
                aria-current={entry.id === prop?.id ? 'page' : undefined}
              >
                <PropFace prop={entry} className="-my-0.5 -ml-2 h-9 w-9" />
                {entry.name}
              </Link>
            ))}
          </nav>
          <div className="no-print contents">
            {prop && <Button onClick={() => setSide('newPart')}>Add part</Button>}
            {prop && <Button onClick={() => setSide('editProp')}>Change prop</Button>}
            <Button onClick={() => setSide('newProp')}>Add prop</Button>
            {prop && (
              <Link to={`/references/${prop.id}`} className="self-center underline">
                References
              </Link>
            )}
            {prop && (
              <Link to={`/lights/${prop.id}`} className="self-center underline">
                Lights
              </Link>
            )}
            {prop && (
              <Link to={`/fittings/${prop.id}`} className="self-center underline">
                Fittings
              </Link>
            )}
          </div>
        </div>
        {prop ? <PropLadders prop={prop} /> : <FirstProp onAdd={() => setSide('newProp')} />}
      </div>
      {side !== 'nothing' && (
        <Sheet className="self-start p-5 lg:max-h-full lg:overflow-auto" label={side === 'newPart' ? 'New part' : 'Prop'}>
          {side === 'newPart' && prop && <PartForm key={prop.id} propId={prop.id} onDone={() => setSide('nothing')} />}
          {side === 'newProp' && <PropForm key="new" prop={null} onDone={close} />}
          {side === 'editProp' && prop && <EditProp prop={prop} onDone={() => setSide('nothing')} />}
        </Sheet>
      )}
    </div>
  );
}

function PropLadders({ prop }: { readonly prop: Prop }) {
  const index = useShopIndex();
  const { plan } = usePlan();
  const parts = [...index.parts.values()].filter((part) => part.propId === prop.id).sort((a, b) => a.position - b.position);
  // The next rung of each ladder is the first the plan has for it.
  const nextRungs = new Set<string>();
  if (plan?.kind === 'planned') {
    const seen = new Set<string>();
    for (const rung of plan.rungs) {
      if (seen.has(rung.partId)) continue;
      seen.add(rung.partId);
      nextRungs.add(rung.rungId);
    }
  }
  if (parts.length === 0) {
    return (
      <Sheet className="p-6">
        <h2 className="font-label text-2xl font-semibold">No part yet</h2>
        <p className="text-dim">
          Add the first part: its material, its surface and the finish it should get. Its ladder grows from that, with a reason on every
          rung.
        </p>
      </Sheet>
    );
  }
  return (
    <>
      <LadderGrid parts={parts} index={index} nextRungs={nextRungs} />
      <PropFooter prop={prop} index={index} />
    </>
  );
}

function EditProp({ prop, onDone }: { readonly prop: Prop; readonly onDone: () => void }) {
  const edit = useEdit();
  return (
    <>
      <PropForm key={prop.id} prop={prop} onDone={onDone} />
      <References propId={prop.id} />
      <BuildReport prop={prop} />
      <PropTwins key={`${prop.id} twins`} prop={prop} />
      <PartLabels prop={prop} />
      <div className="border-line mt-5 border-t pt-4">
        <ConfirmLoss
          trigger={<Button look="danger">Take the prop away</Button>}
          title={`Take ${prop.name} away?`}
          detail="Its parts, ladders and joins go with it. The log keeps what was done. Undo brings all of it back."
          act="Take it away"
          onConfirm={() => {
            void edit(`Take ${prop.name} away`, (change) => change.remove('props', prop.id)).then((isKept) => isKept && onDone());
          }}
        />
      </div>
    </>
  );
}

function FirstProp({ onAdd }: { readonly onAdd: () => void }) {
  return (
    <Sheet className="p-6">
      <h2 className="font-label text-2xl font-semibold">No prop yet</h2>
      <p className="text-dim mb-4">
        A prop is the whole replica, with a date and a story. Its parts climb their ladders side by side here.
      </p>
      <Button look="primary" isLarge onClick={onAdd}>
        Add the first prop
      </Button>
    </Sheet>
  );
}
