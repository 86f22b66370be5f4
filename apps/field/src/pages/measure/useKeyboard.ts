import { useLayoutEffect } from 'react';

export interface KeyboardActs {
  type: (text: string) => void;
  act: (id: 'next' | 'back' | 'rubs' | 'unreachable') => void;
  step: (by: 1 | -1) => void;
}

/** Digits and / type, Enter is next, arrows walk, R rubs, X cannot be reached; nothing while a field is typed in. */
export function useKeyboard(acts: KeyboardActs): void {
  // Before the page is painted: who sees a station may type at once.
  useLayoutEffect(() => {
    if (typeof document === 'undefined') return undefined;
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (event.ctrlKey || event.metaKey || event.altKey || target?.tagName === 'INPUT' || target?.tagName === 'TEXTAREA') return;
      if (!handle(event.key, acts)) return;
      event.preventDefault();
    };
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, [acts]);
}

function handle(key: string, { type, act, step }: KeyboardActs): boolean {
  if (/^[0-9./ -]$/.test(key)) type(key);
  else if (key === 'Enter') act('next');
  else if (key === 'Backspace') act('back');
  else if (key === 'r' || key === 'R') act('rubs');
  else if (key === 'x' || key === 'X') act('unreachable');
  else if (key === 'ArrowRight' || key === 'ArrowDown') step(1);
  else if (key === 'ArrowLeft' || key === 'ArrowUp') step(-1);
  else return false;
  return true;
}
