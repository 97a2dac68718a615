import { ZONES } from '@zinc-ladder/core/surface/measure/zones';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import type { Surface } from '../gathered/useSurface';

/** The passes so far, the newest first. */
export function PassList({ surface }: { readonly surface: Surface }) {
  const { passes, openCounts, part } = surface;
  const edit = useEdit();
  const formats = useFormats();
  if (passes.length === 0) return null;
  return (
    <ol className="border-line mt-3 border-t" reversed>
      {passes
        .map((pass, at) => ({ pass, at }))
        .toReversed()
        .map(({ pass, at }) => (
          <li key={pass.id} className="border-line border-b py-1.5 text-sm">
            <div className="flex items-baseline justify-between gap-2">
              <b>Pass {at + 1}</b>
              <span className="figure text-dim">{formats.day(pass.atMs)}</span>
            </div>
            <p className="figure">
              {formatSpan(pass.minutes)}, {pass.valleyMicrometres === null ? 'not judged' : formats.film(pass.valleyMicrometres)},{' '}
              {openCounts[at]} open
            </p>
            <p className="text-dim">
              {pass.zone && `${ZONES.find((zone) => zone.id === pass.zone)?.name.toLowerCase() ?? pass.zone}, `}
              {pass.isGuideCoat ? 'guide coat' : 'no guide coat'}
              {pass.note && `; ${pass.note}`}
            </p>
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Take away: pass ${at + 1}`}
              onClick={() => void edit(`Take pass ${at + 1} of ${part.name} away`, (change) => change.remove('passes', pass.id))}
            >
              Take away
            </Button>
          </li>
        ))}
    </ol>
  );
}
