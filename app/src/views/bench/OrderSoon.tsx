import { Link } from 'react-router';
import { useNow } from '../../clock/ClockContext';
import { useFormats } from '../../features/formats/useFormats';
import { useOrderSoon } from '../../features/shelf/useOrderSoon';

/** What must be ordered today or tomorrow so that the plan does not wait for it; nothing where nothing must. */
export function OrderSoon() {
  const soon = useOrderSoon();
  const formats = useFormats();
  const now = useNow(300_000);
  if (soon.length === 0) return null;
  return (
    <ul aria-label="To be ordered" className="border-oxide my-2 border-l-4 pl-3">
      {soon.map(({ thing, runsOutMs, when }) => (
        <li key={thing.id}>
          Order {thing.name} {when}: it runs out <span className="figure">{formats.moment(runsOutMs, now)}</span>.{' '}
          <Link className="in-text underline" to={`/shelf/needs?of=${encodeURIComponent(thing.id)}`}>
            Shelf
          </Link>
        </li>
      ))}
    </ul>
  );
}
