import { useEffect, useRef } from 'react';
import { useStore } from '../state/store.ts';

export type KeyTable = Readonly<Record<string, () => void>>;

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

/** the one key that acts from within a field too */
export const fromAnyField = 'Ctrl+Enter';

function leaveField(): void {
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
}

/** Single keys for the main actions; they rest while something is typed or a dialog is open, and can be switched off. Escape leaves a field. */
export function useKeys(table: KeyTable): void {
  const on = useStore((s) => s.view.singleKeys);
  const latest = useRef(table);
  useEffect(() => {
    latest.current = table;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.altKey || event.defaultPrevented) return;
      const act = latest.current[event.key];
      const chord = event.ctrlKey || event.metaKey;
      // what is typed is not looked at further: a page may hold thousands of things to look through
      if (typing(event.target) ? !(chord || event.key === 'Escape') : !(act ?? chord)) return;
      if (document.querySelector('[role=dialog]')) return;
      if (chord) {
        const acting = event.key === 'Enter' ? latest.current[fromAnyField] : undefined;
        if (!acting) return;
        event.preventDefault();
        leaveField();
        // what is taken when a field is left is there before the next thing is done
        setTimeout(acting);
        return;
      }
      if (typing(event.target)) {
        leaveField();
        return;
      }
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
