import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { METHODS } from '@zinc-ladder/core/ladder/methods';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useNow } from '../../clock/ClockContext';
import { useDerived, useShop, useTable, useTableQuery } from '../../data/queries';
import { usePersons } from '../../features/person/useAtBench';
import type { ShopIndex } from '../../data/useShopIndex';
import { useShopIndex } from '../../data/useShopIndex';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useTitle } from '../../features/title/pageTitle';
import { UndoBar } from '../../features/edit/UndoBar';
import { Button } from '../../ui/Button';
import { Labelled, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Picture } from '../../features/pictures/Picture';
import { download, fileName } from '../../base/download';
import { toLocalInput } from '../../base/localInput';
import type { LogRow } from '@zinc-ladder/model/log/logCsv';
import { writeLogCsv } from '@zinc-ladder/model/log/logCsv';
import { Swatch } from '../../ui/swatch/Swatch';
import type { Formats } from '../../base/formats';
import { formatSpan } from '../../base/formats';
import { useFormats } from '../../features/formats/useFormats';
import { useSettled } from '../../ui/fields/useSettled';
import { Why } from '../../ui/Why';
import { CorrectionForm } from './CorrectionForm';
import type { StandingEntry } from '@zinc-ladder/model/log/standingLog';
import { standingLog } from '@zinc-ladder/model/log/standingLog';
import type { LogFilter } from './filterLog';
import { compareLogged, FOR_NEXT_TIME } from './filterLog';
import { CardsFound } from './CardsFound';
import { TimeSheetForm } from './TimeSheetForm';
import { useFilterInAddress } from './useFilterInAddress';
import { LogSearch } from './LogSearch';
import { MinutesChart } from './MinutesChart';

const KIND_WORDS: Readonly<Record<LogEntry['kind'], string>> = {
  done: 'done',
  setDown: 'set down',
  note: 'note',
  mistake: 'mistake',
  reopened: 'opened again',
  deviation: 'done all the same',
};
const METHOD_NAMES = new Map(METHODS.map((method) => [method.id, method.name]));

const SUMS_AFTER_MS = 250;
const PREPARE_AFTER_MS = 300;
const PREPARE_EVERY_MS = 20;
const PREPARED_AT_ONCE = 2000;

