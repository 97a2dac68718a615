import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { Kept } from '@zinc-ladder/model/records/shelf/kept';
import { LEVELS } from '@zinc-ladder/model/records/shelf/kept';
import type { Supply } from '@zinc-ladder/model/records/shelf/supply';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { countCan } from '../../../data/changes/shelf/canChanges';
import { countSupply } from '../../../data/changes/shelf/supplyChanges';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { ageWords, amountText, UNIT_NAMES } from '../../../features/shelf/shelfWords';
import { Button } from '../../../ui/Button';
import { InlineField, InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Swatch } from '../../../ui/swatch/Swatch';
import type { KeptThing } from './keptThings';
import { MoneyField } from '../MoneyField';

const LEVEL_WORDS = { enough: 'enough, by a look', low: 'low, by a look', out: 'out' } as const;

/** A can or a supply: how much, how old, where; the rest of it where it is asked for. */
export function KeptRow({ kept, nowMs, shop }: { readonly kept: KeptThing; readonly nowMs: number; readonly shop: Shop }) {
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const [isOpen, setOpen] = useState(false);
  const { record, name, unit, left, age } = kept;
  const table = kept.kind === 'can' ? 'cans' : 'supplies';
  const patch = (what: string, fields: Partial<Kept>): void =>
    void edit(`Change ${what} of ${name}`, (change) => change.patch(table, record.id, fields, record));
  const count = (value: number | null): void => {
    if (value === null) return;
    void edit(`Count ${name}`, (change) =>
      kept.kind === 'can' ? countCan(change, record.id, value, clock.now(), false) : countSupply(change, kept.record, value, clock.now()),
    );
  };
  const now = (): number => Math.round(clock.now());
  const old = ageWords(age, formats);
  return (
    <li className="border-line border-t py-2">
      <div className="grid grid-cols-[minmax(0,1fr)_7rem_8.5rem_auto] items-end gap-3 max-md:grid-cols-2">
        <div className="flex min-w-0 items-center gap-2 self-center max-md:col-span-2">
          {kept.product ? (
            <Swatch colourHex={hexOfProduct(kept.product)} className="h-5 w-5 shrink-0" />
          ) : (
            <span aria-hidden="true" className="border-line inline-block h-5 w-5 shrink-0 border border-dashed" />
          )}
          <div className="min-w-0">
            <p className="font-semibold">
              {name}
              {record.place && <span className="text-dim font-normal"> · {record.place}</span>}
            </p>
            <p className={old ? 'text-oxide text-sm' : 'text-dim text-sm'}>
              {old ?? (kept.openedAtMs === null ? 'not opened' : `open since ${formats.day(kept.openedAtMs)}`)}
            </p>
          </div>
        </div>
        {record.level === null ? (
          <InlineNumber label="Left" unit={UNIT_NAMES[unit]} value={left} min={0} max={100_000} onKeep={count} />
        ) : (
          <p className="text-dim self-center text-sm">not counted</p>
        )}
        <SelectField
          label="Counted"
          value={record.level ?? 'counted'}
          options={[['counted', 'by number'], ...LEVELS.map((level) => [level, LEVEL_WORDS[level]] as const)]}
          onChange={(level) =>
            patch('how it is counted', level === 'counted' ? { level: null, countedAtMs: now() } : { level: level as Kept['level'] })
          }
        />
        <Button aria-expanded={isOpen} aria-label={`${isOpen ? 'Less' : 'More'} of ${name}`} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Less' : 'More'}
        </Button>
      </div>
      {isOpen && (
        <div className="mt-2 grid grid-cols-2 items-end gap-3 md:grid-cols-4">
          {kept.kind === 'supply' && <SupplyFields supply={kept.record} />}
          <InlineField label="Place" value={record.place} maxLength={200} onKeep={(place) => patch('the place', { place: place.trim() })} />
          <InlineField label="Lot" value={record.lot} maxLength={200} onKeep={(lot) => patch('the lot', { lot: lot.trim() })} />
          <MoneyField label="Paid" value={record.paid} shop={shop} onKeep={(paid) => patch('what was paid', { paid })} />
          <InlineField label="Note" value={record.note} maxLength={200} onKeep={(note) => patch('the note', { note })} />
          {kept.kind === 'can' && kept.product.mixParts && (
            <SelectField
              label="Holds"
              value={kept.record.half ?? 'whole'}
              options={[
                ['whole', 'both, or ready'],
                ['a', 'part A'],
                ['b', 'part B'],
              ]}
              onChange={(half) =>
                void edit(`Change what a can of ${name} holds`, (change) =>
                  change.patch('cans', record.id, { half: half === 'whole' ? null : (half as 'a' | 'b') }, kept.record),
                )
              }
            />
          )}
          <div className="col-span-full flex flex-wrap gap-2">
            {kept.openedAtMs === null && <Button onClick={() => patch('the opening', { openedAtMs: now() })}>Opened now</Button>}
            {record.openedAtMs !== null && <Button onClick={() => patch('the opening', { openedAtMs: null })}>It is closed</Button>}
            <Button onClick={() => patch('when it came', { boughtAtMs: now() })}>Came today</Button>
            {age.state !== 'good' && <Button onClick={() => patch('the trial', { provedAtMs: now() })}>Tried on a card, it is good</Button>}
            <Button
              look="quiet"
              className="ml-auto"
              onClick={() => void edit(`Take ${name} away`, (change) => change.remove(table, record.id))}
            >
              Take away
            </Button>
          </div>
          <p className="text-dim col-span-full text-sm">
            {record.countedAtMs === null
              ? 'Never counted since it came.'
              : `Counted ${formats.moment(record.countedAtMs, nowMs)} as ${amountText(kept.kind === 'can' ? kept.record.leftMillilitres : kept.record.left, unit, formats)}.`}
            {record.boughtAtMs !== null && ` Came ${formats.day(record.boughtAtMs)}.`}
            {record.provedAtMs !== null && ` Tried ${formats.day(record.provedAtMs)}.`}
            {age.endsMs !== null && ` Keeps until about ${formats.day(age.endsMs)} (common practice, or as its label says).`}
          </p>
        </div>
      )}
    </li>
  );
}

