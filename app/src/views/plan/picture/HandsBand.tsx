import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { ShopIndex } from '../../../data/useShopIndex';
import { groupBy } from '../../../base/groupBy';
import type { PlannedShop } from '../../../features/plan/planned';
import type { Formats } from '../../../base/formats';
import { BARE } from '../../../features/rung/RungBox';
import { RowName } from './RowName';

/** One finisher has a tall lane; several have a lower one each. */
const ONE_LANE = 52;
const LANE = 34;
/** Below the lanes: what sessions are told in. */
const SESSIONS = 24;

/** Height of the hands' lanes with what is written below them. */
export function handsHeight(plan: PlannedShop): number {
  return lanesHeight(plan) + SESSIONS;
}

/** Height of the lanes alone. */
export function lanesHeight({ handsByPerson }: PlannedShop): number {
  return handsByPerson.length > 1 ? handsByPerson.length * LANE : ONE_LANE;
}

interface Span {
  readonly start: number;
  readonly end: number;
}

/** When there are hands and what they do, a lane for each person; below, what is got ready once for several rungs. */
export function HandsBand({
  plan,
  partIds,
  index,
  nameOf,
  top,
  left,
  width,
  x,
  isInSight,
  chosen,
  mayPull,
  nowMs,
  formats,
  onChoose,
}: {
  readonly plan: PlannedShop;
  readonly partIds: ReadonlySet<string>;
  readonly index: ShopIndex;
  readonly nameOf: (personId: string | null) => string;
  readonly top: number;
  readonly left: number;
  readonly width: number;
  readonly x: (ms: number) => number;
  readonly isInSight: (span: Span) => boolean;
  readonly chosen: string | null;
  readonly mayPull: boolean;
  readonly nowMs: number;
  readonly formats: Formats;
  readonly onChoose: (rungId: string) => void;
}) {
  const lanes = plan.handsByPerson;
  const laneHeight = lanes.length > 1 ? LANE : ONE_LANE;
  const inset = lanes.length > 1 ? 4 : 6;
  const tall = laneHeight - 8;
  const foot = top + lanesHeight(plan);
  return (
    <>
      {lanes.map(({ personId, windows }, lane) => {
        const laneTop = top + lane * laneHeight;
        return (
          <g key={personId ?? 'hands'}>
            <RowName y={laneTop + tall / 2 + 5} name={personId === null ? 'Hands' : nameOf(personId)} />
            <rect x={left} width={width} y={laneTop} height={tall} fill="url(#hatch)" stroke="var(--color-line)" />
            {windows.filter(isInSight).map((span) => (
              <rect
                key={span.start}
                x={x(span.start)}
                width={Math.max(1, x(span.end) - x(span.start))}
                y={laneTop}
                height={tall}
                fill="var(--color-sheet)"
                stroke="var(--color-edge)"
              />
            ))}
          </g>
        );
      })}
      {plan.rungs.flatMap((time) => {
        const rung = index.rungs.get(time.rungId);
        const lane = Math.max(
          0,
          lanes.findIndex(({ personId }) => personId === time.personId),
        );
        return time.chunks.filter(isInSight).map((chunk) => (
          <rect
            key={`${time.rungId}${chunk.start}`}
            x={x(chunk.start) + 0.5}
            width={Math.max(2, x(chunk.end) - x(chunk.start) - 1)}
            y={top + lane * laneHeight + inset}
            height={tall - 2 * inset}
            fill={hexOfProduct(index.products.get(rung?.productId ?? '')) ?? BARE}
            fillOpacity={partIds.has(time.partId) ? 1 : 0.25}
            stroke={chosen === time.rungId ? 'var(--color-lime)' : 'var(--color-edge)'}
            strokeWidth={chosen === time.rungId ? 3 : 0.75}
            className={mayPull ? 'cursor-grab' : 'cursor-pointer'}
            data-pull={time.rungId}
            onClick={() => onChoose(time.rungId)}
          >
            <title>
              {index.rungTitle(time.rungId)}, {formats.moment(chunk.start, nowMs)} to {formats.time(chunk.end)}
              {time.personId !== null && `, ${nameOf(time.personId)}`}
            </title>
          </rect>
        ));
      })}
      {gatherSessions(plan.rungs)
        .filter((session) => isInSight(session))
        .map((session) => {
          const from = x(session.start);
          const to = x(session.end);
          return (
            <g key={session.id} pointerEvents="none">
              <rect x={from} width={Math.max(2, to - from)} y={foot - 7} height={4} fill="var(--color-ink)" />
              <text x={from} y={foot + 9} fontSize={11} className="fill-ink font-sans" visibility={to - from < 30 ? 'hidden' : 'visible'}>
                {session.name} ×{session.count}
              </text>
            </g>
          );
        })}
    </>
  );
}

interface SessionSpan extends Span {
  readonly id: string;
  readonly name: string;
  readonly count: number;
}

/** Sessions that serve more than one rung, from the first getting ready to the last end. */
function gatherSessions(rungs: PlannedShop['rungs']): SessionSpan[] {
  const shared = rungs.filter((time) => time.session !== null && time.session.count > 1);
  return [...groupBy(shared, (time) => time.session?.id ?? '')].map(([id, times]) => ({
    id,
    name: times[0]?.session?.familyName ?? '',
    count: times.length,
    start: Math.min(...times.map((time) => time.startMs)),
    end: Math.max(...times.map((time) => time.endMs)),
  }));
}
