import { useEffect, useRef } from 'react';

export interface ArrowKeys {
  /** Right is 1, left is -1. */
  across: (by: 1 | -1) => void;
  /** Down is 1, up is -1. */
  along: (by: 1 | -1) => void;
}

const ARROWS: Readonly<Record<string, readonly [keyof ArrowKeys, 1 | -1]>> = {
  ArrowRight: ['across', 1],
  ArrowLeft: ['across', -1],
  ArrowDown: ['along', 1],
  ArrowUp: ['along', -1],
};

/** Arrow keys anywhere on the page but in a field or among radio buttons, which have arrows of their own. */
export function useArrowKeys(keys: ArrowKeys): void {
  const newest = useRef(keys);
  useEffect(() => {
    newest.current = keys;
  });
  useEffect(() => {
    if (typeof document === 'undefined') return undefined;
    const onKey = (event: KeyboardEvent) => {
      const arrow = ARROWS[event.key];
      const target = event.target as HTMLElement | null;
      if (arrow === undefined || target?.closest('input, textarea') || event.altKey || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      newest.current[arrow[0]](arrow[1]);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}
