import { MILESTONES, labelMinutes } from '@zinc-ladder/core/cure/dryingData';
import { learnedOf, productDrying, statedDrying } from '@zinc-ladder/model/products/productDrying';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { formatSpan } from '../../../base/formats';
import { useNow } from '../../../clock/ClockContext';
import { useEdit } from '../../../features/edit/useEdit';
import { STAGE_WORDS } from '../../../features/film/stageWords';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { Why } from '../../../ui/Why';

/** How a product really dries in this shop, before and after its films were tried, and what taught it. */
export function LearnedDrying({ product }: { readonly product: Product }) {
  const edit = useEdit();
  const formats = useFormats();
  const now = useNow(60_000);
  if (product.sightings.length === 0)
    return (
      <p className="text-dim text-sm">
        No film of it was tried yet. “I tried it” beside a drying film on the bench teaches how long it really takes here.
      </p>
    );
  const { factor, low, high, count } = learnedOf(product);
  const [stated, learned] = [statedDrying(product), productDrying(product)];
  return (
    <section aria-label="How it really dries here">
      <h3 className="label">How it really dries here</h3>
      <p>
        <Why
          name="how it really dries"
          reason={{
            formula: 'label time × factor; posterior mean of ln(factor) over a normal prior about 0',
            inputs: [
              ['films tried', String(count)],
              ['90 % interval', `${low.toFixed(2)}–${high.toFixed(2)}`],
              ['prior', 'one standard deviation of ln time between cans 0.35, of a thumb 0.2 (both guessed)'],
            ],
            source: 'what was tried on the bench; the closing of a recoat window is never put off by it',
          }}
        >
          {factor.toFixed(2)} × the label’s time
        </Why>{' '}
        (<span className="figure">{`${low.toFixed(2)}–${high.toFixed(2)}`}</span>) by {count} {count === 1 ? 'film' : 'films'}.
      </p>
      <table className="mt-1 w-full text-sm">
        <thead>
          <tr>
            <th className="label text-left">Stage</th>
            <th className="label text-right">By class and label</th>
            <th className="label text-right">Here</th>
          </tr>
        </thead>
        <tbody>
          {MILESTONES.map((stage) => {
            const [before, after] = [labelMinutes(stated, stage), labelMinutes(learned, stage)];
            return before === null || after === null ? null : (
              <tr key={stage} className="border-line border-t">
                <td>{STAGE_WORDS[stage]}</td>
                <td className="figure text-right">{formatSpan(Math.round(before))}</td>
                <td className="figure text-right">{formatSpan(Math.round(after))}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <ul className="mt-2 text-sm">
        {product.sightings.map((sighting, at) => (
          <li key={at} className="flex flex-wrap items-center gap-x-2">
            <span className="figure">{formats.moment(sighting.atMs, now)}</span>
            <span>
              {sighting.isReached ? '' : 'not '}
              {STAGE_WORDS[sighting.stage]}
              {sighting.isReached ? '' : ' yet'} at {(sighting.elapsedMinutes / sighting.expectedMinutes).toFixed(2)} × its time
            </span>
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Forget the film tried ${formats.moment(sighting.atMs, now)}`}
              onClick={() =>
                void edit(`Forget a film of ${product.name}`, (change) =>
                  change.patch('products', product.id, { sightings: product.sightings.filter((_, nth) => nth !== at) }, product),
                )
              }
            >
              Forget
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
