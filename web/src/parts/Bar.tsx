import type { UnitSystem } from '@oddment/core';
import { Keyboard, LogOut, Moon, Sun } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../state/api.ts';
import { useSaveWords } from '../state/saveWords.ts';
import { useSend, useStore } from '../state/store.ts';
import { darkSet, unitsSet } from '../state/view.ts';
import { Help } from './Help.tsx';
import { useKeys } from './keys.ts';

/** The wordmark: an odd piece with a corner cut and folded. */
function Mark() {
  return (
    <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
      <path d="M2 2h18v11l-6 7H2z" fill="none" stroke="#f4f1e9" strokeWidth="2.4" />
      <path d="M20 13h-6v7" fill="none" stroke="#e08a4e" strokeWidth="2.4" />
    </svg>
  );
}

function SaveState() {
  const { words, warn } = useSaveWords();
  return (
    <span className="quiet" role="status" style={warn ? { color: '#f6c7a2' } : undefined}>
      {words}
    </span>
  );
}

/** The bar over every screen. */
export function Bar({ site, units, onSite }: { site?: string; units: UnitSystem; onSite?: () => void }) {
  const send = useSend();
  const dark = useStore((s) => s.view.dark);
  const { data: session } = api.useSessionQuery(undefined);
  const [signOut] = api.useSignOutMutation();
  const [help, setHelp] = useState(false);
  const flip = () => send(unitsSet(units === 'metric' ? 'us' : 'metric'));
  useKeys({
    '?': () => {
      setHelp(true);
    },
    u: flip,
    d: () => send(darkSet(!dark)),
  });
  const unit = (system: UnitSystem, words: string) => (
    <button type="button" aria-pressed={units === system} onClick={() => send(unitsSet(system))}>
      {words}
    </button>
  );
  return (
    <header className="bar">
      <Link to="/" className="wordmark" aria-label="Oddment, all jobs">
        <Mark />
        Oddment
      </Link>
      {site === undefined ? null : (
        <span className="site">
          {onSite ? (
            <button type="button" className="bare" title="Start, crew, units of this job" onClick={onSite}>
              {site}
            </button>
          ) : (
            site
          )}
        </span>
      )}
      {session?.firm?.demo ? <span className="demo">Demo data</span> : null}
      <span className="push" />
      <SaveState />
      <span className="pair" role="group" aria-label="Units">
        {unit('metric', 'mm')}
        {unit('us', 'in')}
      </span>
      <button type="button" aria-label={dark ? 'Light' : 'Dark'} onClick={() => send(darkSet(!dark))}>
        {dark ? <Sun size={15} aria-hidden="true" /> : <Moon size={15} aria-hidden="true" />}
      </button>
      <button
        type="button"
        aria-label="Keys"
        onClick={() => {
          setHelp(true);
        }}
      >
        <Keyboard size={15} aria-hidden="true" />
      </button>
      {session?.account ? (
        <Link to="/people" className="quiet" aria-label={`${session.account.name}, people and own account`}>
          {session.account.name}
        </Link>
      ) : null}
      {session?.account && !session.firm?.demo ? (
        <button
          type="button"
          aria-label="Sign out"
          onClick={() => {
            void signOut(undefined);
          }}
        >
          <LogOut size={15} aria-hidden="true" />
        </button>
      ) : null}
      <Help
        open={help}
        onClose={() => {
          setHelp(false);
        }}
      />
    </header>
  );
}
