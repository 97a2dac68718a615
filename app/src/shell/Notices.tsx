import { Toast } from 'radix-ui';
import type { ReactNode } from 'react';
import { createContext, useCallback, useContext, useMemo, useState } from 'react';
import type { ErrorWords, NoticeLine } from './wording';
import { isNothingToDo, wordError } from './wording';

interface Notice extends ErrorWords {
  readonly key: number;
  readonly isError: boolean;
}

interface NoticesValue {
  readonly tell: (title: string, detail?: string) => void;
  readonly tellError: (error: unknown) => void;
  /** a list that stays until it is put away */
  readonly tellList: (title: string, detail: string, lines: readonly NoticeLine[]) => void;
}

const NoticesContext = createContext<NoticesValue>({ tell: () => undefined, tellError: () => undefined, tellList: () => undefined });

/** Says short things at the edge of the screen; errors stay until they are put away. */
export function NoticesProvider({ children }: { readonly children: ReactNode }) {
  const [notices, setNotices] = useState<readonly Notice[]>([]);
  const add = useCallback((words: ErrorWords, isError: boolean) => {
    setNotices((all) => [...all.slice(-3), { ...words, isError, key: (all.at(-1)?.key ?? 0) + 1 }]);
  }, []);
  const value = useMemo<NoticesValue>(
    () => ({
      tell: (title, detail = '') => add({ title, detail, faults: [] }, false),
      tellError: (error) => add(wordError(error), !isNothingToDo(error)),
      tellList: (title, detail, lines) => add({ title, detail, faults: lines }, true),
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
            duration={notice.isError ? 1_000_000 : 4000}
            type={notice.isError ? 'foreground' : 'background'}
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

/** Ways to say something to the finisher. */
export function useNotices(): NoticesValue {
  return useContext(NoticesContext);
}
