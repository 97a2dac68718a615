import { useHistoryState } from '../../data/queries';
import { Button } from '../../ui/Button';
import { useTravel } from '../../features/edit/useTravel';

/** On the first screen after a shop was emptied: the way back. */
export function UndoOffer() {
  const { undoLabel } = useHistoryState();
  const { undo } = useTravel();
  if (undoLabel === null) return null;
  return (
    <p className="mt-8">
      <Button isLarge onClick={() => void undo()}>
        Undo: {undoLabel}
      </Button>
    </p>
  );
}
