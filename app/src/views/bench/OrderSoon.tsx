import { localDay } from '@zinc-ladder/core/time/workingHours';
import { Link } from 'react-router';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import { useFormats } from '../../features/formats/useFormats';
import { useShelf, useShelfChoice } from '../../features/shelf/useShelf';

const DAY_MS = 86_400_000;

/** What must be ordered today or tomorrow so that the plan does not wait for it; nothing where nothing must. */
export function OrderSoon() {
  const { chance, days } = useShelfChoice();
  const lines = useShelf(chance, days);
  const zone = useShop()?.timeZone ?? 'UTC';
  const formats = useFormats();
  const now = useNow(300_000);
  const [today, tomorrow] = [localDay(now, zone).date, localDay(now + DAY_MS, zone).date];
  const soon = (lines ?? []).flatMap(({ product, curve, orderByMs }) => {
    const day = orderByMs === null ? null : localDay(orderByMs, zone).date;
    return day === today || day === tomorrow
      ? [{ product, runsOutMs: curve.runsOutMs ?? now, when: day === today ? 'today' : 'tomorrow' }]
      : [];
  });
  if (soon.length === 0) return null;
  return (
    <ul aria-label="To be ordered" className="border-oxide my-2 border-l-4 pl-3">
      {soon.map(({ product, runsOutMs, when }) => (
        <li key={product.id}>
          Order {product.name} {when}: it runs out <span className="figure">{formats.moment(runsOutMs, now)}</span>.{' '}
          <Link className="in-text underline" to="/shop/shelf">
            Shelf
          </Link>
        </li>
      ))}
    </ul>
  );
}