/** What did I do? */
export function LogView() {
  useTitle('Log');
  const entries = useTable('logEntries');
  const query = useTableQuery('logEntries');
  const index = useShopIndex();
  const [filter, setFilter] = useFilterInAddress();
  // Typing stays ahead of a long list: the list follows when the keys allow.
  const shownFilter = useDeferredValue(filter);
  const standing = useDerived('logEntries', standingLog);
  const search = useMemo(() => new LogSearch(standing, (entry) => wordsOf(entry, index)), [standing, index]);
  useEffect(() => {
    // What entries are searched in is put together in the pauses, so that the first key is as quick as the others.
    let timer = setTimeout(function prepare() {
      if (search.prepare(PREPARED_AT_ONCE)) timer = setTimeout(prepare, PREPARE_EVERY_MS);
    }, PREPARE_AFTER_MS);
    return () => clearTimeout(timer);
  }, [search]);
  const shown = useMemo(() => search.find(shownFilter), [search, shownFilter]);
  // Sums and their chart follow when the keys rest.
  const summedFilter = useSettled(shownFilter, SUMS_AFTER_MS);
  const summed = useMemo(() => search.find(summedFilter), [search, summedFilter]);
  const compared = useMemo(
    () => compareLogged(summed, (entry) => METHOD_NAMES.get(index.rungs.get(entry.rungId ?? '')?.methodId ?? '') ?? 'rungs that are gone'),
    [summed, index],
  );
  const shop = useShop();
  const persons = usePersons();
  const save = (): void => {
    const zone = shop?.timeZone ?? 'UTC';
    const rows = shown.map(({ entry }): LogRow => {
      const rung = index.rungs.get(entry.rungId ?? '');
      return {
        when: toLocalInput(entry.atMs, zone).replace('T', ' '),
        kind: KIND_WORDS[entry.kind],
        prop: index.props.get(entry.propId ?? '')?.name ?? '',
        part: index.parts.get(entry.partId ?? '')?.name ?? '',
        rung: rung?.name ?? '',
        product: index.products.get(entry.productId ?? '')?.name ?? '',
        plannedMinutes: entry.plannedMinutes,
        minutes: entry.actualMinutes,
        celsius: entry.air?.temperatureCelsius ?? null,
        humidityPercent: entry.air?.relativeHumidityPercent ?? null,
        by: persons.find(({ id }) => id === entry.personId)?.name ?? '',
        words: entry.text,
      };
    });
    const newest = shown[0]?.entry.atMs ?? 0;
    download(writeLogCsv(rows), fileName(`${shop?.name ?? 'shop'} log`, toLocalInput(newest, zone).slice(0, 10), 'csv'), 'text/csv');
  };
  return (
    <div className="grid gap-4 lg:h-full lg:grid-cols-[minmax(0,1fr)_24rem]">
      <Sheet className="flex min-h-[60dvh] min-w-0 flex-col lg:min-h-0" label="Log">
        <Filters filter={filter} onFilter={setFilter} index={index} />
        <CardsFound text={shownFilter.text} />
        {query.isSuccess && entries.length === 0 && (
          <p className="text-dim p-5">
            Nothing logged yet. A rung that is done at the bench is written down here with its minutes and the air.
          </p>
        )}
        {entries.length > 0 && shown.length === 0 && <p className="text-dim p-5">Nothing fits this filter.</p>}
        <EntryList entries={shown} index={index} />
      </Sheet>
      <Sheet className="p-4" label="Planned and actual">
        <div className="flex items-center justify-between">
          <h2 className="label">Actual against planned</h2>
          <UndoBar />
        </div>
        {compared.ratio !== null && (
          <p className="my-2">
            <span className="font-label text-4xl font-semibold">
              <Why
                name="share of the planned time"
                reason={{
                  formula: 'actual minutes ÷ planned minutes × 100',
                  inputs: [
                    ['actual', formatSpan(compared.actual)],
                    ['planned', formatSpan(compared.planned)],
                    ['rungs with both', String(compared.count)],
                  ],
                  source: 'done entries of the log that the filter lets through',
                }}
              >
                {Math.round(compared.ratio * 100)} %
              </Why>
            </span>{' '}
            <span className="text-dim">
              of the planned time: {formatSpan(compared.actual)} for {formatSpan(compared.planned)}
            </span>
          </p>
        )}
        <MinutesChart sums={compared.sums} />
        <div className="border-line mt-4 grid justify-items-start gap-2 border-t pt-3">
          <Button disabled={shown.length === 0} onClick={save}>
            Save what is shown (CSV)
          </Button>
          <TimeSheetForm index={index} />
        </div>
      </Sheet>
    </div>
  );
}

function Filters({
  filter,
  onFilter,
  index,
}: {
  readonly filter: LogFilter;
  readonly onFilter: (filter: LogFilter) => void;
  readonly index: ShopIndex;
}) {
  const parts = [...index.parts.values()].filter((part) => !filter.propId || part.propId === filter.propId);
  const set = (fields: Partial<LogFilter>): void => onFilter({ ...filter, ...fields });
  return (
    <div className="border-line grid grid-cols-2 gap-2 border-b p-3 sm:grid-cols-5">
      <SelectField
        label="Prop"
        value={filter.propId}
        options={[['', 'all'], ...[...index.props.values()].map((prop) => [prop.id, prop.name] as const)]}
        onChange={(propId) => set({ propId, partId: '' })}
      />
      <SelectField
        label="Part"
        value={filter.partId}
        options={[['', 'all'], ...parts.map((part) => [part.id, partLabel(part)] as const)]}
        onChange={(partId) => set({ partId })}
      />
      <SelectField
        label="Product"
        value={filter.productId}
        options={[['', 'all'], ...[...index.products.values()].map((product) => [product.id, product.name] as const)]}
        onChange={(productId) => set({ productId })}
      />
      <SelectField
        label="Kind"
        value={filter.kind}
        options={[['', 'all'], ...Object.entries(KIND_WORDS), [FOR_NEXT_TIME, 'for next time']]}
        onChange={(kind) => set({ kind })}
      />
      <Labelled label="Words">
        {({ id }) => (
          <input id={id} type="search" className="field" value={filter.text} onChange={(event) => set({ text: event.target.value })} />
        )}
      </Labelled>
    </div>
  );
}

