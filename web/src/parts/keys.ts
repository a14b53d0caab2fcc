import { useEffect, useRef } from 'react';
import { useStore } from '../state/store.ts';

export type KeyTable = Readonly<Record<string, () => void>>;

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

/** Single keys for the main actions; they rest while something is typed or a dialog is open, and can be switched off. */
export function useKeys(table: KeyTable): void {
  const on = useStore((s) => s.view.singleKeys);
  const latest = useRef(table);
  useEffect(() => {
    latest.current = table;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || typing(event.target) || document.querySelector('[role=dialog]')) return;
      const act = latest.current[event.key];
      if (!act || (!on && event.key !== '?')) return;
      event.preventDefault();
      act();
    };
    globalThis.addEventListener('keydown', press);
    return () => {
      globalThis.removeEventListener('keydown', press);
    };
  }, [on]);
}
