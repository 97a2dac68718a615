import { hexOfLab, labOfHex } from '@zinc-ladder/core/colour/lab';
import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { averageSteps } from '@zinc-ladder/core/twins/averageSteps';
import type { PaintedStep, TwinDifference, TwinDifferenceKind } from '@zinc-ladder/core/twins/compareTwins';
import { compareTwins } from '@zinc-ladder/core/twins/compareTwins';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { gatherTwin } from '@zinc-ladder/model/gather/twins/gatherTwin';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Formats } from '../../../base/formats';
import { formatSpan } from '../../../base/formats';
import { useShop } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { useFormats } from '../../../features/formats/useFormats';
import { useTwinRecords } from '../../../features/record/useTwinRecords';
import { SelectField } from '../../../ui/fields/fields';
import { Swatch } from '../../../ui/swatch/Swatch';
import { Why } from '../../../ui/Why';

/** A bare print is told as middle grey. */
const BARE = labOfHex('#808080');
const AVERAGE = 'average';

const KIND_WORDS: Readonly<Record<TwinDifferenceKind, string>> = {
  onlyA: 'only here',
  onlyB: 'only there',
  order: 'at another place',
  product: 'another product',
  mix: 'another mix',
  film: 'another film',
  sheen: 'another sheen',
  grit: 'another grit',
  minutes: 'other minutes',
  air: 'other air',
  waiting: 'another wait before it',
  age: 'the last film is of another week: it still sinks in',
};

/** Two parts side by side as they were really made; what shows most first. */
export function TwinPanel({ part, index }: { readonly part: Part; readonly index: ShopIndex }) {
  const shop = useShop();
  const formats = useFormats();
  const records = useTwinRecords();
  const { made, alike } = useMemo(() => {
    const finishOf = ({ id }: Part): string | undefined => index.ladderOfPart.get(id)?.route?.finish;
    const isAlike = (other: Part): boolean => finishOf(other) === finishOf(part);
    // Parts of the same finish are what one wants to match, those of the same prop before others.
    const rankOf = (other: Part): number => (isAlike(other) ? 0 : 2) + (other.propId === part.propId ? 0 : 1);
    const done = [...index.parts.values()].filter(({ id }) => id !== part.id && index.rungsOf(id).some(({ state }) => state === 'done'));
    const sorted = done.toSorted((one, other) => rankOf(one) - rankOf(other));
    return { made: sorted, alike: sorted.filter(isAlike) };
  }, [index, part]);
  const [chosen, setChosen] = useState<string | null>(null);
  const otherId = chosen ?? made[0]?.id ?? '';
  const comparison = useMemo(() => {
    if (!records || otherId === '') return null;
    const others = otherId === AVERAGE ? alike : made.filter(({ id }) => id === otherId);
    const other = averageSteps(others.map(({ id }) => gatherTwin(records, id)));
    return compareTwins(gatherTwin(records, part.id), other, BARE, records.shop.mirroredShare);
  }, [records, otherId, part.id, alike, made]);
  if (!shop || made.length === 0)
    return <p className="text-dim">Once another part has rungs that are done, both can be held beside each other here.</p>;
  return (
    <section aria-label="Beside another part">
      <h3 className="label">Beside another part</h3>
      <div className="my-2 flex flex-wrap items-end gap-3">
        <div className="w-72">
          <SelectField
            label="Held beside"
            value={otherId}
            options={[
              ...made.map((one) => [one.id, `${index.props.get(one.propId)?.name ?? ''}: ${partLabel(one)}`] as const),
              ...(alike.length > 1 ? [[AVERAGE, `the usual one of ${alike.length} with this finish`] as const] : []),
            ]}
            onChange={setChosen}
          />
        </div>
        {otherId !== AVERAGE && (
          <Link className="min-h-9 content-center underline" to={`/ladders/${index.parts.get(otherId)?.propId ?? ''}/${otherId}`}>
            Its ladder
          </Link>
        )}
      </div>
      {comparison && (
        <>
          <p className="flex flex-wrap items-center gap-2">
            <Swatch colourHex={hexOfLab(comparison.labA)} className="h-8 w-8" /> this one
            <Swatch colourHex={hexOfLab(comparison.labB)} className="h-8 w-8" /> the other
            <span className="figure">
              <Why
                name="difference of the two"
                reason={{
                  formula: 'ΔE00 of what each stack of coats comes to, over a bare grey print',
                  inputs: [
                    ['this one, Lab', comparison.labA.map((value) => value.toFixed(1)).join(' ')],
                    ['the other, Lab', comparison.labB.map((value) => value.toFixed(1)).join(' ')],
                  ],
                  source: 'two-flux sums of the coats that are done; metallic and tinted clear coats are left out',
                }}
              >
                {comparison.deltaE.toFixed(1)}
              </Why>
            </span>
            <span>{tellDifference(comparison.labA, comparison.labB).bandWords}</span>
          </p>
          {comparison.differences.length === 0 && <p>No step of them differs by more than a hand varies by.</p>}
          <ol className="mt-2 grid gap-1">
            {comparison.differences.map((one, at) => (
              <li key={at} className="border-line grid grid-cols-[2rem_1fr_auto] border-t py-1">
                <span className="figure text-dim">{at + 1}</span>
                <span>
                  <span className="font-semibold">{(one.a ?? one.b)?.name}</span>: {KIND_WORDS[one.kind]}
                  <span className="text-dim block text-sm">{detailOf(one, index, formats)}</span>
                </span>
                <span className="figure text-sm">
                  {one.seen !== null && (
                    <Why
                      name={`how far ${(one.a ?? one.b)?.name ?? ''} is seen`}
                      reason={{
                        formula:
                          one.kind === 'sheen'
                            ? 'difference of the usual gloss units ÷ 10 (guessed)'
                            : 'ΔE00 between both − ΔE00 were only this mended',
                        inputs: one.deltaELeft === null ? [] : [['left were it mended', one.deltaELeft.toFixed(1)]],
                        source: 'effects of single steps do not add up: coats lie on each other',
                      }}
                    >
                      {one.seen.toFixed(1)}
                    </Why>
                  )}
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}

/** What it was here, and what there. */
function detailOf({ kind, a, b }: TwinDifference, index: ShopIndex, formats: Formats): string {
  const both = (of: (step: PaintedStep) => string | null): string => `${(a && of(a)) ?? 'not known'}, there ${(b && of(b)) ?? 'not known'}`;
  switch (kind) {
    case 'onlyA':
    case 'onlyB':
    case 'order':
      return '';
    case 'product':
    case 'mix':
      return both((step) => index.products.get(step.productId ?? '')?.name ?? null);
    case 'film':
      return both((step) => (step.micrometres === null ? null : formats.film(step.micrometres)));
    case 'sheen':
      return both((step) => step.sheen);
    case 'grit':
      return both((step) => step.grit);
    case 'minutes':
      return both((step) => (step.minutes === null ? null : formatSpan(step.minutes)));
    case 'waiting':
      return both((step) => (step.waitedMinutes === null ? null : formatSpan(Math.round(step.waitedMinutes))));
    case 'air':
      return both((step) => step.air && `${formats.temperature(step.air.temperatureCelsius)}, ${step.air.relativeHumidityPercent} %`);
    case 'age':
      return both((step) => (step.endedAtMs === null ? null : formats.full(step.endedAtMs)));
  }
}