function EntryList({ entries, index }: { readonly entries: readonly StandingEntry[]; readonly index: ShopIndex }) {
  const scroller = useRef<HTMLDivElement>(null);
  const [correcting, setCorrecting] = useState<string | null>(null);
  // The virtualizer is only read here.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: entries.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 62,
    overscan: 12,
    getItemKey: (at) => entries[at]?.entry.id ?? at,
  });
  return (
    <div
      ref={scroller}
      className="min-h-0 flex-1 overflow-auto"
      tabIndex={0}
      role="region"
      aria-label={`${entries.length} entries, newest first`}
    >
      <ol className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => {
          const standing = entries[row.index];
          if (!standing) return null;
          return (
            <li
              key={row.key}
              ref={rows.measureElement}
              data-index={row.index}
              aria-posinset={row.index + 1}
              aria-setsize={entries.length}
              className="border-line absolute w-full border-b"
              style={{ transform: `translateY(${row.start}px)` }}
            >
              <EntryRow
                standing={standing}
                index={index}
                isCorrecting={correcting === standing.entry.id}
                onCorrect={(isOn) => setCorrecting(isOn ? standing.entry.id : null)}
              />
            </li>
          );
        })}
      </ol>
    </div>
  );
}

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
  const by = usePersons().find(({ id }) => id === entry.personId);
  return (
    <article>
      <div className="grid grid-cols-[6.5rem_1fr_auto] items-start gap-x-3 px-4 py-2 sm:grid-cols-[6.5rem_1fr_auto_auto]">
        <p>
          <span className="figure block text-sm">{formats.moment(entry.atMs, now)}</span>
          <span className={`text-sm ${entry.kind === 'mistake' || entry.kind === 'deviation' ? 'text-oxide font-semibold' : 'text-dim'}`}>
            {KIND_WORDS[entry.kind]}
            {by ? `, ${by.name}` : entry.personId !== null && ', by somebody who has left'}
          </span>
        </p>
        <div className="min-w-0">
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
          {replaced.length > 0 && <p className="text-dim text-sm">corrected; it said {describe(replaced[0], entry, formats, now)}</p>}
        </div>
        <div className="text-right">
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
        <div className="text-right max-sm:col-span-3">
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

function describe(before: LogEntry | undefined, after: LogEntry, formats: Formats, nowMs: number): string {
  if (!before) return '';
  const said = [
    before.atMs === after.atMs ? null : formats.moment(before.atMs, nowMs),
    before.actualMinutes === after.actualMinutes ? null : before.actualMinutes === null ? 'no minutes' : formatSpan(before.actualMinutes),
    before.text === after.text ? null : before.text === '' ? 'no words' : `“${before.text}”`,
  ].filter((word) => word !== null);
  return said.join(', ') || 'the same';
}

function wordsOf(entry: LogEntry, index: ShopIndex): string {
  return `${titleOf(entry, index)} ${index.products.get(entry.productId ?? '')?.name ?? ''} ${entry.text}`.toLowerCase();
}

function titleOf(entry: LogEntry, index: ShopIndex): string {
  if (entry.rungId !== null && index.rungs.has(entry.rungId)) return index.rungTitle(entry.rungId);
  const part = index.parts.get(entry.partId ?? '');
  if (part) return partLabel(part);
  return index.props.get(entry.propId ?? '')?.name ?? 'The shop';
}
