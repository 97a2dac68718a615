import { Button } from '../../ui/Button';
import { wordError } from '../notices/wording';

/** In place of a plan that could not be made: what is wrong, and a way to ask again. */
export function NoPlan({ error, onRetry }: { readonly error: unknown; readonly onRetry: () => void }) {
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3">
      <p className="text-oxide">{wordError(error).title}. The plan could not be made; the ladders are untouched.</p>
      <Button onClick={onRetry}>Plan again</Button>
    </div>
  );
}
