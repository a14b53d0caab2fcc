import { lazy, Suspense, useEffect } from 'react';
import { Outlet } from 'react-router';
import { Themed } from './parts/Themed.tsx';
import { WorkingHost } from './parts/Working.tsx';
import { api } from './state/api.ts';

// who is signed in already never needs the forms of the door
const FirstAccount = lazy(async () => ({ default: (await import('./screens/Door.tsx')).FirstAccount }));
const SignIn = lazy(async () => ({ default: (await import('./screens/Door.tsx')).SignIn }));

/** The door: who is signed in, the first account, or the demo that signs in by itself. */
function Inside() {
  const { data: session, error } = api.useSessionQuery(undefined);
  const [demo, { isUninitialized, isError }] = api.useDemoSignInMutation();
  const wantsDemo = session?.state === 'signed-out' && session.demo && isUninitialized;
  useEffect(() => {
    if (wantsDemo) void demo(undefined);
  }, [wantsDemo, demo]);
  if (!session)
    return error === undefined ? null : (
      <main className="door">
        <h1>Oddment does not answer</h1>
        <p>The server is not reachable. Is it still running? What you typed is kept in this browser.</p>
      </main>
    );
  if (session.state === 'no-account')
    return (
      <Suspense fallback={null}>
        <FirstAccount />
      </Suspense>
    );
  if (session.state === 'signed-out')
    return session.demo && !isError ? null : (
      <Suspense fallback={null}>
        <SignIn />
      </Suspense>
    );
  return <Outlet />;
}

/** Theme, working and door around every screen. */
export function App() {
  return (
    <Themed>
      <WorkingHost>
        <Inside />
      </WorkingHost>
    </Themed>
  );
}
