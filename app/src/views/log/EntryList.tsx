import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { StandingEntry } from '@zinc-ladder/model/log/standingLog';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Person } from '@zinc-ladder/model/records/shop/person';
import { memo, useCallback, useState } from 'react';
import type { Formats } from '../../base/formats';
import { formatSpan } from '../../base/formats';
import { useNow } from '../../clock/ClockContext';
import type { ShopIndex } from '../../data/useShopIndex';
import { useFormats } from '../../features/formats/useFormats';
import { usePersons } from '../../features/person/useAtBench';
import { Picture } from '../../features/pictures/Picture';
import { Button } from '../../ui/Button';
import { LongList } from '../../ui/list/LongList';
import { Swatch } from '../../ui/swatch/Swatch';
import { CorrectionForm } from './CorrectionForm';
import { KIND_WORDS, titleOf } from './logWords';

interface EntryListProps {
  /** newest first */
  readonly entries: readonly StandingEntry[];
  readonly index: ShopIndex;
}

/** Entries of the log, of which those in sight are drawn. A key that changed nothing here yet leaves it alone. */
export const EntryList = memo(function EntryList({ entries, index }: EntryListProps) {
  const [correcting, setCorrecting] = useState<string | null>(null);
  const keyOf = useCallback((at: number) => entries[at]?.entry.id ?? at, [entries]);
  return (
    <LongList
      as="ol"
      label={`${entries.length} entries, newest first`}
      className="min-h-0 flex-1 overflow-auto"
      count={entries.length}
      keyOf={keyOf}
      usualHeight={usualHeight}
      beyond={12}
      itemClassName="border-line border-b"
    >
      {(at) => {
        const standing = entries[at];
        return (
          standing && (
            <EntryRow
              standing={standing}
              index={index}
              isCorrecting={correcting === standing.entry.id}
              onCorrect={(isOn) => setCorrecting(isOn ? standing.entry.id : null)}
            />
          )
        );
      }}
    </LongList>
  );
});

const usualHeight = (): number => 62;

function EntryRow({
  standing,
  index,
  isCorrecting,
  onCorrect,
}: {
  readonly standing: StandingEntry;
  readonly index: ShopIndex;
  readonly isCorrecting: boolean;
  readonly onCorrect: (isOn: boolean) => void;
}) {
  const { entry, replaced } = standing;
  const now = useNow(60_000);
  const formats = useFormats();
  const product = index.products.get(entry.productId ?? '');
  const persons = usePersons();
  const by = persons.find(({ id }) => id === entry.personId);
  return (
    <article>
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-3 px-4 py-2 sm:grid-cols-[6.5rem_minmax(0,1fr)_auto_auto]">
        <p>
          <span className="figure block text-sm">{formats.moment(entry.atMs, now)}</span>
          <span className={`text-sm ${entry.kind === 'mistake' || entry.kind === 'deviation' ? 'text-oxide font-semibold' : 'text-dim'}`}>
            {KIND_WORDS[entry.kind]}
            {by ? `, ${by.name}` : entry.personId !== null && ', by somebody who has left'}
          </span>
        </p>
        <div className="max-sm:col-start-1 max-sm:row-start-2">
          <h2 className="font-semibold">{titleOf(entry, index)}</h2>
          {product && (
            <p className="text-dim flex items-center gap-1.5 text-sm">
              <Swatch colourHex={hexOfProduct(product)} className="h-3 w-3" /> {product.name}
            </p>
          )}
          {entry.text && <p>{entry.text}</p>}
          {entry.isForNextTime && <p className="text-dim text-sm">to be told next time</p>}
          {entry.pictureIds.length > 0 && (
            <p className="mt-1 flex gap-1">
              {entry.pictureIds.map((id) => (
                <Picture key={id} id={id} alt={`photograph of ${titleOf(entry, index)}`} className="h-16 w-16 object-cover" />
              ))}
            </p>
          )}
          {replaced.length > 0 && (
            <p className="text-dim text-sm">corrected; it said {describe(replaced[0], entry, { index, persons, formats, nowMs: now })}</p>
          )}
        </div>
        <div className="text-right max-sm:col-start-2 max-sm:row-start-1">
          {entry.actualMinutes !== null && (
            <p className="figure">
              {formatSpan(entry.actualMinutes)}
              {entry.kind === 'done' && entry.plannedMinutes !== null && (
                <span className="text-dim text-sm"> / {formatSpan(entry.plannedMinutes)}</span>
              )}
            </p>
          )}
          {entry.air && (
            <p className="figure text-dim text-sm">
              {formats.temperature(entry.air.temperatureCelsius)} · {entry.air.relativeHumidityPercent} %
            </p>
          )}
        </div>
        <div className="text-right max-sm:col-start-2 max-sm:row-start-2">
          <Button
            look="quiet"
            className="text-sm"
            aria-expanded={isCorrecting}
            aria-label={`Correct ${titleOf(entry, index)}`}
            onClick={() => onCorrect(!isCorrecting)}
          >
            Correct
          </Button>
        </div>
      </div>
      {isCorrecting && <CorrectionForm entry={entry} onDone={() => onCorrect(false)} />}
    </article>
  );
}

/** What an entry said where the one that corrects it says something else. */
function describe(
  before: LogEntry | undefined,
  after: LogEntry,
  { index, persons, formats, nowMs }: { index: ShopIndex; persons: readonly Person[]; formats: Formats; nowMs: number },
): string {
  if (!before) return '';
  const said = [
    before.atMs === after.atMs ? null : formats.moment(before.atMs, nowMs),
    before.actualMinutes === after.actualMinutes ? null : before.actualMinutes === null ? 'no minutes' : formatSpan(before.actualMinutes),
    before.productId === after.productId ? null : (index.products.get(before.productId ?? '')?.name ?? 'no product'),
    before.personId === after.personId ? null : (persons.find(({ id }) => id === before.personId)?.name ?? 'nobody named'),
    before.text === after.text ? null : before.text === '' ? 'no words' : `“${before.text}”`,
  ].filter((word) => word !== null);
  return said.join(', ') || 'the same';
}
