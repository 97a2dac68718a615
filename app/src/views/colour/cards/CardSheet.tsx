import { useMirrored } from '../../../features/mirrored/useMirrored';
import { mixTotal, scaleMix } from '@zinc-ladder/core/batch/scaleMix';
import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { mixLab } from '@zinc-ladder/core/colour/paint';
import { hexOfProduct, labOfCard, mixOfCard, toLab } from '@zinc-ladder/model/gather/film/gatherPaints';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { checkNumber, InlineNumber } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';
import { MixDrops } from '../MixDrops';
import { SplitSwatch } from '../../../ui/swatch/SplitSwatch';
import { CorrectPanel } from './CorrectPanel';
import { ReadCard } from './ReadCard';
import { Picture } from '../../../features/pictures/Picture';

const READ_WORDS = {
  picture: 'off its picture',
  reader: 'with the reader',
  simulatedReader: 'with a simulated reader',
  eye: 'by eye',
  typed: 'and typed',
} as const;

/** A card: its swatch, its mix at any amount, what it was for and where it was used. */
export function CardSheet({
  card,
  index,
  onEdit,
  onCorrect,
}: {
  readonly card: MixCard;
  readonly index: ShopIndex;
  readonly onEdit: () => void;
  readonly onCorrect: () => void;
}) {
  const formats = useFormats();
  const edit = useEdit();
  const cards = useTable('mixCards');
  const [total, setTotal] = useState<number | null>(null);
  const sum = mixTotal(card.components);
  const wholeUnits = card.unit === 'drops';
  const wanted = total ?? sum;
  const least = wholeUnits ? card.components.length : 0.001;
  const isWhole = wholeUnits && card.components.every((component) => Number.isInteger(component.amount));
  const scaled =
    wanted >= least && (total !== null || !wholeUnits || isWhole) ? scaleMix(card.components, wanted, wholeUnits) : card.components;
  const targetRecord = useTable('targets').find((entry) => entry.id === card.targetId);
  const mirrored = useMirrored().value;
  const target = targetRecord ? toLab(targetRecord.lab) : null;
  const own = labOfCard(card);
  const mix = useMemo(() => mixOfCard(card, index.products, mirrored), [card, index.products, mirrored]);
  const predicted = useMemo(() => mix && mixLab(mix, mirrored), [mix, mirrored]);
  const told = predicted && card.reading ? tellDifference(toLab(card.reading.lab), predicted) : null;
  const undercoat = index.products.get(card.undercoatId ?? '');
  const corrected = cards.find((other) => other.id === card.correctsId);
  const used = [...index.rungs.values()].filter((rung) => rung.mixCardId === card.id);
  const remove = (): void => void edit(`Take card ${card.name} away`, (change) => change.remove('mixCards', card.id));
  return (
    <div className="grid gap-4">
      {target && own ? (
        <SplitSwatch left={hexOfLab(target)} right={hexOfLab(own)} leftName="target" rightName="as it dried" className="h-40 w-full" />
      ) : (
        <div className="border-edge h-40 w-full border forced-color-adjust-none" style={own ? { background: hexOfLab(own) } : undefined}>
          {!own && <p className="text-dim p-4">No swatch yet: read it when it is dry.</p>}
        </div>
      )}
      <div>
        <h2 className="font-label text-4xl leading-tight font-semibold">{card.name}</h2>
        <p className="text-dim">
          {card.purpose} · {formats.full(card.madeAtMs)}
          {targetRecord && (
            <>
              {' '}
              · for{' '}
              <Link className="in-text underline" to={`/colour/mix/${targetRecord.id}`}>
                {targetRecord.name}
              </Link>
            </>
          )}
          {corrected && (
            <>
              {' '}
              · corrects{' '}
              <Link className="in-text underline" to={`/colour/cards/${corrected.id}`}>
                {corrected.name}
              </Link>
            </>
          )}
        </p>
      </div>
      <MixDrops components={scaled} unit={card.unit} colourOf={(id) => hexOfProduct(index.products.get(id ?? ''))} />
      <div className="grid items-end gap-3 sm:grid-cols-3">
        <InlineNumber
          label="Make"
          unit={card.unit}
          value={wanted}
          min={least}
          max={100000}
          isWhole={wholeUnits}
          onKeep={(value) => setTotal(value !== null && checkNumber(String(value), { min: least, max: 100000 }) === null ? value : null)}
        />
        {total !== null && <Button onClick={() => setTotal(null)}>As written: {Math.round(sum * 100) / 100}</Button>}
        {card.dilution && <p>Thinned {card.dilution}</p>}
      </div>
      <p className="text-dim text-sm">
        {card.coats} coat{card.coats === 1 ? '' : 's'} with {card.tool}
        {undercoat && ` over ${undercoat.name}`}
        {card.reading && ` · read ${READ_WORDS[card.reading.method]}, Lab ${card.reading.lab.map((value) => value.toFixed(1)).join(', ')}`}
        {card.reading && card.reading.count > 1 && `, ${card.reading.count} readings ΔE ${card.reading.spread.toFixed(1)} apart`}
        {told && ` · predicted ${hexOfLab(predicted ?? [50, 0, 0])}: off by ΔE ${told.difference.toFixed(1)}`}
      </p>
      <ReadCard card={card} predicted={predicted} target={target} />
      {own && target && mix && <CorrectPanel key={card.revision} card={card} mix={mix} read={own} target={target} />}
      {wholeUnits && total !== null && <p className="text-dim text-sm">Rounded to whole drops, the rest by largest remainder.</p>}
      {card.note && <p className="whitespace-pre-line">{card.note}</p>}
      {card.pictureId !== null && <Picture id={card.pictureId} alt={`Picture of ${card.name}`} />}
      <div>
        <h3 className="label">Used on</h3>
        {used.length === 0 && <p className="text-dim">No rung yet. A rung names its card under Change.</p>}
        <ul>
          {used.map((rung) => {
            const part = index.partOf(rung);
            return (
              <li key={rung.id}>
                <Link
                  className="in-text underline underline-offset-4"
                  to={part ? `/ladders/${part.propId}/${part.id}?rung=${rung.id}` : '/ladders'}
                >
                  {index.rungTitle(rung.id)}
                </Link>{' '}
                <span className="text-dim">{rung.doneAtMs === null ? 'to do' : formats.full(rung.doneAtMs)}</span>
              </li>
            );
          })}
        </ul>
      </div>
      <div className="flex flex-wrap gap-3">
        <Button isLarge onClick={onEdit}>
          Change
        </Button>
        <Button isLarge onClick={onCorrect}>
          New card from this one
        </Button>
        <Button isLarge look="danger" onClick={remove}>
          Take away
        </Button>
      </div>
    </div>
  );
}
