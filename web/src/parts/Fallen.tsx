import Button from '@mui/material/Button';
import { useRouteError } from 'react-router';
import { Themed } from './Themed.tsx';

/** whether a part of the page itself could not be read, as against a fault in it */
const isUnread = (error: unknown) => error instanceof Error && /dynamically imported module|module script|Failed to fetch|preload/i.test(error.message);

/** In place of a screen that could not be loaded or drawn: what was typed is kept, and how to go on. */
export function Fallen() {
  const error = useRouteError();
  const unread = isUnread(error);
  return (
    <Themed>
      <main>
        <div className="door">
          <h1>{unread ? 'This part of the page could not be loaded' : 'Something went wrong on this page'}</h1>
          <p style={{ margin: 0 }}>
            {unread
              ? 'The server does not answer, or there is a newer version of Oddment there. What you typed is kept in this browser.'
              : 'The fault is ours. What you typed is kept in this browser.'}
          </p>
          <Button
            variant="contained"
            onClick={() => {
              globalThis.location.reload();
            }}
          >
            Load the page again
          </Button>
          <a href="/">All jobs</a>
        </div>
      </main>
    </Themed>
  );
}
