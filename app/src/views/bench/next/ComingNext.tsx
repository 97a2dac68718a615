import { Button } from '../../../ui/Button';

/** Announces that the plan has another answer, before it takes the place of the one that is shown. */
export function ComingNext({ title, onTake }: { readonly title: string; readonly onTake: () => void }) {
  return (
    <div role="status" className="border-ink mb-3 flex flex-wrap items-center justify-between gap-2 border-l-4 pl-3">
      <p>
        The plan has changed: <strong>{title}</strong> comes first now.
      </p>
      <Button onClick={onTake}>Show it</Button>
    </div>
  );
}
