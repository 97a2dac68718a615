import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { facesShare } from '@zinc-ladder/core/ladder/faces';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { usualClassOf } from '@zinc-ladder/core/ladder/usualClass';
import { rungArea } from '@zinc-ladder/model/gather/shelf/rungTakes';
import { rungPieces } from '@zinc-ladder/model/rungs/rungPieces';
import { ownNeed } from '@zinc-ladder/model/products/ownUse';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { Link } from 'react-router';
import { useTable } from '../../data/queries';
import { counted } from '../../base/counted';
import { Figure, Figures } from '../../ui/Figure';
import { Swatch } from '../../ui/swatch/Swatch';
import type { Formats } from '../../base/formats';
import { formatSpan } from '../../base/formats';
import type { Reason } from '../../ui/Why';
import { ownShareSource, ownShareWords, useOwnMinutes, whoseWords } from './useOwnMinutes';

/** The figures of a rung: what decides it, each with its why. */
export function RungFacts({
  rung,
  part,
  product,
  lastTime,
  formats,
}: {
  readonly rung: Rung;
  readonly part: Part;
  readonly product: Product | undefined;
  readonly lastTime: LogEntry | null;
  readonly formats: Formats;
}) {
  const cards = useTable('mixCards');
  const ownMinutes = useOwnMinutes();
  const own = ownMinutes.shareOf(rung);
  const said = rung.minutesFormula || 'typed by hand';
  // The part of that time may be another set, with more or fewer pieces.
  const lastPart = useTable('parts').find((entry) => entry.id === lastTime?.partId);
  const lastRung = useTable('rungs').find((entry) => entry.id === lastTime?.rungId);
  const pieces = rungPieces(rung, part);
  const piecesThen = lastPart && rungPieces(lastRung ?? { pieces: null }, lastPart);
  const lastPieces = piecesThen !== undefined && piecesThen !== pieces ? piecesThen : null;
  const otherPieces = lastPieces === null ? '' : ` for ${counted(lastPieces, 'piece')}`;
  const card = cards.find((entry) => entry.id === rung.mixCardId);
  const share = facesShare(rung.side);
  const area = rungArea(rung, part);
  const region = rung.areaSquareCentimetres;
  const usual = product ? null : usualClassOf(rung.methodId);
  const need = product && rung.coatMicrometres ? needOf(product, rung.coatMicrometres, area) : null;
  return (
    <Figures>
      <Figure
        label="Planned"
        value={
          own ? (
            <>
              {formatSpan(ownMinutes.of(rung))}
              <span className="block font-sans text-sm whitespace-nowrap">{ownShareWords(own)}</span>
            </>
          ) : (
            formatSpan(rung.minutes)
          )
        }
        reason={{
          formula: own ? `(${said}) × ${whoseWords(own)} pace` : said,
          ...(own
            ? {
                inputs: [
                  [rung.minutesFormula ? 'the method’s' : 'as typed', formatSpan(rung.minutes)] as const,
                  [`${whoseWords(own)} pace`, `× ${own.share.toFixed(2)}`] as const,
                ],
              }
            : {}),
          source: `${rung.minutesFormula ? 'method minutes are common practice, guessed; your own win' : 'you'}${own ? `; ${ownShareSource(own)}. Plan by the methods’ minutes instead: under Plan` : ''}`,
        }}
      />
      <Figure
        label="Last time"
        value={lastTime?.actualMinutes == null ? 'not yet' : `${formatSpan(lastTime.actualMinutes)}${otherPieces}`}
        reason={{
          formula: 'the last logged rung of this kind on this part, else on any part',
          ...(lastPieces === null
            ? {}
            : { inputs: [['pieces then', String(lastPieces)] as const, ['pieces now', String(pieces)] as const] }),
          source: lastTime ? `log, ${formats.full(lastTime.atMs)}` : 'nothing in the log yet',
        }}
      />
      <Figure
        label="Area"
        value={formats.area(area)}
        reason={
          region !== null
            ? {
                formula: 'region of a piece × pieces',
                inputs: [
                  ['region', formats.area(region)],
                  ['pieces', String(pieces)],
                  ['all of a piece', formats.area(part.areaSquareCentimetres)],
                ],
                source: 'as the rung has it: typed, by the order of masks, measured on the mesh, or its share of what was split or joined',
              }
            : {
                formula: share === 1 ? 'surface of a piece × pieces' : 'surface of a piece × pieces × share of the faces',
                inputs: [
                  ['piece', formats.area(part.areaSquareCentimetres)],
                  ['pieces', String(pieces)],
                  ...(share === 1 ? [] : [['share', String(share)] as const]),
                ],
                source: share === 1 ? 'typed on the part' : 'typed on the part; one side taken as half, guessed',
              }
        }
      />
      {rung.grit && <Figure label="Grit" value={rung.grit} />}
      {rung.coatMicrometres !== null && <Figure label="Dry film" value={formats.film(rung.coatMicrometres)} />}
      {need && <Figure label="Paint for it" value={formats.volume(need.millilitres)} reason={need.reason} />}
      {card && (
        <Figure
          label="Mix card"
          value={
            <Link className="font-sans text-base underline" to={`/colour/cards/${card.id}`}>
              {card.name}
            </Link>
          }
        />
      )}
      {product && (
        <Figure
          label="Product"
          isWide
          value={
            <span className="flex items-center gap-2 font-sans text-base">
              <Swatch colourHex={hexOfProduct(product)} className="h-5 w-5" />
              {product.name}
            </span>
          }
        />
      )}
      {usual && (
        <Figure
          label="Product"
          isWide
          value={<span className="font-sans text-base">none chosen, taken as: {findProductClass(usual).name}</span>}
        />
      )}
    </Figures>
  );
}

function needOf(product: Product, coatMicrometres: number, area: number): { millilitres: number; reason: Reason } {
  const { millilitres, volumeSolids: solids, transfer, application, ownUse } = ownNeed(product, coatMicrometres, area);
  return {
    millilitres,
    reason: {
      formula: `area × dry film ÷ volume solids ÷ transfer${ownUse.count > 0 ? ' × own use' : ''}`,
      inputs: [
        ['area', `${Math.round(area)} cm²`],
        ['dry film', `${coatMicrometres} µm`],
        ['volume solids', `${solids.value} (${solids.origin})`],
        ['transfer', `${transfer} (${application})`],
        ...(ownUse.count > 0 ? [['own use', `${ownUse.factor.toFixed(2)}, by weighed cans`] as const] : []),
      ],
      source: 'coating handbooks; transfer and class solids are common practice, guessed',
    },
  };
}
