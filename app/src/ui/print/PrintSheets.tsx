import { useCallback, useEffect, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import { Button } from '../Button';
import { useSvgUrl } from './SvgPage';

/** Papers that sheets are drawn for; each has a page of its own in the theme's print rules. */
export type PaperId = 'a4' | 'a3' | 'letter';

/** Prints drawn sheets at their true size, one a page, and nothing of the page around them. */
export function PrintSheets({
  sheets,
  paper,
  disabled = false,
}: {
  readonly sheets: readonly string[];
  readonly paper: PaperId;
  readonly disabled?: boolean;
}) {
  const [isPrinting, setPrinting] = useState(false);
  const done = useCallback(() => setPrinting(false), []);
  return (
    <>
      <Button disabled={disabled || sheets.length === 0} onClick={() => setPrinting(true)}>
        Print
      </Button>
      {isPrinting && createPortal(<OnPaper sheets={sheets} paper={paper} onDone={done} />, document.body)}
    </>
  );
}

function OnPaper({ sheets, paper, onDone }: { readonly sheets: readonly string[]; readonly paper: PaperId; readonly onDone: () => void }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    let isOver = false;
    globalThis.addEventListener('afterprint', onDone);
    const drawn = [...(box.current?.querySelectorAll('img') ?? [])].map((image) => image.decode().catch(() => undefined));
    void Promise.all(drawn).then(() => (isOver ? undefined : print()));
    return () => {
      isOver = true;
      globalThis.removeEventListener('afterprint', onDone);
    };
  }, [onDone]);
  return (
    <div ref={box} className="sheets-on-paper">
      {sheets.map((svg, at) => (
        <SheetOnPaper key={at} svg={svg} paper={paper} />
      ))}
    </div>
  );
}

function SheetOnPaper({ svg, paper }: { readonly svg: string; readonly paper: PaperId }) {
  const url = useSvgUrl(svg);
  return <img src={url} alt="" className={`paper-${paper}`} />;
}
