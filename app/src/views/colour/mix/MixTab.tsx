import type { ColourTarget } from '@zinc-ladder/model/records/colour/colourTarget';
import { Link, Navigate } from 'react-router';
import { useTable, useTableQuery } from '../../../data/queries';
import { useTitle } from '../../../features/title/pageTitle';
import { NewTarget } from './NewTarget';
import { RecipeDesk } from './RecipeDesk';
import { TargetPictures } from './TargetPictures';

/** A target, the recipe for it, and what is near it already. */
export function MixTab({ targetId }: { readonly targetId: string | null }) {
  const isRead = useTableQuery('targets').isSuccess;
  const targets = useTable('targets').toSorted((a, b) => a.name.localeCompare(b.name));
  const cards = useTable('mixCards');
  const target = targets.find((entry) => entry.id === targetId);
  // A colour that is being mixed comes before one that is only kept.
  const first = targets.find((entry) => cards.some((card) => card.targetId === entry.id)) ?? targets[0];
  useTitle(target ? target.name : 'Colour');
  if (!isRead) return null;
  if (target) return <OpenTarget key={target.id} target={target} targets={targets} />;
  if (first && targetId === null) return <Navigate to={`/colour/mix/${first.id}`} replace />;
  return (
    <div className="grid max-w-xl gap-4">
      <h1 className="sr-only">Colour</h1>
      {first ? (
        <p>
          This target is not here.{' '}
          <Link className="in-text underline" to="/colour/mix">
            To the targets there are
          </Link>
        </p>
      ) : (
        <>
          <p>
            No colour is wanted yet. A target is a colour by name, such as “band green”: sample it in reference pictures, or type what a
            reader or a swatch book says.
          </p>
          <Link className="in-text underline underline-offset-4" to="/colour/pictures">
            Sample a reference picture
          </Link>
        </>
      )}
      <NewTarget />
    </div>
  );
}

function OpenTarget({ target, targets }: { readonly target: ColourTarget; readonly targets: readonly ColourTarget[] }) {
  return (
    <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[14rem_minmax(0,1fr)_17rem]">
      <TargetPictures target={target} targets={targets} />
      <RecipeDesk target={target} />
    </div>
  );
}
