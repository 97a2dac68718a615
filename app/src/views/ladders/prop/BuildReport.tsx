import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import type { ReportSectionId } from '@zinc-ladder/model/report/reportTitles';
import { REPORT_SECTION_IDS, REPORT_TITLES } from '@zinc-ladder/model/report/reportTitles';
import { useState } from 'react';
import { download, fileName } from '../../../base/download';
import { toLocalInput } from '../../../base/localInput';
import { useClock } from '../../../clock/ClockContext';
import { useShop } from '../../../data/queries';
import { useStore } from '../../../data/StoreContext';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { writeReportFile } from '../../../workers/files/writeReportFile';
import { CheckField } from '../../../ui/fields/CheckField';

/** What was made and how, as one page to keep, to print or to pass on. */
export function BuildReport({ prop }: { readonly prop: Prop }) {
  const store = useStore();
  const clock = useClock();
  const shop = useShop();
  const { tellError } = useNotices();
  const [left, setLeft] = useState<ReadonlySet<ReportSectionId>>(new Set());
  const [isWithoutShop, setWithoutShop] = useState(false);
  const [stop, setStop] = useState<AbortController | null>(null);
  const sections = REPORT_SECTION_IDS.filter((id) => !left.has(id));
  const write = async (): Promise<void> => {
    const own = new AbortController();
    setStop(own);
    try {
      const nowMs = Math.round(clock.now());
      const page = await writeReportFile(store.db.name, prop.id, nowMs, { sections, isWithoutShop }, own.signal);
      download(page, fileName(`${prop.name} report`, toLocalInput(nowMs, shop?.timeZone ?? 'UTC').slice(0, 10), 'html'), 'text/html');
    } catch (error) {
      if (!own.signal.aborted) tellError(error);
    }
    setStop(null);
  };
  const toggle = (id: ReportSectionId, isTold: boolean): void =>
    setLeft((before) => new Set(isTold ? [...before].filter((other) => other !== id) : [...before, id]));
  return (
    <section aria-label="Build report" className="border-line mt-5 border-t pt-4">
      <h3 className="label mb-2">Build report</h3>
      <p className="text-dim mb-2 text-sm">One page with its pictures in it, that opens anywhere and prints to A4 or letter.</p>
      <div className="grid grid-cols-2 gap-x-3">
        {REPORT_SECTION_IDS.map((id) => (
          <CheckField key={id} label={REPORT_TITLES[id]} checked={!left.has(id)} onChange={(isTold) => toggle(id, isTold)} />
        ))}
        <CheckField label="Leave the shop's name out" checked={isWithoutShop} onChange={setWithoutShop} />
      </div>
      <div className="mt-2 flex gap-2">
        <Button disabled={stop !== null || sections.length === 0} onClick={() => void write()}>
          {stop ? 'Writing…' : 'Save the report (HTML)'}
        </Button>
        {stop && <Button onClick={() => stop.abort(new DOMException('stopped', 'AbortError'))}>Stop</Button>}
      </div>
    </section>
  );
}
