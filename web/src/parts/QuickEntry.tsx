import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import type { AreaRecord, JobRecord } from '@oddment/contracts';
import { fatesOf, kindOf, readEntries, tell, factSaying, type Entry, type Fate } from '@oddment/core';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { pageNow } from '../state/clock.ts';
import { formDone, formKept } from '../state/drafts.ts';
import type { useEdit } from '../state/editing.ts';
import { useSend, useStore } from '../state/store.ts';
import { takings } from '../views/takeEntries.ts';
import { PickFile } from './PickFile.tsx';
import { useTelling } from './telling.tsx';

interface QuickEntryProps {
  readonly job: JobRecord;
  readonly area: AreaRecord;
  readonly edit: ReturnType<typeof useEdit>;
  readonly onClose: () => void;
}

const fateWords = (fate: Fate): string => {
  switch (fate.is) {
    case 'new':
      return '';
    case 'there':
      return 'is there already';
    case 'differs':
      return `is there already, and differs in ${fate.in.join(', ').toLowerCase()}: it stays as it is`;
    case 'open':
      return fate.why;
  }
};

/** What one line comes to: what was found, the answers that it gives, and what it does not take. */
function Reading({ entry, fate }: { readonly entry: Entry; readonly fate: Fate }) {
  const how = useTelling();
  const words = fateWords(fate);
  return (
    <li className={fate.is === 'new' ? undefined : 'idle'}>
      <b>
        {entry.line}. {entry.mark === undefined ? '' : `${entry.mark}, `}
        {entry.kind === undefined ? entry.text.slice(0, 60) : kindOf(entry.kind).title}
      </b>
      {entry.area === undefined ? null : <span className="quiet"> in {entry.area}</span>}
      {words === '' ? null : <span className={fate.is === 'there' ? 'quiet' : 'care'}> {words}</span>}
      {entry.understood.length === 0 ? null : (
        <div>
          {entry.understood.map(({ ask, fact }) => (
            <span key={ask.field} className="said">
              {ask.question.replace(/\?$/, '')} <b>{tell(factSaying(ask, fact), how)}</b>
            </span>
          ))}
        </div>
      )}
      {entry.notTaken.map((n) => (
        <div key={n.text} className="care">
          ‘{n.text}’: {n.why}
        </div>
      ))}
    </li>
  );
}

/** Several defects at once, typed in lines or pasted as a table, with what was understood beside while typing. */
export function QuickEntry({ job, area, edit, onClose }: QuickEntryProps) {
  const send = useSend();
  const navigate = useNavigate();
  const { units } = useTelling();
  const key = `lines ${job.id}`;
  const text = useStore((s) => (s.drafts.forms[key]?.['text'] as string | undefined) ?? '');
  const [at] = useState(pageNow);
  const entries = useMemo(() => readEntries(text, units, at), [text, units, at]);
  const fates = useMemo(() => fatesOf(entries, job.areas, area.name), [entries, job, area]);
  // the hand is where one types
  const hand = useCallback((field: HTMLTextAreaElement | null) => field?.focus(), []);
  const making = takings(job, area, entries, fates);
  const put = (next: string) => send(next === '' ? formDone(key) : formKept({ key, values: { text: next } }));
  const make = async () => {
    const made = new Map<string, string>();
    let first: string | undefined;
    for (const taking of making) {
      const name = taking.area.toLowerCase();
      const areaId = taking.areaId ?? made.get(name) ?? edit.newArea({ name: taking.area, facts: {} });
      made.set(name, areaId);
      const id = edit.newDefect(areaId, taking.body);
      first ??= id;
    }
    send(formDone(key));
    onClose();
    if (first !== undefined) await navigate(`/jobs/${job.id}/walk/${first}`);
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="quick-title" maxWidth="md" fullWidth>
      <div style={{ padding: '16px 20px' }}>
        <h2 id="quick-title" style={{ fontSize: 20 }}>
          Several at once
        </h2>
        <p className="quiet" style={{ margin: '0 0 8px' }}>
          A line each, in any order: what was found, its sizes, answers by their words, such as <b>crack slab 4.2 m 2 5 3 mm d80 still dry</b>. A line that ends
          with a colon names the area. A table from a spreadsheet, with a column named kind, is read too.
        </p>
        <TextField
          label={`Found in ${area.name}`}
          value={text}
          multiline
          minRows={5}
          maxRows={10}
          inputRef={hand}
          onChange={(event) => {
            put(event.target.value.slice(0, 200_000));
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && making.length > 0) {
              event.preventDefault();
              void make();
            }
          }}
        />
        {entries.length === 0 ? null : (
          <ol className="readings" aria-label="What was understood">
            {entries.map((entry, i) => {
              const fate = fates[i];
              return fate ? <Reading key={entry.line} entry={entry} fate={fate} /> : null;
            })}
          </ol>
        )}
        <div style={{ display: 'flex', gap: 8, alignItems: 'center', marginTop: 10 }}>
          <PickFile
            label="CSV of defects"
            accept=".csv,text/csv,.txt"
            words="From a CSV file"
            onFile={(file) => {
              void file.text().then(put);
            }}
          />
          <span className="push" />
          <Button variant="outlined" onClick={onClose}>
            Later
          </Button>
          <Button variant="contained" disabled={making.length === 0} onClick={() => void make()}>
            {making.length === 1 ? 'Make one' : `Make ${String(making.length)}`}
            <kbd>Ctrl+Enter</kbd>
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
