import { clockTime } from '@oddment/core';
import type { DraftsState } from './drafts.ts';
import type { LinkState } from './link.ts';
import { signInAgain } from './requests.ts';
import { useStore } from './store.ts';
import { zoneHere } from './clock.ts';

/** An instant by the clock of this device, with its day where that is another. */
const readWords = (at: string) => clockTime(at, { timeZone: zoneHere(), day: new Date().toISOString() });

/** What is saved and what is not, in a few words; whether it is something to know before the page is left. */
export function saveWords({ drafts, texts, actions, notKept }: DraftsState, link: LinkState): { readonly words: string; readonly warn: boolean } {
  const all = [...Object.values(drafts), ...Object.values(actions)];
  const count = String(all.length);
  if (notKept !== undefined && all.length > 0) return { words: `${count} not kept in this browser: leave this page open`, warn: true };
  if (all.some((d) => d.message === signInAgain)) return { words: `${count} kept here until you sign in`, warn: true };
  if (all.some((d) => d.state === 'offline')) return { words: `${count} kept here, the server does not answer`, warn: true };
  if (all.some((d) => d.state === 'refused' || d.state === 'conflict')) return { words: `${count} not saved`, warn: false };
  if (all.length > 0) return { words: 'saving', warn: false };
  if (link.away) return { words: `the server does not answer${link.readAt === undefined ? '' : `, shown as read at ${readWords(link.readAt)}`}`, warn: true };
  return { words: Object.keys(texts).length > 0 ? 'a field is not finished' : 'all saved', warn: false };
}

export const useSaveWords = () =>
  saveWords(
    useStore((s) => s.drafts),
    useStore((s) => s.link),
  );