function SupplyFields({ supply }: { readonly supply: Supply }) {
  const edit = useEdit();
  const kind = findSupplyKind(supply.kindId);
  const patch = (what: string, fields: Partial<Supply>): void =>
    void edit(`Change ${what} of ${supply.name}`, (change) => change.patch('supplies', supply.id, fields, supply));
  return (
    <>
      <InlineField
        label="Name"
        value={supply.name}
        maxLength={200}
        check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
        onKeep={(name) => patch('the name', { name: name.trim() })}
      />
      {kind.isGritted && (
        <InlineNumber
          label="Grit, P"
          value={supply.grit}
          min={8}
          max={20_000}
          isWhole
          mayBeEmpty
          onKeep={
            (grit) =>
            patch('the grit', grit !== null && supply.name.endsWith(` P${supply.grit}`) ? { grit, name: supply.name.replace(/P\d+$/u, `P${grit}`) } : { grit }) // prettier-ignore
          }
        />
      )}
      {kind.isWide && (
        <InlineNumber
          label="Width"
          unit="mm"
          value={supply.widthMillimetres}
          min={0.1}
          max={5000}
          mayBeEmpty
          onKeep={(widthMillimetres) => patch('the width', { widthMillimetres })}
        />
      )}
      <InlineNumber
        label="Keeps opened, months"
        value={supply.openedMonths}
        min={0.1}
        max={1200}
        mayBeEmpty
        onKeep={(openedMonths) => patch('how long it keeps', { openedMonths })}
      />
    </>
  );
}
