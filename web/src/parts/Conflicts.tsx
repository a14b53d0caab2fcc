import { useWhen } from './when.ts';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { recordChanges, withField, type FieldChange, type RecordBody } from '@oddment/core';
import { useMemo, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { actionGone, mineAgain, type Draft } from '../state/drafts.ts';
import { dropped } from '../state/saver.ts';
import { useSend, useStore } from '../state/store.ts';
import { Say } from './Fig.tsx';

const bodyOf = (draft: Draft, body: unknown) => ({ entity: draft.entity, body }) as RecordBody;

/** Whether a field is as the person began with it: then only the others changed it. */
function untouched(draft: Draft): ReadonlySet<string> {
  if (draft.from === undefined) return new Set();
  const own = new Set(recordChanges(bodyOf(draft, draft.from), bodyOf(draft, draft.body)).map((c) => c.key));
  return new Set(recordChanges(bodyOf(draft, draft.theirs), bodyOf(draft, draft.body)).flatMap((c) => (own.has(c.key) ? [] : [c.key])));
}

function Choice({ change, mine, onMine }: { change: FieldChange; mine: boolean; onMine: (mine: boolean) => void }) {
  const side = (own: boolean, words: FieldChange['was']) => (
    <ToggleButton
      value={own}
      selected={mine === own}
      fullWidth
      size="small"
      aria-label={`${change.about}: ${own ? 'mine' : 'theirs'}`}
      onChange={() => {
        onMine(own);
      }}
    >
      <span>{words ? <Say saying={words} plain /> : 'not set'}</span>
    </ToggleButton>
  );
  return (
    <tr>
      <th scope="row">{change.about}</th>
      <td>{side(true, change.now)}</td>
      <td>{side(false, change.was)}</td>
    </tr>
  );
}

/** A draft that met another change: both side by side, and which of them counts, field by field. */
function Both({ name, draft, draftAt }: { name: string; draft: Draft; draftAt: string }) {
  const send = useSend();
  const when = useWhen();
  const changes = useMemo(() => recordChanges(bodyOf(draft, draft.theirs), bodyOf(draft, draft.body)), [draft]);
  const theirsAlone = useMemo(() => untouched(draft), [draft]);
  const [chosen, setChosen] = useState<Readonly<Record<string, boolean>>>({});
  const isMine = (key: string) => chosen[key] ?? !theirsAlone.has(key);
  const all = (mine: boolean) => {
    setChosen(Object.fromEntries(changes.map((c) => [c.key, mine])));
  };
  const keep = () => {
    const body = changes.filter((c) => !isMine(c.key)).reduce((done, { key }) => withField(done, key, draft.theirs as Draft['body']), draft.body);
    send(mineAgain({ key: draftAt, change: uuid(), body }));
  };
  return (
    <div className="notice both" role="alert">
      <p style={{ margin: 0 }}>
        <b>{name} is not saved:</b> it was changed meanwhile
        {draft.by ? ` by ${draft.by.name}, ${when(draft.by.at)}` : ''}. Both are here; choose what counts.
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Mine</th>
            <th scope="col">{draft.by ? `As ${draft.by.name} left it` : 'As it stands'}</th>
          </tr>
        </thead>
        <tbody>
          {changes.map((c) => (
            <Choice
              key={c.key}
              change={c}
              mine={isMine(c.key)}
              onMine={(mine) => {
                setChosen({ ...chosen, [c.key]: mine });
              }}
            />
          ))}
        </tbody>
      </table>
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        <Button size="small" variant="contained" onClick={keep}>
          Save what is chosen
        </Button>
        <Button
          size="small"
          variant="outlined"
          onClick={() => {
            all(true);
          }}
        >
          All mine
        </Button>
        <Button size="small" variant="outlined" onClick={() => send(dropped(draftAt))}>
          Drop mine
        </Button>
      </div>
    </div>
  );
}

function Refused({ name, message, onDrop, drop }: { name: string; message: string | undefined; onDrop: () => void; drop: string }) {
  return (
    <div className="notice" role="alert">
      <span>
        <b>{name} is not saved.</b> {message} What you typed is kept here.
      </span>
      <span className="push" />
      <Button size="small" variant="outlined" onClick={onDrop}>
        {drop}
      </Button>
    </div>
  );
}

/** What is not saved and waits for the person: refused, or met by another change; and where the browser keeps nothing. */
export function Conflicts({ jobId }: { jobId: string }) {
  const send = useSend();
  const { drafts, actions, notKept } = useStore((s) => s.drafts);
  const stuck = Object.entries(drafts).filter(([, d]) => d.jobId === jobId && (d.state === 'conflict' || d.state === 'refused'));
  const undone = Object.values(actions).filter((a) => a.state === 'refused');
  return (
    <div className="notices">
      {notKept === undefined ? null : (
        <div className="notice" role="alert">
          <b>{notKept}</b>
        </div>
      )}
      {stuck.map(([key, d]) => {
        const name = 'mark' in d.body ? d.body.mark : 'name' in d.body ? d.body.name : d.body.site;
        if (d.state === 'conflict') return <Both key={key} name={name} draft={d} draftAt={key} />;
        return <Refused key={key} name={name} message={d.message} drop="Drop mine" onDrop={() => send(dropped(key))} />;
      })}
      {undone.map((a) => (
        <Refused key={a.change} name={a.words} message={a.message} drop="Let it go" onDrop={() => send(actionGone(a.change))} />
      ))}
    </div>
  );
}
