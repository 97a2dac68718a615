import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { isCounted } from '@zinc-ladder/model/gather/shelf/shelfThing';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useNow } from '../../../clock/ClockContext';
import { useShop } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { amountRange, amountText, orderDayWords } from '../../../features/shelf/shelfWords';
import { useShelf } from '../../../features/shelf/useShelf';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { Why } from '../../../ui/Why';
import { LineSheet } from './LineSheet';
import { CheckField } from '../../../ui/fields/CheckField';
import { WideTable } from '../../../ui/WideTable';

const CHANCES = [
  ['0.5', 'as likely as not'],
  ['0.8', 'four of five'],
  ['0.9', 'nine of ten'],
  ['0.95', 'nineteen of twenty'],
] as const;

/** What the plan takes of the shelf, what runs out, and by when to order. */
export function NeedsTab() {
  const shop = useShop();
  const edit = useEdit();
  const [search, setSearch] = useSearchParams();
  const [isAll, setAll] = useState(false);
  const now = useNow(60_000);
  const formats = useFormats();
  const lines = useShelf();
  if (!shop) return null;
  const open = lines?.find(({ thing }) => thing.id === search.get('of')) ?? lines?.[0];
  const short = lines?.filter(({ orderByMs }) => orderByMs !== null).length ?? 0;
  const taken = lines?.filter(({ curve }) => curve.needed > 0) ?? [];
  const shown = isAll ? (lines ?? []) : taken;
  const patch = (what: string, fields: Partial<typeof shop>): void =>
    void edit(`Change ${what}`, (change) => change.patch('shop', shop.id, fields, shop));
  const chances = CHANCES.some(([value]) => Number(value) === shop.shelfChance)
    ? CHANCES
    : ([...CHANCES, [String(shop.shelfChance), `${Math.round(shop.shelfChance * 100)} of 100`]] as const);
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <Sheet className="min-w-0 p-4" label="What the plan takes">
        <div className="mb-3 flex flex-wrap items-end gap-4">
          <h2 className="font-label mr-auto text-2xl font-semibold">{lines ? headline(short, taken.length) : 'Waiting for the plan…'}</h2>
          <div className="w-40">
            <SelectField
              label="How sure"
              value={String(shop.shelfChance)}
              options={chances}
              onChange={(value) => patch('how sure the shelf is', { shelfChance: Number(value) })}
            />
          </div>
          <div className="w-28">
            <InlineNumber
              label="Days of a parcel"
              value={shop.parcelDays}
              min={0}
              max={365}
              isWhole
              onKeep={(value) => value !== null && patch('the days of a parcel', { parcelDays: value })}
            />
          </div>
        </div>
        {lines && taken.length === 0 && <p className="text-dim">Nothing that is still to do takes anything from the shelf.</p>}
        {shown.length > 0 && (
          <WideTable label="Things of the shelf">
            <table className="w-full text-left">
              <thead>
                <tr>
                  <th className="label">What</th>
                  <th className="label px-3 text-right max-md:hidden">There now</th>
                  <th className="label px-3 text-right max-md:hidden">The plan takes</th>
                  <th className="label px-3">Runs out</th>
                  <th className="label">Order by</th>
                </tr>
              </thead>
              <tbody>
                {shown.map((line) => (
                  <tr key={line.thing.id} className={`border-line border-t ${line === open ? 'bg-band' : ''}`}>
                    <td className="py-1 pr-2">
                      <button
                        type="button"
                        aria-pressed={line === open}
                        className="target flex min-h-9 cursor-pointer items-center gap-2 text-left font-semibold"
                        onClick={() => setSearch({ of: line.thing.id }, { replace: true })}
                      >
                        {line.thing.product ? (
                          <Swatch colourHex={hexOfProduct(line.thing.product)} className="h-5 w-5" />
                        ) : (
                          <span aria-hidden="true" className="border-line inline-block h-5 w-5 shrink-0 border border-dashed" />
                        )}
                        {line.thing.name}
                      </button>
                      <p className="text-dim text-sm md:hidden">
                        {line.look ? `${line.look}, by a look` : `${amountText(line.stock, line.thing.unit, formats)} there`}, takes{' '}
                        {amountText(line.curve.needed, line.thing.unit, formats)}
                      </p>
                    </td>
                    <td className="figure px-3 text-right whitespace-nowrap max-md:hidden">
                      {line.look === null || line.stock > 0 ? amountText(line.stock, line.thing.unit, formats) : ''}
                      {line.look && <span className="block text-sm">{line.look}, by a look</span>}
                      {line.curve.arriving > 0 && (
                        <span className="text-dim ml-auto block max-w-24 text-sm whitespace-normal">
                          + {amountText(line.curve.arriving, line.thing.unit, formats)} ordered
                        </span>
                      )}
                    </td>
                    <td className="figure px-3 text-right whitespace-nowrap max-md:hidden">
                      <Needed line={line} chance={shop.shelfChance} />
                    </td>
                    <td className="figure px-3 whitespace-nowrap">
                      {line.curve.runsOutMs === null ? <span className="text-dim">lasts</span> : formats.moment(line.curve.runsOutMs, now)}
                    </td>
                    <td className={`figure whitespace-nowrap ${line.orderByMs === null ? '' : 'text-oxide'}`}>
                      {line.orderByMs !== null && orderDayWords(line.orderByMs, now, shop.timeZone, formats)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </WideTable>
        )}
        {lines && lines.length > taken.length && (
          <CheckField label="Supplies the plan does not take, too" checked={isAll} onChange={setAll} className="mt-2" />
        )}
        <p className="text-dim mt-3 text-sm">
          By film and area of every rung that is still to do; paper, tape and gloves that are on the list by area and pieces. What was
          logged since a can was counted is taken off it.
        </p>
      </Sheet>
      {open && <LineSheet line={open} nowMs={now} shop={shop} />}
    </div>
  );
}

function headline(short: number, taken: number): string {
  if (taken === 0) return 'Nothing is taken';
  return short === 0
    ? 'All that the plan takes is there.'
    : `${short} of ${taken} things ${short === 1 ? 'runs' : 'run'} out before the plan is done.`;
}

function Needed({ line: { thing, curve }, chance }: { readonly line: ShelfLine; readonly chance: number }) {
  const formats = useFormats();
  const text = (amount: number): string => amountText(amount, thing.unit, formats);
  if (curve.needed === 0) return <span className="text-dim">nothing</span>;
  if (isCounted(thing))
    return (
      <Why
        name={`what the plan takes of ${thing.name}`}
        reason={{
          formula: 'as many as the plans of lights say, until their rungs are done',
          inputs: [['missing', text(curve.missing)]],
          source: 'the lights in Ladders',
        }}
      >
        {text(curve.needed)}
      </Why>
    );
  return (
    <Why
      name={`what the plan takes of ${thing.name}`}
      reason={{
        formula: thing.product
          ? 'sum over rungs of film × area ÷ (volume solids × transfer) × own use; 90 % interval by √(Σ (share each)² + (share of all)²)'
          : 'sum over rungs by area, pieces or minutes; 90 % interval by √(Σ (share each)² + (share of all)²)',
        inputs: [
          ['moments it is taken', String(curve.steps.length)],
          ['missing, to be sure in', `${Math.round(chance * 100)} of 100: ${text(curve.missing)}`],
        ],
        source: thing.product
          ? 'spreading formula; spreads: 25 % a coat, all together by what cans weighed (guess until then); quantile of a normal need'
          : 'uses by area, piece and minute are guesses, as are their spreads; weigh or count now and then',
      }}
    >
      {text(curve.needed)}
      <span className="block text-sm">{amountRange(curve.low, curve.high, thing.unit, formats)}</span>
    </Why>
  );
}
