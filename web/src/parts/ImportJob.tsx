import Button from '@mui/material/Button';
import type { Problem, ProblemDocument } from '@oddment/contracts';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { accountHeader } from '../state/baseQuery.ts';
import { linesOf } from '../state/lines.ts';
import { store, useSend } from '../state/store.ts';
import { Making } from './Making.tsx';
import { PickFile } from './PickFile.tsx';

interface Line {
  readonly stage?: 'checking' | 'writing';
  readonly done?: number;
  readonly id?: string;
  readonly problem?: ProblemDocument;
}

/** A file on its way; sent again it is known by its change. */
interface Sending {
  readonly file: File;
  readonly change: string;
}

/** checking takes about as long as the first fifth of writing */
const shareOf = ({ stage, done = 0 }: Line) => (stage === 'writing' ? 0.2 + 0.8 * done : 0.05);

const problemsOf = (document: ProblemDocument): readonly Problem[] => document.problems ?? [{ path: '', message: document.detail }];

/** Takes a job file in as a new job: shows how far it is, stops when asked, and says what is wrong with it. */
export function ImportJob() {
  const navigate = useNavigate();
  const send = useSend();
  const stop = useRef<AbortController>(undefined);
  const [share, setShare] = useState<number>();
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const [again, setAgain] = useState<Sending>();
  const take = async (sending: Sending) => {
    const own = new AbortController();
    stop.current = own;
    setProblems([]);
    setAgain(undefined);
    setShare(0);
    let last: Line = {};
    try {
      const response = await fetch(`/api/job-files?change=${sending.change}`, {
        method: 'POST',
        credentials: 'same-origin',
        headers: { 'content-type': 'application/json', accept: 'application/x-ndjson', [accountHeader]: store.getState().drafts.account ?? '' },
        body: sending.file,
        signal: own.signal,
      });
      if (response.ok)
        await linesOf<Line>(response, (line) => {
          last = line;
          setShare(shareOf(line));
        });
      else last = { problem: (await response.json()) as ProblemDocument };
    } catch {
      last = {};
    }
    setShare(undefined);
    if (own.signal.aborted) return;
    if (last.id !== undefined) {
      send(api.util.invalidateTags(['jobs']));
      await navigate(`/jobs/${last.id}/walk`);
    } else if (last.problem) setProblems(problemsOf(last.problem));
    else setAgain(sending);
  };
  return (
    <section style={{ marginTop: 18, borderTop: '1px solid var(--rule)', paddingTop: 10 }} aria-label="Job file">
      <h2 style={{ fontSize: 18 }}>From a job file</h2>
      {share === undefined ? (
        <PickFile
          label="Job file"
          accept="application/json,.json"
          onFile={(file) => {
            void take({ file, change: uuid() });
          }}
        />
      ) : (
        <Making
          share={share}
          label="The job file is being taken in"
          onStop={() => {
            stop.current?.abort();
          }}
        />
      )}
      {again === undefined ? null : (
        <p role="alert" style={{ margin: '8px 0 0' }}>
          The server does not answer. {again.file.name} may have arrived or not: sent again it is there once.{' '}
          <Button
            size="small"
            onClick={() => {
              void take(again);
            }}
          >
            Send it again
          </Button>
        </p>
      )}
      {problems.length === 0 ? null : (
        <ul role="alert">
          {problems.slice(0, 12).map((p) => (
            <li key={`${p.path}${p.message}`}>
              <b>{p.path === '' ? 'the file' : p.path}</b>: {p.message}
            </li>
          ))}
          {problems.length > 12 ? <li>and {problems.length - 12} more</li> : null}
        </ul>
      )}
    </section>
  );
}
