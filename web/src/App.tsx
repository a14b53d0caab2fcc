import { lazy, Suspense } from 'react';
import { Outlet } from 'react-router';
import { Themed } from './parts/Themed.tsx';
import { WorkingHost } from './parts/Working.tsx';
import { NewVersion } from './parts/NewVersion.tsx';
import { api } from './state/api.ts';
import { useDemoDoor, useOwnOutbox, useStayWarning } from './state/session.ts';

// who is signed in already never needs the forms of the door
const FirstAccount = lazy(async () => ({ default: (await import('./screens/Door.tsx')).FirstAccount }));
const SignIn = lazy(async () => ({ default: (await import('./screens/Door.tsx')).SignIn }));

/** The door: who is signed in, the first account, or the demo that signs in by itself. */
function Inside() {
  const { data: session, error } = api.useSessionQuery(undefined);
  const { entering } = useDemoDoor();
  const opened = useOwnOutbox(session?.account?.id);
  useStayWarning();
  if (!session)
    return error === undefined ? null : (
      <main className="door">
        <h1>Oddment does not answer</h1>
        <p>The server is not reachable, and nobody was signed in here before. Is it still running? What you typed is kept in this browser.</p>
      </main>
    );
  if (session.state === 'no-account')
    return (
      <Suspense fallback={null}>
        <FirstAccount />
      </Suspense>
    );
  if (session.state === 'signed-out')
    return entering ? null : (
      <Suspense fallback={null}>
        <SignIn />
      </Suspense>
    );
  // what was typed before is there before any field is
  return opened ? <Outlet /> : null;
}

/** Theme, working and door around every screen. */
export function App() {
  return (
    <Themed>
      <WorkingHost>
        <NewVersion />
        <Inside />
      </WorkingHost>
    </Themed>
  );
}
