import { useEffect } from 'react';
import { Outlet } from 'react-router';
import { Themed } from './parts/Themed.tsx';
import { WorkingHost } from './parts/Working.tsx';
import { FirstAccount, SignIn } from './screens/Door.tsx';
import { api } from './state/api.ts';

/** The door: who is signed in, the first account, or the demo that signs in by itself. */
function Inside() {
  const { data: session, error } = api.useSessionQuery(undefined);
  const [demo, { isUninitialized, isError }] = api.useDemoSignInMutation();
  const wantsDemo = session?.state === 'signed-out' && session.demo && isUninitialized;
  useEffect(() => {
    if (wantsDemo) void demo(undefined);
  }, [wantsDemo, demo]);
  if (!session) return error === undefined ? null : <main className="door"><h1>Oddment does not answer</h1><p>The server is not reachable. Is it still running? What you typed is kept in this browser.</p></main>;
  if (session.state === 'no-account') return <FirstAccount />;
  if (session.state === 'signed-out') return session.demo && !isError ? null : <SignIn />;
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
