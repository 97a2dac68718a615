import { USUAL_SPREAD } from '@zinc-ladder/core/shelf/stockCurve';
import { localDay } from '@zinc-ladder/core/time/workingHours';
import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { useState } from 'react';
import { useNow } from '../../../clock/ClockContext';
import { useShop } from '../../../data/queries';
import { useFormats } from '../../../features/formats/useFormats';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { Why } from '../../../ui/Why';
import { StockChart } from './StockChart';
import { useShelf, useShelfChoice } from '../../../features/shelf/useShelf';

const CHANCES = [
  ['0.5', 'as likely as not'],
  ['0.8', 'four of five'],
  ['0.9', 'nine of ten'],
  ['0.95', 'nineteen of twenty'],
] as const;

/** Have I got it? What the plan takes of the shelf, what runs out, and by when to order. */
export function ShelfSection() {
  const { chance, setChance, days, setDays } = useShelfChoice();
  const [openId, setOpenId] = useState<string | null>(null);
  const now = useNow(60_000);
  const formats = useFormats();
  const lines = useShelf(chance, days);
  const open = lines?.find(({ product }) => product.id === openId) ?? lines?.[0];
  const short = lines?.filter(({ orderByMs }) => orderByMs !== null).length ?? 0;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <Sheet className="min-w-0 p-4" label="Shelf">
        <div className="mb-3 flex flex-wrap items-end gap-4">
          <h2 className="font-label mr-auto text-2xl font-semibold">Have I got it?</h2>
          <div className="w-44">
            <SelectField label="How sure" value={String(chance)} options={CHANCES} onChange={(value) => setChance(() => Number(value))} />
          </div>
          <div className="w-32">
            <InlineNumber
              label="Days to get it"
              value={days}
              min={0}
              max={60}
              onKeep={(value) => value !== null && setDays(() => Math.round(value))}
            />
          </div>
        </div>
        {!lines && <p className="text-dim">Waiting for the plan…</p>}
        {lines?.length === 0 && <p className="text-dim">Nothing that is still to do takes a product.</p>}
        {lines && lines.length > 0 && (
          <p className="mb-2">
            {short === 0
              ? 'All that the plan takes is on the shelf.'
              : `${short} of ${lines.length} products run out before the plan is done.`}
          </p>
        )}
        {lines && lines.length > 0 && (
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Products of the shelf">
            <table className="w-full text-left">
              <thead>
                <tr>
                  <th className="label">Product</th>
                  <th className="label px-3 text-right">On the shelf</th>
                  <th className="label px-3 text-right">The plan takes</th>
                  <th className="label px-3">Runs out</th>
                  <th className="label">Order by</th>
                </tr>
              </thead>
              <tbody>
                {lines.map((line) => (
                  <tr key={line.product.id} className={`border-line border-t ${line.product.id === open?.product.id ? 'bg-band' : ''}`}>
                    <td className="py-1 pr-2">
                      <button
                        type="button"
                        aria-pressed={line.product.id === open?.product.id}
                        className="target flex min-h-9 cursor-pointer items-center gap-2 text-left font-semibold"
                        onClick={() => setOpenId(line.product.id)}
                      >
                        <Swatch colourHex={hexOfProduct(line.product)} className="h-5 w-5" />
                        {line.product.name}
                      </button>
                    </td>
                    <td className="figure px-3 text-right whitespace-nowrap">{formats.volume(line.stock)}</td>
                    <td className="figure px-3 text-right whitespace-nowrap">
                      <Needed line={line} chance={chance} />
                    </td>
                    <td className="figure px-3">
                      {line.curve.runsOutMs === null ? <span className="text-dim">lasts</span> : formats.moment(line.curve.runsOutMs, now)}
                    </td>
                    <td className={`figure ${line.orderByMs === null ? '' : 'text-oxide'}`}>
                      {line.orderByMs !== null && <OrderBy atMs={line.orderByMs} nowMs={now} />}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <p className="text-dim mt-3 text-sm">
          By film and area of every rung that is still to do. What cans really hold is typed under Products, or weighed under Colour.
        </p>
      </Sheet>
      {open && (
        <Sheet className="min-w-0 p-4" label="Along the plan">
          <h2 className="label mb-2">{open.product.name}, along the plan</h2>
          <StockChart line={open} nowMs={now} formats={formats} />
          <dl className="mt-2 grid grid-cols-2 gap-x-4">
            <dt className="text-dim">Promised to the plan</dt>
            <dd className="figure text-right">{formats.volume(open.curve.reserved)}</dd>
            <dt className="text-dim">Free</dt>
            <dd className="figure text-right">{formats.volume(open.curve.free)}</dd>
            {open.curve.missing > 0 && (
              <>
                <dt className="text-dim">Missing, to be that sure</dt>
                <dd className="figure text-oxide text-right">{formats.volume(open.curve.missing)}</dd>
              </>
            )}
          </dl>
        </Sheet>
      )}
    </div>
  );
}

/** The day it is to be ordered on: that day still counts as a whole. */
function OrderBy({ atMs, nowMs }: { readonly atMs: number; readonly nowMs: number }) {
  const formats = useFormats();
  const zone = useShop()?.timeZone ?? 'UTC';
  const [day, today] = [localDay(atMs, zone).date, localDay(nowMs, zone).date];
  return <>{day < today ? 'too late for a parcel' : day === today ? 'today' : formats.day(atMs)}</>;
}

function Needed({ line: { product, curve }, chance }: { readonly line: ShelfLine; readonly chance: number }) {
  const formats = useFormats();
  return (
    <Why
      name={`what the plan takes of ${product.name}`}
      reason={{
        formula: 'sum over rungs of film × area ÷ (volume solids × transfer); 90 % interval by √(Σ (share each)² + (share of all)²)',
        inputs: [
          ['rungs', String(curve.steps.length)],
          ['a single coat varies by', `${USUAL_SPREAD.each * 100} % (guess)`],
          ['all of one product together by', `${USUAL_SPREAD.all * 100} % (guess)`],
          ['missing, to be sure in', `${Math.round(chance * 100)} of 100: ${formats.volume(curve.missing)}`],
        ],
        source: 'spreading formula; the quantile of a normal need',
      }}
    >
      {formats.volume(curve.needed)}
      <span className="block text-sm">
        {formats.volume(curve.low)} – {formats.volume(curve.high)}
      </span>
    </Why>
  );
}
