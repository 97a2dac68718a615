import type { ImportPreview } from '../../../data/whole/projectTransfer';
import { Button } from '../../../ui/Button';

/** One way to take a file in, with what it would do: counts, pictures kept from here, and what is mended on the way. */
export function ImportChoice({
  act,
  preview,
  isBusy,
  onTake,
}: {
  readonly act: string;
  readonly preview: ImportPreview;
  readonly isBusy: boolean;
  readonly onTake: () => void;
}) {
  const { added, replaced, removed, keptBytes, mends } = preview;
  return (
    <div>
      <Button isLarge disabled={isBusy} onClick={onTake}>
        {act}
      </Button>
      <p className="text-dim text-sm">
        {added} added, {replaced} overwritten, {removed} taken away
        {keptBytes > 0 && `; ${keptBytes} pictures and meshes stay as they are here`}
      </p>
      {mends.length > 0 && (
        <details className="text-sm">
          <summary className="cursor-pointer">{mends.length} mended on the way</summary>
          <ul className="max-h-40 overflow-auto">
            {mends.map((mend, at) => (
              <li key={at}>
                {mend.name || mend.list}: {mend.what}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
