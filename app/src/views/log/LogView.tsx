import { METHODS } from '@zinc-ladder/core/ladder/methods';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { useDeferredValue, useEffect, useMemo } from 'react';
import { useDerived, useShop, useTable, useTableQuery } from '../../data/queries';
import { usePersons } from '../../features/person/useAtBench';
import type { ShopIndex } from '../../data/useShopIndex';
import { useShopIndex } from '../../data/useShopIndex';
import { useTitle } from '../../features/title/pageTitle';
import { UndoBar } from '../../features/edit/UndoBar';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { download, fileName } from '../../base/download';
import { toLocalInput } from '../../base/localInput';
import type { LogRow } from '@zinc-ladder/model/log/logCsv';
import { writeLogCsv } from '@zinc-ladder/model/log/logCsv';
import { formatSpan } from '../../base/formats';
import { useSettled } from '../../ui/fields/useSettled';
import { Why } from '../../ui/Why';
import { standingLog } from '@zinc-ladder/model/log/standingLog';
import { CardsFound } from './CardsFound';
import { EntryList } from './EntryList';
import { LogFilters } from './LogFilters';
import { KIND_WORDS, titleOf } from './logWords';
import { TimeSheetForm } from './TimeSheetForm';
import { useFilterInAddress } from './useFilterInAddress';
import { LogSearch } from './LogSearch';
import { MinutesChart } from './MinutesChart';

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
  const search = useMemo(
    () => new LogSearch(standing, { words: (entry) => wordsOf(entry, index), key: (entry) => methodOf(entry, index) }),
    [standing, index],
  );
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
  const compared = useMemo(() => search.compare(summedFilter), [search, summedFilter]);
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
    <div className="grid grid-cols-1 gap-4 lg:h-full lg:grid-cols-[minmax(0,1fr)_24rem]">
      <Sheet className="flex min-h-[60dvh] min-w-0 flex-col lg:min-h-0" label="Log">
        <LogFilters filter={filter} onFilter={setFilter} index={index} />
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

function methodOf(entry: LogEntry, index: ShopIndex): string {
  return METHOD_NAMES.get(index.rungs.get(entry.rungId ?? '')?.methodId ?? '') ?? 'rungs that are gone';
}

function wordsOf(entry: LogEntry, index: ShopIndex): string {
  return `${titleOf(entry, index)} ${index.products.get(entry.productId ?? '')?.name ?? ''} ${entry.text}`.toLowerCase();
}
