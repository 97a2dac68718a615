import { Toast } from 'radix-ui';
import type { ReactNode } from 'react';
import { createContext, useCallback, useContext, useMemo, useState } from 'react';
import type { ErrorWords, NoticeLine } from './wording';
import { isNothingToDo, wordError } from './wording';

interface Notice extends ErrorWords {
  readonly key: number;
  readonly isError: boolean;
  /** it lists what somebody may want to read at leisure: only a hand puts it away */
  readonly stays: boolean;
}

/** How long short words stand, and an error whose cause may still be looked at; both wait while a hand or the keyboard is on them. */
const SHORT_MS = 4000;
const ERROR_MS = 30_000;

interface NoticesValue {
  readonly tell: (title: string, detail?: string) => void;
  readonly tellError: (error: unknown) => void;
  /** what went wrong is over: something was done since */
  readonly settle: () => void;
  /** a list that stays until it is put away */
  readonly tellList: (title: string, detail: string, lines: readonly NoticeLine[]) => void;
}

const NoticesContext = createContext<NoticesValue>({
  tell: () => undefined,
  tellError: () => undefined,
  settle: () => undefined,
  tellList: () => undefined,
});

/**
 * Says short things at the edge of the screen. Errors stay for a while, go when the next thing is done, and Escape puts the newest away; lists stay until
 * they are put away.
 */
export function NoticesProvider({ children }: { readonly children: ReactNode }) {
  const [notices, setNotices] = useState<readonly Notice[]>([]);
  const add = useCallback((words: ErrorWords, isError: boolean, stays = false) => {
    setNotices((all) => [...all.slice(-3), { ...words, isError, stays, key: (all.at(-1)?.key ?? 0) + 1 }]);
  }, []);
  const value = useMemo<NoticesValue>(
    () => ({
      tell: (title, detail = '') => add({ title, detail, faults: [] }, false),
      tellError: (error) => add(wordError(error), !isNothingToDo(error)),
      settle: () => setNotices((all) => (all.some(isPassing) ? all.filter((notice) => !isPassing(notice)) : all)),
      tellList: (title, detail, lines) => add({ title, detail, faults: lines }, true, true),
    }),
    [add],
  );
  return (
    <NoticesContext value={value}>
      <Toast.Provider swipeDirection="down">
        {children}
        {notices.map((notice) => (
          <Toast.Root
            key={notice.key}
            duration={notice.stays ? Infinity : notice.isError ? ERROR_MS : SHORT_MS}
            type={notice.isError ? 'foreground' : 'background'}
            onEscapeKeyDown={(event) => {
              // A field puts its own text back first.
              if (event.target instanceof Element && event.target.closest('input, textarea, select')) event.preventDefault();
            }}
            onOpenChange={(isOpen) => {
              if (!isOpen) setNotices((all) => all.filter((other) => other.key !== notice.key));
            }}
            className={`rounded-xs border bg-sheet px-4 py-3 text-ink ${notice.isError ? 'border-oxide border-l-4' : 'border-ink'}`}
          >
            <div className="flex items-start gap-4">
              <div className="min-w-0 flex-1">
                <Toast.Title className="font-label text-lg font-semibold">{notice.title}</Toast.Title>
                {notice.detail && <Toast.Description className="text-dim">{notice.detail}</Toast.Description>}
                {notice.faults.length > 0 && (
                  <ul className="mt-2 max-h-48 overflow-auto text-sm">
                    {notice.faults.map((fault, index) => (
                      <li key={index}>
                        {fault.path && <span className="font-figure">{fault.path}: </span>}
                        {fault.message}
                      </li>
                    ))}
                  </ul>
                )}
              </div>
              <Toast.Close className="min-h-11 min-w-11 cursor-pointer border border-line px-2 font-label">Put away</Toast.Close>
            </div>
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed right-4 bottom-4 z-50 flex w-[min(30rem,calc(100vw-2rem))] flex-col gap-2 outline-none" />
      </Toast.Provider>
    </NoticesContext>
  );
}

/** An error that is over once something else was done. */
function isPassing(notice: Notice): boolean {
  return notice.isError && !notice.stays;
}

/** Ways to say something to the finisher. */
export function useNotices(): NoticesValue {
  return useContext(NoticesContext);
}
