import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { useState } from 'react';
import { counted } from '../../base/counted';
import { download, fileName } from '../../base/download';
import { toLocalInput } from '../../base/localInput';
import type { Store } from '../../data/edits/store';
import { importProject } from '../../data/whole/projectTransfer';
import type { ErrorWords } from '../../features/notices/wording';
import { wordError } from '../../features/notices/wording';
import { Button } from '../../ui/Button';

/** What is shown when the browser has cleared the shop while this tab had it open: its records are still in memory, and only there. */
export function ClearedShop({
  held,
  store,
  clockOffsetMs,
  onOver,
}: {
  readonly held: ProjectFile;
  readonly store: Store;
  /** of a clock that was turned, as for the demo */
  readonly clockOffsetMs: number;
  readonly onOver: () => void;
}) {
  const [isWorking, setWorking] = useState(false);
  const [fault, setFault] = useState<ErrorWords | null>(null);
  const { shop, props, parts, rungs, logEntries, pictures, meshes, savedAtMs } = held;
  const putBack = async (): Promise<void> => {
    setWorking(true);
    setFault(null);
    try {
      const clock = clockOffsetMs === 0 ? [] : [{ key: 'clockOffsetMs', value: clockOffsetMs } as const];
      await importProject(store, { project: held, attachments: new Map() }, 'replace', clock);
      onOver();
    } catch (error) {
      setFault(wordError(error));
      setWorking(false);
    }
  };
  const save = (): void => {
    const date = toLocalInput(savedAtMs, shop.timeZone).slice(0, 10);
    download(JSON.stringify(held), fileName(`${shop.name} records`, date, 'json'), 'application/json');
  };
  return (
    <main className="mx-auto max-w-xl p-6 md:pt-24">
      <h1 className="font-label mb-2 text-4xl font-semibold">The browser has cleared the shop</h1>
      <p className="mb-3 text-lg" role="status">
        What Zinc Ladder kept in this browser was taken away, as when its site data are cleared. This tab still holds the records, and only
        this tab: {counted(props.length, 'prop')}, {counted(parts.length, 'part')}, {counted(rungs.length, 'rung')},{' '}
        {counted(logEntries.length, 'log entry', 'log entries')}.
      </p>
      {pictures.length + meshes.length > 0 && (
        <p className="text-dim mb-3">
          {counted(pictures.length, 'picture')} and {counted(meshes.length, 'mesh', 'meshes')} are gone with it, the backups by themselves
          and what could be undone too. A file that was saved has them.
        </p>
      )}
      {fault && (
        <p role="alert" className="border-oxide mb-3 border-l-4 pl-3">
          {fault.title}. {fault.detail}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button look="primary" isLarge disabled={isWorking} onClick={() => void putBack()}>
          Put the records back
        </Button>
        <Button isLarge onClick={save}>
          Save them to a file
        </Button>
        <Button isLarge disabled={isWorking} onClick={onOver}>
          Begin anew
        </Button>
      </div>
    </main>
  );
}
