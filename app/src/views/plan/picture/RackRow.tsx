import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { CureOutlook } from '@zinc-ladder/core/cure/cureClock';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { FilmAnswer } from '../../../workers/plan/filmTypes';
import { cureStages } from '../../../features/film/cureStages';
import { stippleFill } from '../../../ui/swatch/Stipples';
import type { Formats } from '../../../base/formats';
import type { RungTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';

interface DrawnFilm {
  readonly key: string;
  readonly name: string;
  readonly outlook: CureOutlook;
  readonly untilMs: number;
  readonly colourHex: string | null;
}

/** The films of one part along time: what dries now, and what the plan will lay; each until the next one or until hard. */
export function RackRow({
  part,
  films,
  times,
  index,
  top,
  x,
  startMs,
  endMs,
  nowMs,
  formats,
}: {
  readonly part: Part;
  readonly films: readonly FilmAnswer[];
  readonly times: readonly RungTime[];
  readonly index: ShopIndex;
  readonly top: number;
  readonly x: (ms: number) => number;
  readonly startMs: number;
  readonly endMs: number;
  readonly nowMs: number;
  readonly formats: Formats;
}) {
  const drawn = gatherDrawn(part, films, times, index).filter((film) => film.untilMs > startMs && film.outlook.laidAtMs < endMs);
  return drawn.map((film) => (
    <g key={film.key}>
      <title>
        {film.name}, laid {formats.moment(film.outlook.laidAtMs, nowMs)}
        {film.outlook.milestones.hard === null ? '' : `, hard ${formats.moment(film.outlook.milestones.hard, nowMs)}`}
      </title>
      {cureStages(film.outlook)
        .filter((stage) => stage.startMs < film.untilMs)
        .map((stage) => {
          const left = x(stage.startMs);
          const width = Math.max(0, x(Math.min(stage.endMs, film.untilMs)) - left);
          return (
            <g key={stage.startMs}>
              <rect
                x={left}
                width={width}
                y={top + 8}
                height={22}
                fill={film.colourHex ?? 'var(--color-sheet)'}
                fillOpacity={film.colourHex ? 0.25 : 1}
              />
              <rect
                x={left}
                width={width}
                y={top + 8}
                height={22}
                fill={stippleFill(stage.state)}
                stroke="var(--color-edge)"
                strokeWidth={0.5}
              />
            </g>
          );
        })}
      {film.outlook.laidAtMs >= startMs && (
        <rect
          x={x(film.outlook.laidAtMs) - 1.5}
          width={3}
          y={top + 4}
          height={30}
          fill={film.colourHex ?? 'var(--color-edge)'}
          stroke="var(--color-ink)"
          strokeWidth={0.4}
        />
      )}
    </g>
  ));
}

function gatherDrawn(part: Part, films: readonly FilmAnswer[], times: readonly RungTime[], index: ShopIndex): DrawnFilm[] {
  const laid = [
    ...films
      .filter((film) => film.partId === part.id)
      .map((film) => ({ key: film.rungId, name: film.filmName, outlook: film.outlook, colourHex: film.colourHex })),
    ...times.flatMap((time) => {
      const rung = index.rungs.get(time.rungId);
      if (!time.outlook || !rung) return [];
      return [
        {
          key: time.rungId,
          name: rung.name,
          outlook: time.outlook,
          colourHex: hexOfProduct(index.products.get(rung.productId ?? '')),
        },
      ];
    }),
  ].sort((a, b) => a.outlook.laidAtMs - b.outlook.laidAtMs);
  return laid.map((film, order) => ({
    ...film,
    untilMs: Math.min(film.outlook.milestones.hard ?? Infinity, laid[order + 1]?.outlook.laidAtMs ?? Infinity),
  }));
}
