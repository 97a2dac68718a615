import { useSyncExternalStore } from 'react';

/** `auto` follows the machine. A matter of this screen, so it is kept in the browser and not in the shop's file. */
export type ThemeChoice = 'auto' | 'light' | 'evening';

const KEY = 'zinc-ladder-theme';
const listeners = new Set<() => void>();

function readChoice(): ThemeChoice {
  const kept = localStorage.getItem(KEY);
  return kept === 'light' || kept === 'evening' ? kept : 'auto';
}

/** Puts the chosen theme onto the page. */
export function applyTheme(): void {
  const choice = readChoice();
  const isEvening = choice === 'evening' || (choice === 'auto' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset['theme'] = isEvening ? 'evening' : 'light';
}

/** The theme chosen, and how to choose another. */
export function useTheme(): readonly [ThemeChoice, (choice: ThemeChoice) => void] {
  const choice = useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, readChoice);
  return [
    choice,
    (next) => {
      localStorage.setItem(KEY, next);
      applyTheme();
      for (const listener of listeners) listener();
    },
  ];
}
