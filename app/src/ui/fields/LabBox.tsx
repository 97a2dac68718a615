import type { Lab } from '@zinc-ladder/core/colour/lab';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { useState } from 'react';
import { Button } from '../Button';
import { Labelled } from './fields';

/** Reads `52, -3.5, 20` or `#3c5c4c`; null where it is neither. */
export function readColour(text: string): Lab | null {
  const trimmed = text.trim().toLowerCase();
  if (/^#?[0-9a-f]{6}$/u.test(trimmed)) return labOfHex(trimmed.startsWith('#') ? trimmed : `#${trimmed}`);
  // Parted by spaces or semicolons a comma is a decimal point; else it parts.
  const words = trimmed.split(/[\s;]+/u).filter((word) => word !== '');
  const parts = words.length === 3 ? words.map((word) => word.replace(/,$/u, '')) : trimmed.split(',').map((word) => word.trim());
  const [l, a, b] = parts.map((part) => Number(part.replace(',', '.')));
  if (parts.length !== 3 || parts.includes('') || l === undefined || a === undefined || b === undefined) return null;
  if (![l, a, b].every(Number.isFinite) || l < 0 || l > 100 || Math.abs(a) > 150 || Math.abs(b) > 150) return null;
  return [l, a, b];
}

/** A colour typed as Lab or as hex. */
export function LabBox({
  label,
  action,
  onTake,
}: {
  readonly label: string;
  readonly action: string;
  readonly onTake: (lab: Lab) => void;
}) {
  const [text, setText] = useState('');
  const lab = readColour(text);
  const isWrong = text.trim() !== '' && lab === null;
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!lab) return;
        onTake(lab);
        setText('');
      }}
    >
      <div className="min-w-0 flex-1">
        <Labelled label={label} error={isWrong ? 'Lab as 36, −13, 5, or hex as #3c5c4c.' : undefined}>
          {({ id, describedBy }) => (
            <input
              id={id}
              aria-describedby={describedBy}
              className="field figure"
              placeholder="36, -13, 5 or #3c5c4c"
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          )}
        </Labelled>
      </div>
      <Button type="submit" disabled={lab === null}>
        {action}
      </Button>
    </form>
  );
}
