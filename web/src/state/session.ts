import { useEffect, useRef } from 'react';
import { api } from './api.ts';
import { resumePhotos } from './photoSending.ts';
import { joinLeft, loaded, storedDrafts } from './saver.ts';
import { store, useStore } from './store.ts';

/** how often what other pages left when they were closed is looked for */
const lookMs = 15_000;
/** the demo signs in by itself, but not without end where a browser takes no cookie */
const demoTries = 5;

async function open(account: string): Promise<void> {
  // what was read for one person is never shown to another: with a new one the page begins afresh
  const held = store.getState().drafts.account;
  // it was opened meanwhile
  if (held === account) return;
  if (held !== undefined) {
    globalThis.location.replace('/');
    return;
  }
  const { drafts, photos } = await storedDrafts(account);
  store.dispatch(loaded(drafts));
  await resumePhotos(store, account, photos);
}

/** Opens what an account left unsent, and takes in what other pages of this browser leave. */
export function useOwnOutbox(account: string | undefined): boolean {
  const held = useStore((s) => s.drafts.account);
  useEffect(() => {
    if (account !== undefined && account !== held) void open(account);
  }, [account, held]);
  useEffect(() => {
    if (held === undefined || held !== account) return;
    const timer = setInterval(() => {
      void joinLeft(held, store.dispatch).then((photos) => resumePhotos(store, held, photos));
    }, lookMs);
    return () => {
      clearInterval(timer);
    };
  }, [account, held]);
  return account !== undefined && account === held;
}

/** Signs in to the demo wherever nobody is signed in. */
export function useDemoDoor() {
  const { data: session, requestId } = api.useSessionQuery(undefined);
  const [demo, { isError }] = api.useDemoSignInMutation();
  const tries = useRef(0);
  const wanted = session?.state === 'signed-out' && session.demo;
  useEffect(() => {
    if (!wanted || tries.current >= demoTries) return;
    tries.current += 1;
    void demo(undefined);
  }, [wanted, demo, requestId]);
  return { entering: wanted && !isError };
}

/** Warns before a page is left that keeps what the browser does not. */
export function useStayWarning(): void {
  const loses = useStore((s) => s.drafts.notKept !== undefined);
  useEffect(() => {
    if (!loses) return;
    const ask = (event: BeforeUnloadEvent) => {
      event.preventDefault();
    };
    addEventListener('beforeunload', ask);
    return () => {
      removeEventListener('beforeunload', ask);
    };
  }, [loses]);
}
