import type { ChainLink } from '@zinc-ladder/core/plan/judge/reasonChain';
import { followReasons } from '@zinc-ladder/core/plan/judge/reasonChain';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { ShopIndex } from '../../../data/useShopIndex';
import { waitWords } from '../../../features/plan/reasonWords';
import { useFormats } from '../../../features/formats/useFormats';
import type { PlannedShop } from '../../../features/plan/planned';

/** The chain of reasons from a rung back to now; each rung in it can be chosen. */
export function ReasonSteps({
  plan,
  rungId,
  index,
  nowMs,
  onChoose,
}: {
  readonly plan: PlannedShop;
  readonly rungId: string;
  readonly index: ShopIndex;
  readonly nowMs: number;
  readonly onChoose: (rungId: string) => void;
}) {
  const formats = useFormats();
  const chain = followReasons(plan.rungs, rungId);
  if (chain.length < 2) return null;
  return (
    <details className="mt-2">
      <summary className="min-h-9 cursor-pointer content-center font-medium">Back to now, step by step ({chain.length})</summary>
      <ol aria-label="Chain of reasons" className="border-line border-t">
        {chain.map((link) => (
          <li key={link.rungId} className="border-line border-b py-1 text-sm">
            <button type="button" className="min-h-8 cursor-pointer text-left hover:underline" onClick={() => onChoose(link.rungId)}>
              <span className="figure font-medium">{formats.moment(link.startMs, nowMs)}</span> {index.rungTitle(link.rungId)}
            </button>
            <span className="text-dim block">{linkWords(link, index)}</span>
          </li>
        ))}
      </ol>
    </details>
  );
}

function linkWords({ rungId, held }: ChainLink, { rungTitle, rungs }: ShopIndex): string {
  if (held.kind === 'nothing') return 'nothing held it';
  if (held.kind === 'busy') return `hands were at ${rungTitle(held.byRungId)}`;
  if (held.kind === 'wait') return waitWords(held.wait, rungTitle) ?? '';
  const method = findMethod(rungs.get(rungId)?.methodId ?? '');
  const closed = method.isSprayed ? 'hands and spraying were not open together' : 'hands were not there';
  const before = held.wait ? waitWords(held.wait, rungTitle) : null;
  return before ? `${closed}; before that: ${before}` : closed;
}
