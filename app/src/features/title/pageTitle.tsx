import type { ReactNode } from 'react';
import { createContext, useContext, useEffect, useMemo, useState } from 'react';

interface TitleValue {
  readonly title: string;
  readonly setTitle: (title: string) => void;
}

const TitleContext = createContext<TitleValue>({ title: '', setTitle: () => undefined });

/** Holds the title that the view shown has given. */
export function TitleProvider({ children }: { readonly children: ReactNode }) {
  const [title, setTitle] = useState('');
  const value = useMemo(() => ({ title, setTitle }), [title]);
  return <TitleContext value={value}>{children}</TitleContext>;
}

/** Names the view, at the head of the page and of the window. */
export function useTitle(title: string): void {
  const { setTitle } = useContext(TitleContext);
  useEffect(() => {
    setTitle(title);
    document.title = `${title} · Zinc Ladder`;
  }, [title, setTitle]);
}

/** The title the view has given. */
export function useCurrentTitle(): string {
  return useContext(TitleContext).title;
}
