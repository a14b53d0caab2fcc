import type { UnitSystem } from '@oddment/core';
import { ChevronDown, ChevronUp, Keyboard, LogOut, Moon, Sun } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { api } from '../state/api.ts';
import { useSaveWords } from '../state/saveWords.ts';
import { useSend, useStore } from '../state/store.ts';
import { darkSet, unitsSet } from '../state/view.ts';
import { Help } from './Help.tsx';
import { useKeys } from './keys.ts';
import { useNarrow, useOutOfTheWay } from './narrow.ts';
import { SiteClock } from './SiteClock.tsx';

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

interface BarProps {
  readonly site?: string;
  readonly units: UnitSystem;
  readonly onSite?: () => void;
  /** what the screen is called, where it is one of several of a job */
  readonly here?: string;
  /** what leads to the other screens of a job */
  readonly children?: ReactNode;
}

function Site({ site, onSite }: Pick<BarProps, 'site' | 'onSite'>) {
  if (site === undefined) return null;
  return (
    <span className="site">
      {onSite ? (
        <button type="button" className="bare" title="Start, crew, units of this job" onClick={onSite}>
          {site}
        </button>
      ) : (
        site
      )}
    </span>
  );
}

/** Units, light, keys and the person's own account. */
function Tools({ units, onHelp }: { units: UnitSystem; onHelp: () => void }) {
  const send = useSend();
  const dark = useStore((s) => s.view.dark);
  const { data: session } = api.useSessionQuery(undefined);
  const [signOut] = api.useSignOutMutation();
  const unit = (system: UnitSystem, words: string) => (
    <button type="button" aria-pressed={units === system} onClick={() => send(unitsSet(system))}>
      {words}
    </button>
  );
  return (
    <>
      <span className="pair" role="group" aria-label="Units">
        {unit('metric', 'mm')}
        {unit('us', 'in')}
      </span>
      <button type="button" aria-label={dark ? 'Light' : 'Dark'} onClick={() => send(darkSet(!dark))}>
        {dark ? <Sun size={15} aria-hidden="true" /> : <Moon size={15} aria-hidden="true" />}
      </button>
      <button type="button" aria-label="Keys" onClick={onHelp}>
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
    </>
  );
}

function Home({ words }: { words: boolean }) {
  return (
    <Link to="/" className="wordmark" aria-label="Oddment, all jobs">
      <Mark />
      {words ? 'Oddment' : null}
    </Link>
  );
}

/** On the phone: one line with where one is, that unfolds, and goes out of the way of who reads on. */
function PhoneBar({ site, onSite, units, here, children, demo, onHelp }: BarProps & { demo: boolean; onHelp: () => void }) {
  const { pathname } = useLocation();
  // unfolded on one page it is folded on the next
  const [openAt, setOpenAt] = useState<string>();
  const open = openAt === pathname;
  const away = useOutOfTheWay(!open);
  return (
    <header className={`bar line${away ? ' away' : ''}`}>
      <div className="first">
        <Home words={false} />
        <button
          type="button"
          className="where"
          aria-expanded={open}
          onClick={() => {
            setOpenAt(open ? undefined : pathname);
          }}
        >
          <span>
            <b>{here ?? 'Oddment'}</b>
            {site === undefined ? null : <small>{site}</small>}
          </span>
          {open ? <ChevronUp size={20} aria-hidden="true" /> : <ChevronDown size={20} aria-hidden="true" />}
          <span className="clip">{open ? 'fold away' : 'more'}</span>
        </button>
        <SaveState />
      </div>
      {open ? (
        <div className="fold">
          {children}
          <div className="more-of">
            <Site {...(site !== undefined && { site })} {...(onSite && { onSite })} />
            {demo ? <span className="demo">Demo data</span> : null}
            {site === undefined ? null : <SiteClock />}
            <Tools units={units} onHelp={onHelp} />
          </div>
        </div>
      ) : null}
    </header>
  );
}

/** The bar over every screen, with what leads to the other screens of a job. */
export function Bar(props: BarProps) {
  const { site, units, onSite, children } = props;
  const send = useSend();
  const narrow = useNarrow();
  const dark = useStore((s) => s.view.dark);
  const { data: session } = api.useSessionQuery(undefined);
  const [help, setHelp] = useState(false);
  const onHelp = () => {
    setHelp(true);
  };
  useKeys({
    '?': onHelp,
    u: () => send(unitsSet(units === 'metric' ? 'us' : 'metric')),
    d: () => send(darkSet(!dark)),
  });
  const demo = session?.firm?.demo === true;
  return (
    <>
      {narrow ? (
        <PhoneBar {...props} demo={demo} onHelp={onHelp} />
      ) : (
        <>
          <header className="bar">
            <Home words />
            <Site {...(site !== undefined && { site })} {...(onSite && { onSite })} />
            {demo ? <span className="demo">Demo data</span> : null}
            <span className="push" />
            <SaveState />
            {site === undefined ? null : <SiteClock />}
            <Tools units={units} onHelp={onHelp} />
          </header>
          {children}
        </>
      )}
      <Help
        open={help}
        onClose={() => {
          setHelp(false);
        }}
      />
    </>
  );
}
