import type { SheetEffect } from '@zinc-ladder/model/log/matchTimeSheet';
import { matchTimeSheet } from '@zinc-ladder/model/log/matchTimeSheet';
import type { TimeSheet } from '@zinc-ladder/model/log/timeSheet';
import { readTimeSheet } from '@zinc-ladder/model/log/timeSheet';
import { useMemo, useState } from 'react';
import { counted } from '../../base/counted';
import { formatSpan } from '../../base/formats';
import { newId } from '../../base/newId';
import { useNow } from '../../clock/ClockContext';
import { takeTimeSheet } from '../../data/changes/ladder/timeSheetChanges';
import { useShop } from '../../data/queries';
import type { ShopIndex } from '../../data/useShopIndex';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import { useNotices } from '../../features/notices/Notices';
import { useLoggedAir } from '../../features/rung/useLoggedAir';
import { useAtBench } from '../../features/person/useAtBench';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/fields/FilePick';

const SHOWN = 200;
const KIND_WORDS: Readonly<Record<'done' | 'correct', string>> = { done: 'logged as done', correct: 'its minutes put right' };

/** Takes in a time sheet: what each row would do is shown before anything is done. */
export function TimeSheetForm({ index }: { readonly index: ShopIndex }) {
  const shop = useShop();
  const edit = useEdit();
  const formats = useFormats();
  const now = useNow(60_000);
  const { tell, tellError } = useNotices();
  const { person } = useAtBench();
  const airAt = useLoggedAir();
  const [sheet, setSheet] = useState<TimeSheet | null>(null);
  const effects = useMemo(() => (sheet ? matchTimeSheet(sheet.rows, index, now) : []), [sheet, index, now]);
  const usable = effects.filter((effect) => effect.kind !== 'skip');
  const take = async (file: File): Promise<void> => {
    try {
      setSheet(readTimeSheet(await file.text(), shop?.timeZone ?? 'UTC'));
    } catch (error) {
      tellError(error);
    }
  };
  const keep = async (): Promise<void> => {
    if (!(await edit('Take in a time sheet', (change) => takeTimeSheet(change, effects, person?.id ?? null, airAt, newId)))) return;
    setSheet(null);
    tell('Time sheet taken in', `${counted(usable.length, 'row')}. Undo takes all of it back.`);
  };
  if (!sheet)
    return (
      <FilePick accept=".csv,.tsv,.txt,text/csv" onPick={(file) => void take(file)}>
        Take in a time sheet (CSV)
      </FilePick>
    );
  return (
    <section aria-label="Time sheet" className="grid gap-2">
      <h3 className="label">Time sheet</h3>
      <p className="text-sm">
        {Object.entries(sheet.columns)
          .map(([column, name]) => `“${name}” is read as ${column}`)
          .join(', ')}
      </p>
      {sheet.faults.map(({ line, message }) => (
        <p key={`${line} ${message}`} className="text-oxide text-sm">
          Line {line}: {message}.
        </p>
      ))}
      <ol className="max-h-72 overflow-auto text-sm" tabIndex={0} aria-label="Rows of the time sheet">
        {effects.slice(0, SHOWN).map((effect) => (
          <li key={effect.row.line} className={`border-line border-t py-1 ${effect.kind === 'skip' ? 'text-dim' : ''}`}>
            <span className="figure">
              {formats.moment(effect.row.atMs, now)} {formatSpan(effect.row.minutes)}
            </span>{' '}
            {wordsOf(effect, index)}
          </li>
        ))}
      </ol>
      {effects.length > SHOWN && <p className="text-dim text-sm">And {effects.length - SHOWN} rows more.</p>}
      <div className="flex flex-wrap gap-2">
        <Button look="primary" disabled={usable.length === 0} onClick={() => void keep()}>
          Take in {counted(usable.length, 'row')}
        </Button>
        <Button onClick={() => setSheet(null)}>Leave it</Button>
      </div>
    </section>
  );
}

function wordsOf(effect: SheetEffect, index: ShopIndex): string {
  return effect.kind === 'skip' ? `left aside: ${effect.why}` : `${index.rungTitle(effect.rung.id)}: ${KIND_WORDS[effect.kind]}`;
}
