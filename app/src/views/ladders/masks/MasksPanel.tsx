import { useMirrored } from '../../../features/mirrored/useMirrored';
import { compareApart, judgeMaskOrder } from '@zinc-ladder/core/mask/maskOrder';
import { maskProblemOf } from '@zinc-ladder/model/gather/film/gatherMasks';
import type { MaskPlan, MaskPlanRegion } from '@zinc-ladder/model/records/ladder/maskPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useMemo } from 'react';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { BorderTable } from './BorderTable';
import { OrderList } from './OrderList';
import { RegionPicture } from './RegionPicture';
import { RegionTable } from './RegionTable';
import { StencilPanel } from './StencilPanel';

const SEALS = [
  ['under', 'with the colour under the tape'],
  ['clear', 'with clear'],
  ['none', 'not at all'],
] as const;
const PULLS = [
  ['wet', 'while the last coat is soft'],
  ['dry', 'once it is dry'],
] as const;

/** Colour regions of a part or of a group joined before paint, and the order they are sprayed in. */
export function MasksPanel({
  part,
  ladderId,
  rungs,
  index,
}: {
  readonly part: Part;
  readonly ladderId: string;
  readonly rungs: readonly Rung[];
  readonly index: ShopIndex;
}) {
  const edit = useEdit();
  const plan = useTable('maskPlans').find((entry) => entry.partId === part.id);
  if (!plan) {
    const begin = (): void =>
      void edit(`Begin masks of ${part.name}`, (change) => change.put('maskPlans', beginPlan(newId(), part, rungs, index)));
    return (
      <div className="grid justify-items-start gap-3">
        <p>
          Two colours on one part, or on parts joined before paint, are sprayed in some order. Name the regions and where they meet, and all
          orders are tried.
        </p>
        <Button look="primary" isLarge onClick={begin}>
          Name the regions
        </Button>
        <StencilPanel part={part} />
      </div>
    );
  }
  return <OpenMasks key={plan.id} plan={plan} part={part} ladderId={ladderId} index={index} />;
}

function OpenMasks({
  plan,
  part,
  ladderId,
  index,
}: {
  readonly plan: MaskPlan;
  readonly part: Part;
  readonly ladderId: string;
  readonly index: ShopIndex;
}) {
  const edit = useEdit();
  const mirrored = useMirrored().value;
  const change = (what: string, fields: Partial<MaskPlan>): void =>
    void edit(`${what} of ${part.name}`, (run) => run.patch('maskPlans', plan.id, fields, plan));
  const told = useMemo(() => {
    if (plan.regions.length === 0) return null;
    const problem = maskProblemOf(plan, index.products, mirrored);
    const compared = compareApart(problem);
    const isOwn = plan.order.length === plan.regions.length;
    return { problem, compared, best: compared.joined, order: isOwn ? judgeMaskOrder(problem, plan.order) : compared.joined, isOwn };
  }, [plan, index.products, mirrored]);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-5">
      {told && (
        <OrderList
          plan={plan}
          problem={told.problem}
          order={told.order}
          best={told.best}
          compared={told.compared}
          isOwn={told.isOwn}
          ladderId={ladderId}
          index={index}
          onOrder={(order) => change('Order the masks', { order: [...order] })}
        />
      )}
      <RegionPicture
        plan={plan}
        part={part}
        index={index}
        onPicture={(pictureId) =>
          // A place on one picture says nothing of another.
          change('Show the regions on another picture', { pictureId, regions: plan.regions.map((region) => ({ ...region, spot: null })) })
        }
        onSpot={(region, spot) =>
          change(`Point at ${region.name}`, { regions: plan.regions.map((entry) => (entry.id === region.id ? { ...entry, spot } : entry)) })
        }
      />
      <RegionTable
        plan={plan}
        part={part}
        index={index}
        onChange={(what, regions, borders) =>
          change(what, {
            regions: [...regions],
            borders: [...(borders ?? plan.borders)],
            order: plan.order.filter((id) => regions.some((region) => region.id === id)),
          })
        }
      />
      <BorderTable plan={plan} onChange={(what, borders) => change(what, { borders: [...borders] })} />
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Edges are sealed"
          value={plan.seal}
          options={SEALS}
          onChange={(seal) => change('Change the seal', { seal: SEALS.find(([id]) => id === seal)?.[0] ?? 'under' })}
        />
        <SelectField
          label="Tape is pulled"
          value={plan.pull}
          options={PULLS}
          onChange={(pull) => change('Change the pull', { pull: pull === 'dry' ? 'dry' : 'wet' })}
        />
      </div>
      <div>
        <Button look="danger" onClick={() => void edit(`Take the masks of ${part.name} away`, (run) => run.remove('maskPlans', plan.id))}>
          Take the mask plan away
        </Button>
      </div>
      <StencilPanel part={part} />
    </div>
  );
}

/** A plan to start from: the colours the ladder lays, what is masked apart from what is not. */
function beginPlan(id: string, part: Part, rungs: readonly Rung[], index: ShopIndex): MaskPlan {
  const colours = [
    ...new Set(
      rungs.filter((rung) => ['sprayCoat', 'maskedCoat'].includes(rung.methodId) && rung.productId).map((rung) => rung.productId ?? ''),
    ),
  ];
  const regions: MaskPlanRegion[] = colours.slice(0, 8).map((productId, at) => {
    const own = rungs.filter((rung) => rung.productId === productId && ['sprayCoat', 'maskedCoat'].includes(rung.methodId));
    return {
      id: newId(),
      name: (index.products.get(productId)?.name ?? 'colour').split(',')[0]?.toLowerCase() ?? 'colour',
      partId: part.id,
      areaSquareCentimetres: Math.round(part.areaSquareCentimetres * (at === 0 ? 0.8 : 0.2)),
      productId,
      coats: Math.max(1, Math.min(20, own.length)),
      isBase: at === 0 && colours.length > 1,
      chipsShowId: null,
      spot: null,
    };
  });
  const [first, ...others] = regions;
  return {
    id,
    revision: 0,
    partId: part.id,
    pictureId: null,
    regions,
    borders: first
      ? others.map((region) => ({ firstId: first.id, secondId: region.id, lengthMillimetres: 200, form: 'straight', place: 'panelLine' }))
      : [],
    seal: 'under',
    pull: 'wet',
    order: [],
  };
}
