import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { counted } from '../../../base/counted';
import type { ApartComparison, MaskOrder } from '@zinc-ladder/core/mask/maskOrder';
import type { MaskProblem } from '@zinc-ladder/core/mask/maskProblem';
import { maskRungs } from '@zinc-ladder/core/mask/maskRungs';
import type { MaskPlan } from '@zinc-ladder/model/records/ladder/maskPlan';
import { putMaskRungs } from '../../../data/changes/ladder/maskChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { Swatch } from '../../../ui/swatch/Swatch';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';

/** The order, step by step, with what each takes; moved by hand, or the best one. */
export function OrderList({
  plan,
  problem,
  order,
  best,
  compared,
  isOwn,
  ladderId,
  index,
  onOrder,
}: {
  readonly plan: MaskPlan;
  readonly problem: MaskProblem;
  readonly order: MaskOrder | null;
  readonly best: MaskOrder | null;
  readonly compared: ApartComparison;
  readonly isOwn: boolean;
  readonly ladderId: string;
  readonly index: ShopIndex;
  readonly onOrder: (order: readonly string[]) => void;
}) {
  const formats = useFormats();
  const edit = useEdit();
  const nameOf = (id: string): string => plan.regions.find((region) => region.id === id)?.name ?? id;
  if (!best)
    return (
      <p className="text-oxide">
        No order is left: a base would have to come after what lies on it, or chips show each other. Change a region below.
      </p>
    );
  if (!order)
    return (
      <p className="text-oxide">
        Your order lays a base over what lies on it, or a film over its own chips.{' '}
        <Button onClick={() => onOrder([])}>Take the best order</Button>
      </p>
    );
  const ids = order.steps.map((step) => step.regionId);
  const move = (at: number, by: number): void => {
    const next = [...ids];
    const [moved] = next.splice(at, 1);
    if (moved !== undefined) next.splice(at + by, 0, moved);
    onOrder(next);
  };
  const made = maskRungs(order, problem.regions, problem.school);
  const put = (): void =>
    void edit('Put the masks on the ladder', (change) => putMaskRungs(change, ladderId, made, plan, index.products, newId));
  return (
    <section aria-label="Order">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h3 className="label">{isOwn ? 'Your order' : 'Best of all orders'}</h3>
        <p>
          <span className="font-label text-4xl font-semibold">
            <Why
              name="what the order takes"
              reason={{
                formula:
                  'least Σ taping + covering + sealing + coats + risk + 0.03 × waiting over all orders that keep bases under and chips over what they show',
                inputs: [
                  ['hands', formatSpan(order.handsMinutes)],
                  ['waiting', formatSpan(order.waitMinutes)],
                  ['risk', formatSpan(order.riskMinutes)],
                ],
                source:
                  'dynamic programming over sets (Held and Karp 1962); minutes of tape, cover and risk are guessed; tape-safe times by the products’ labels at 23 °C',
              }}
            >
              {formats.length(order.tapeMillimetres)}
            </Why>
          </span>{' '}
          of tape, {formatSpan(order.handsMinutes)} of hands, {formatSpan(order.waitMinutes)} of waiting
        </p>
      </div>
      <ol className="mt-2">
        {order.steps.map((step, at) => {
          const region = plan.regions.find((entry) => entry.id === step.regionId);
          return (
            <li key={step.regionId} className="border-line grid grid-cols-[1.5rem_2rem_minmax(0,1fr)_auto] items-start gap-2 border-t py-2">
              <span className="figure text-lg">{at + 1}</span>
              <Swatch colourHex={hexOfProduct(index.products.get(region?.productId ?? ''))} className="h-8 w-8" />
              <div>
                <strong>{region?.name}</strong> <span className="figure">× {step.coats}</span>
                {step.hidesId !== null && step.extraCoats > 0 && (
                  <span className="text-oxide block text-sm">
                    {step.extraCoats} coat{step.extraCoats === 1 ? '' : 's'} more, to hide the mist of {nameOf(step.hidesId)}
                  </span>
                )}
                <span className="text-dim block text-sm">
                  {[
                    step.waitMinutes > 0 ? `wait ${formatSpan(step.waitMinutes)}` : '',
                    ...step.tapes.map((tape) => `tape ${formats.length(tape.lengthMillimetres)} on ${nameOf(tape.onId)}`),
                    step.rubberShowsId ? `rubber where ${nameOf(step.rubberShowsId)} shows` : '',
                    step.sealMinutes > 0 ? 'seal the edge' : '',
                    step.coverIds.length > 0 && step.tapes.length === 0 ? 'cover what is painted' : '',
                  ]
                    .filter(Boolean)
                    .join(' · ') || 'nothing to mask yet'}
                </span>
              </div>
              <span className="flex gap-1">
                <Button
                  look="quiet"
                  className="px-2"
                  aria-label={`${region?.name} earlier`}
                  disabled={at === 0}
                  onClick={() => move(at, -1)}
                >
                  ↑
                </Button>
                <Button
                  look="quiet"
                  className="px-2"
                  aria-label={`${region?.name} later`}
                  disabled={at === order.steps.length - 1}
                  onClick={() => move(at, 1)}
                >
                  ↓
                </Button>
              </span>
            </li>
          );
        })}
      </ol>
      {isOwn && order.cost > best.cost + 0.5 && (
        <p className="text-sm">
          The best order, {best.steps.map((step) => nameOf(step.regionId)).join(', then ')}, saves the worth of{' '}
          {formatSpan(order.cost - best.cost)} of hands. <Button onClick={() => onOrder([])}>Take the best</Button>
        </p>
      )}
      <ApartWords compared={compared} />
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button look="primary" isLarge onClick={put}>
          Put {counted(made.length, 'rung')} on the ladder
        </Button>
        <span className="text-dim text-sm">Open rungs of colour and mask give way to them; what is done stays.</span>
      </div>
    </section>
  );
}

function ApartWords({ compared }: { readonly compared: ApartComparison }) {
  const formats = useFormats();
  if (!compared.apart || compared.apart.length < 2 || compared.apartSaves === null) return null;
  const saves = compared.apartSaves;
  return (
    <p className="border-line mt-2 border-t pt-2 text-sm">
      Painted apart before joining it would take {formats.length(compared.apartTapeMillimetres ?? 0)} of tape and{' '}
      {saves > 0 ? `save the worth of ${formatSpan(saves)} of hands` : `cost the worth of ${formatSpan(-saves)} more`}. A seam that must be
      filled decides for joining first.
    </p>
  );
}
