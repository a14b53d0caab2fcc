import Button from '@mui/material/Button';
import type { ProblemDocument } from '@oddment/contracts';
import { useRef, useState } from 'react';
import { linesOf } from '../state/lines.ts';
import { Making } from './Making.tsx';

interface Line {
  readonly stage?: 'planning' | 'layout' | 'drawing';
  readonly done?: number;
  readonly name?: string;
  readonly pdf?: string;
  readonly problem?: ProblemDocument;
}

const shares = { planning: [0, 0.15], layout: [0.15, 0.15], drawing: [0.4, 0.6] } as const;

/** The share of the whole that is done, by the stage and its own share. */
function wholeShare({ stage = 'planning', done = 0 }: Line): number {
  const [from, length] = shares[stage];
  return from + length * done;
}

function download(name: string, base64: string): void {
  const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
  const url = URL.createObjectURL(new Blob([bytes], { type: 'application/pdf' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => {
    URL.revokeObjectURL(url);
  }, 60_000);
}

/** Has a PDF made, shows how far it is, and stops it when asked. */
export function MakePdf({
  address,
  children,
  paper = true,
}: {
  address: string;
  children: React.ReactNode;
  /** on paper, which is white in the dark too */ paper?: boolean;
}) {
  const look = paper ? { style: { color: '#000' } } : { size: 'small' as const };
  const [share, setShare] = useState<number>();
  const [problem, setProblem] = useState<string>();
  const stop = useRef<AbortController>(undefined);
  const make = async () => {
    const own = new AbortController();
    stop.current = own;
    setProblem(undefined);
    setShare(0);
    try {
      const response = await fetch(address, { credentials: 'same-origin', headers: { accept: 'application/x-ndjson' }, signal: own.signal });
      if (!response.ok) throw new Error(((await response.json()) as ProblemDocument).detail);
      let made = false;
      await linesOf<Line>(response, (line) => {
        if (line.problem) throw new Error(line.problem.detail);
        if (line.pdf !== undefined) {
          made = true;
          download(line.name ?? 'sheets.pdf', line.pdf);
        } else setShare(wholeShare(line));
      });
      if (!made) throw new Error('The PDF could not be made. Try again.');
    } catch (error) {
      if (!own.signal.aborted) setProblem(error instanceof Error ? error.message : 'The PDF could not be made.');
    }
    setShare(undefined);
  };
  if (share !== undefined) {
    return (
      <Making
        share={share}
        label="The PDF is being made"
        look={look}
        onStop={() => {
          stop.current?.abort();
        }}
      />
    );
  }
  return (
    <>
      <Button
        variant="outlined"
        {...look}
        onClick={() => {
          void make();
        }}
      >
        {children}
      </Button>
      {problem === undefined ? null : (
        <span role="alert" style={{ color: 'var(--stop)' }}>
          {problem}
        </span>
      )}
    </>
  );
}
