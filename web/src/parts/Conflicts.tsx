import Button from '@mui/material/Button';
import { v4 as uuid } from 'uuid';
import { draftKey, mineAgain } from '../state/drafts.ts';
import { dropped } from '../state/saver.ts';
import { useSend, useStore } from '../state/store.ts';

/** Drafts the server refused or that met another change: what is wrong, and what can be done. */
export function Conflicts({ jobId }: { jobId: string }) {
  const send = useSend();
  const drafts = useStore((s) => s.drafts.drafts);
  const stuck = Object.values(drafts).filter((d) => d.jobId === jobId && (d.state === 'conflict' || d.state === 'refused'));
  return stuck.map((d) => {
    const key = draftKey(d.entity, d.id);
    const name = 'mark' in d.body ? d.body.mark : 'name' in d.body ? d.body.name : d.body.site;
    return (
      <div className="notice" role="alert" key={key}>
        <span>
          <b>{name} is not saved.</b> {d.message} What you typed is kept here.
        </span>
        <span className="push" />
        {d.state === 'conflict' ? (
          <Button size="small" variant="outlined" onClick={() => send(mineAgain({ key, change: uuid() }))}>
            Save mine over it
          </Button>
        ) : null}
        <Button size="small" variant="outlined" onClick={() => send(dropped(key))}>
          Drop mine
        </Button>
      </div>
    );
  });
}
