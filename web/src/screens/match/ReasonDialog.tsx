import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import type { DefectRecord } from '@oddment/contracts';
import { type Candidate } from '@oddment/core';
import { Say } from '../../parts/Fig.tsx';
import { formDone, formKept } from '../../state/drafts.ts';
import { useSend, useStore } from '../../state/store.ts';
import { usePlace } from '../JobFrame.tsx';

interface ReasonDialogProps {
  readonly defect: DefectRecord;
  /** the one to choose against its verdict; closed where there is none */
  readonly reasoning: Candidate | undefined;
  readonly onClose: () => void;
  readonly onChosen: (candidate: Candidate) => void;
}

/** Asks why a system is chosen against its verdict; what was typed is kept until it is done. */
export function ReasonDialog({ defect, reasoning, onClose, onChosen }: ReasonDialogProps) {
  const { edit } = usePlace();
  const send = useSend();
  const reasonKey = `${defect.id} reason`;
  const kept = useStore((s) => s.drafts.forms[reasonKey]?.['reason']);
  const reason = typeof kept === 'string' ? kept : '';
  const setReason = (text: string) => send(formKept({ key: reasonKey, values: { reason: text } }));
  return (
    <Dialog
      open={reasoning !== undefined}
      onClose={() => {
        onClose();
      }}
      aria-labelledby="reason-title"
      fullWidth
      maxWidth="sm"
    >
      <form
        style={{ padding: '18px 20px', display: 'grid', gap: 12 }}
        onSubmit={(event) => {
          event.preventDefault();
          if (!reasoning || reason.trim().length < 3) return;
          edit.defect(defect, { choice: { system: reasoning.system.id, reason: reason.trim() } });
          onClose();
          send(formDone(reasonKey));
          onChosen(reasoning);
        }}
      >
        <h2 id="reason-title" style={{ fontSize: 18 }}>
          Choose {reasoning?.system.title} all the same
        </h2>
        <p style={{ margin: 0 }}>
          {reasoning?.against.map((v) => (
            <span key={`${v.of ?? ''} ${v.rule}`}>
              <b>{v.title}:</b> <Say saying={v.reason()} plain />.{' '}
            </span>
          ))}{' '}
          The reason is kept with the repair and printed on its sheet. Stops still hold.
        </p>
        <TextField
          label="Reason"
          value={reason}
          onChange={(event) => {
            setReason(event.target.value.slice(0, 500));
          }}
          helperText="A few words: why it is right here."
          multiline
        />
        <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
          <Button
            variant="outlined"
            onClick={() => {
              onClose();
            }}
          >
            Cancel
          </Button>
          <Button variant="contained" type="submit" disabled={reason.trim().length < 3}>
            Choose
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
