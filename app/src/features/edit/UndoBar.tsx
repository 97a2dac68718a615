import { Redo2, Undo2 } from 'lucide-react';
import { useHistoryState } from '../../data/queries';
import { Button } from '../../ui/Button';
import { useTravel } from './useTravel';

/** Undo and redo, at the foot of every view. */
export function UndoBar({ isCompact = false }: { readonly isCompact?: boolean }) {
  const { undoLabel, redoLabel } = useHistoryState();
  const { undo, redo } = useTravel();
  return (
    <div className="no-print flex items-center gap-1" role="group" aria-label="Undo and redo">
      <Button
        look="quiet"
        disabled={undoLabel === null}
        onClick={() => void undo()}
        aria-label={undoLabel ? `Undo ${undoLabel}` : 'Undo'}
        title={undoLabel ? `Undo: ${undoLabel}` : 'Nothing to undo'}
      >
        <Undo2 size={18} aria-hidden="true" className="inline" />
        {!isCompact && ' Undo'}
      </Button>
      <Button
        look="quiet"
        disabled={redoLabel === null}
        onClick={() => void redo()}
        aria-label={redoLabel ? `Redo ${redoLabel}` : 'Redo'}
        title={redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}
      >
        <Redo2 size={18} aria-hidden="true" className="inline" />
        {!isCompact && ' Redo'}
      </Button>
    </div>
  );
}
