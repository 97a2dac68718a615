import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { aOrCounted, counted } from '../../../base/counted';
import type { RungTime, ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { DropdownMenu } from 'radix-ui';
import { Link, useNavigate } from 'react-router';
import { useNow } from '../../../clock/ClockContext';
import { finishRung, takeInHand } from '../../../data/changes/ladder/benchChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { partLabel, rungPartLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Swatch } from '../../../ui/swatch/Swatch';
import { leaveOut } from '../../../data/changes/ladder/rungStateChanges';
import { useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { useStartWarnings } from '../../../features/rung/useStartWarnings';
import { DONE_EARLIER } from '../../../features/rung/askedAtOnce';
import { useBenchMoment } from '../../../features/rung/useBenchMoment';
import type { PrinterCall } from '../prints/printsNow';
import { printsAhead } from '../prints/printsNow';
import { sprayEnds } from './sprayEnds';

const SHOWN = 14;

type Line =
  | { readonly kind: 'rung'; readonly atMs: number; readonly time: RungTime }
  | { readonly kind: 'mark'; readonly atMs: number; readonly text: string };

/** What comes after, in the order of the plan, with where spraying and the evening end. */
export function ThenList({
  plan,
  skip,
  index,
}: {
  readonly plan: Extract<ShopPlan, { kind: 'planned' }>;
  readonly skip: ReadonlySet<string>;
  readonly index: ShopIndex;
}) {
  const now = useNow(15_000);
  const formats = useFormats();
  const parts = useTable('parts');
  const lines = gatherLines(plan, skip, now, printsAhead(parts, plan.prints));
  const more = plan.rungs.filter((time) => !skip.has(time.rungId)).length - SHOWN;
  if (lines.length === 0) return <p className="text-dim">Nothing after this.</p>;
  return (
    <ol>
      {lines.map((line, at) => {
        const lineDay = formats.day(line.atMs);
        const isNewDay = lineDay !== formats.day(lines[at - 1]?.atMs ?? now);
        return (
          // By its rung alone: a plan that comes with another time must not close the menu that is open on it.
          <li key={line.kind === 'rung' ? `rung-${line.time.rungId}` : `mark-${line.text}-${line.atMs}`}>
            {isNewDay && <p className="label border-line border-t pt-2">{lineDay}</p>}
            {line.kind === 'mark' ? (
              <p className="border-line text-dim flex gap-3 border-t py-1.5">
                <span className={`figure shrink-0 text-sm leading-relaxed ${formats.isTwelveHour ? 'w-18' : 'w-12'}`}>
                  {formats.time(line.atMs)}
                </span>{' '}
                {line.text}
              </p>
            ) : (
              <RungLine time={line.time} index={index} nowMs={now} />
            )}
          </li>
        );
      })}
      {more > 0 && (
        <li className="border-line border-t pt-2">
          <Link to="/plan" className="flex min-h-11 items-center underline underline-offset-4">
            {counted(more, 'rung')} more: the plan
          </Link>
        </li>
      )}
    </ol>
  );
}

function RungLine({ time, index, nowMs }: { readonly time: RungTime; readonly index: ShopIndex; readonly nowMs: number }) {
  const formats = useFormats();
  const edit = useEdit();
  const moment = useBenchMoment();
  const navigate = useNavigate();
  const ownMinutes = useOwnMinutes();
  const warningsOf = useStartWarnings(index);
  const rung = index.rungs.get(time.rungId);
  const part = rung && index.partOf(rung);
  if (!rung || !part) return null;
  const minutes = ownMinutes.of(rung);
  const warnings = warningsOf(rung);
  const product = index.products.get(rung.productId ?? '');
  const isShared = time.session !== null && time.session.count > 1;
  const item =
    'font-label min-h-12 cursor-pointer px-4 flex items-center text-lg outline-none data-highlighted:bg-lime data-highlighted:text-onlime';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className={`border-line hover:bg-sheet grid min-h-12 w-full cursor-pointer gap-x-3 border-t py-2 text-left ${formats.isTwelveHour ? 'grid-cols-[4.5rem_1fr_auto]' : 'grid-cols-[3rem_1fr_auto]'} ${isShared ? 'border-l-edge border-l-4 pl-2' : ''}`}
      >
        <span className="figure text-dim text-sm leading-snug">{formats.time(time.startMs)}</span>
        <span className="min-w-0 wrap-anywhere">
          <span className="block leading-tight font-semibold">{rungPartLabel(rung, part)}</span>
          <span className="text-dim flex items-center gap-1.5 leading-tight">
            {hexOfProduct(product) !== null && <Swatch colourHex={hexOfProduct(product)} className="h-3 w-3" />}
            {rung.name}
          </span>
          {isShared && (
            <span className="text-dim block text-sm leading-tight">
              {time.session?.place === 0
                ? `got ready once for ${time.session.count}, ${formatSpan(time.setupMinutes)}`
                : 'goes on without getting ready'}
            </span>
          )}
          {time.windowClosesMs !== null && (
            <span className="text-oxide block leading-tight font-medium">closes {formats.moment(time.windowClosesMs, nowMs)}</span>
          )}
        </span>
        <span className="figure text-dim text-sm leading-snug">{formatSpan(minutes)}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" className="bg-sheet border-ink z-40 min-w-56 rounded-xs border">
          {warnings.length > 0 && (
            <DropdownMenu.Label className="border-oxide m-2 max-w-80 border-l-4 pl-3 text-sm">{warnings.join(' ')}</DropdownMenu.Label>
          )}
          <DropdownMenu.Item
            className={item}
            onSelect={() => void edit(`Take ${rung.name} in hand`, (change) => takeInHand(change, rung.id, moment(), rung.state, warnings))}
          >
            {warnings.length > 0 ? 'Take in hand all the same' : 'Take in hand now'}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={item}
            onSelect={() =>
              void edit(`Log ${rung.name}`, (change) => finishRung(change, rung.id, minutes, '', moment(), rung.state, warnings))
            }
          >
            Log as done, {formatSpan(minutes)}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={item}
            onSelect={() => void navigate(`/ladders/${part.propId}/${part.id}?rung=${rung.id}`, { state: DONE_EARLIER })}
          >
            Done earlier
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={item}
            onSelect={() => void edit(`Leave ${rung.name} out`, (change) => leaveOut(change, rung.id, moment().nowMs, rung.state))}
          >
            Leave out
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => void navigate(`/ladders/${part.propId}/${part.id}?rung=${rung.id}`)}>
            Its ladder
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function gatherLines(
  plan: Extract<ShopPlan, { kind: 'planned' }>,
  skip: ReadonlySet<string>,
  nowMs: number,
  prints: readonly PrinterCall[],
): Line[] {
  const rungs = plan.rungs.filter((time) => !skip.has(time.rungId)).slice(0, SHOWN);
  const until = rungs.at(-1)?.endMs ?? nowMs;
  const isAnyoneThere = (ms: number): boolean => plan.handsWindows.some((window) => window.start <= ms && ms < window.end);
  const marks: Line[] = [
    ...sprayEnds(plan)
      // A spraying end while hands are off concerns nobody.
      .filter(({ atMs }) => atMs > nowMs && atMs <= until && isAnyoneThere(atMs))
      .map(({ atMs, text }) => ({ kind: 'mark' as const, atMs, text })),
    ...plan.handsWindows
      .filter((window) => window.end > nowMs && window.end <= until)
      .map((window) => ({ kind: 'mark' as const, atMs: window.end, text: 'hands off' })),
    ...prints
      // What comes off while nobody is there is told when somebody is.
      .filter(({ kind, atMs }) => atMs > nowMs && atMs <= until && (kind === 'begin' || isAnyoneThere(atMs)))
      .map(({ kind, part, pieces, atMs }) => ({
        kind: 'mark' as const,
        atMs,
        text:
          kind === 'off'
            ? `${aOrCounted(pieces, 'piece')} of ${partLabel(part)} ${pieces === 1 ? 'is' : 'are'} off the printer`
            : `${partLabel(part)}: begin to print`,
      })),
  ];
  return [...rungs.map((time): Line => ({ kind: 'rung', atMs: time.startMs, time })), ...marks].sort((a, b) => a.atMs - b.atMs);
}
